import { PageHeading } from '@/kit/PageHeading'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told } from '@/api/client'
import { Button } from '@/kit/Button'
import { AreaField } from '@/kit/Field'
import { ChoiceWord } from '@/kit/Word'
import { LabelFindings } from './LabelFindings'
import { labelsPage as words, shelfPlace } from './words'
import { Rich } from '@/kit/texts'

const nobody = 'nobody'

/** Shelf, read a label: paste an ingredient list, or two to hold side by side. */
export function LabelsPage() {
  const heads = useQuery({ queryKey: ['heads'], queryFn: () => told(api.GET('/api/heads')) })
  const living = heads.data?.filter((head) => !head.archived) ?? []
  const [headId, setHead] = useState<string | null>(null)
  const chosen = headId ?? living[0]?.id ?? nobody
  const [labels, setLabels] = useState([''])
  return (
    <section className="mt-2">
      <PageHeading title={shelfPlace.labelReader}>
        <Rich
          of={words.doesItSuit}
          parts={{
            head: (
              <ChoiceWord
                label={words.head}
                value={chosen}
                choices={[
                  ...living.map((head) => ({ value: head.id, word: head.head.name })),
                  { value: nobody, word: words.anyone },
                ]}
                onChoose={setHead}
              />
            ),
          }}
        />
      </PageHeading>
      <div className={`mt-4 grid gap-8 ${labels.length > 1 ? 'lg:grid-cols-2' : 'max-w-4xl'}`}>
        {labels.map((text, n) => (
          <div key={n}>
            <AreaField
              label={n === 0 ? words.ingredientList : words.secondIngredientList}
              hint={words.copyItFromThePack}
              value={text}
              onChange={(event) => setLabels(labels.map((each, at) => (at === n ? event.target.value : each)))}
            />
            {text.trim() && (
              <div className="mt-4">
                <LabelFindings text={text} headId={chosen === nobody ? null : chosen} />
              </div>
            )}
          </div>
        ))}
      </div>
      <p className="mt-4">
        {labels.length === 1 ? (
          <Button onClick={() => setLabels([...labels, ''])}>{words.compareWithAnother}</Button>
        ) : (
          <Button tone="quiet" onClick={() => setLabels(labels.slice(0, 1))}>
            {words.removeTheSecond}
          </Button>
        )}
      </p>
    </section>
  )
}
