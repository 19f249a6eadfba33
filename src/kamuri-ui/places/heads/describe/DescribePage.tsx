import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api, told } from '@/api/client'
import { DensityPatch, StrandPatch } from '@/drawings/figure/HairPatch'
import { Button } from '@/kit/Button'
import { ManyField, TextField } from '@/kit/Field'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { useWrongFields } from '@/kit/wrongFields'
import { firstWear } from '../WearFields'
import { ages, densities, kinds, strands } from '../words'
import { blank, keptDraft, type Draft } from './draft'
import { LengthQuestion } from './LengthQuestion'
import { PictureField } from './PictureField'
import { describe as words, neverWords } from './words'

/** A new head in five answers. Everything else has a default, and is asked when it matters. */
export function DescribePage() {
  const [draft, setDraft] = useState<Draft>(() => keptDraft.read() ?? blank)
  const navigate = useNavigate()
  const queries = useQueryClient()
  const change = (next: Partial<Draft>) => {
    const whole = { ...draft, ...next }
    keptDraft.write(whole)
    setDraft(whole)
  }
  const save = useMutation({
    mutationFn: () => told(api.POST('/api/heads/described', { body: bodyOf(draft) })),
    onSuccess: async (head) => {
      keptDraft.drop()
      await queries.invalidateQueries()
      void navigate(`/today?head=${head.id}`)
    },
  })
  const errors = useWrongFields(save.error)
  return (
    <form
      noValidate
      className="mt-5"
      onSubmit={(event) => {
        event.preventDefault()
        save.mutate()
      }}
    >
      <PageHeading>{words.whoseHairIsIt}</PageHeading>
      <p className="mt-1 max-w-2xl text-lg text-quiet">{words.fiveAnswers}</p>
      <div className="mt-5 grid gap-x-14 gap-y-6 lg:grid-cols-[1fr_24rem] lg:grid-rows-[auto_1fr]">
        <div className="grid content-start gap-6">
          <div className="flex flex-wrap gap-x-10 gap-y-6 [&>:first-child]:w-full [&>:first-child]:max-w-80">
            <TextField
              label={words.name}
              value={draft.name}
              autoComplete="off"
              error={errors.name?.[0]}
              onChange={(event) => change({ name: event.target.value })}
            />
            <PictureField
              label={words.age}
              value={draft.ageGroup}
              choices={ages}
              onChoose={(ageGroup) => change({ ageGroup })}
            />
          </div>
          <PictureField
            label={words.keptAs}
            value={draft.keptAs}
            choices={kinds}
            onChoose={(keptAs) => change({ keptAs })}
          />
        </div>
        <div className="lg:row-span-2">
          <LengthQuestion draft={draft} errors={errors} onChange={change} />
        </div>
        <div className="grid content-start gap-6">
          <div className="flex flex-wrap gap-x-10 gap-y-6">
            <PictureField
              label={words.density}
              value={draft.density}
              choices={densities}
              picture={(density) => <DensityPatch density={density} />}
              onChoose={(density) => change({ density })}
            />
            <PictureField
              label={words.strand}
              value={draft.strand}
              choices={strands}
              picture={(strand) => <StrandPatch strand={strand} />}
              onChoose={(strand) => change({ strand })}
            />
          </div>
          <div>
            <ManyField
              label={words.mustNeverTouch}
              values={draft.never}
              choices={neverWords}
              onChange={(never) => change({ never })}
            />
            <div className="mt-2 max-w-md">
              <TextField
                label={words.anythingElse}
                hint={words.separatedByCommas}
                value={draft.neverElse}
                error={errors.sensitivities?.[0] ?? errors['sensitivities[0]']?.[0]}
                onChange={(event) => change({ neverElse: event.target.value })}
              />
            </div>
          </div>
        </div>
      </div>
      {save.error && Object.keys(errors).length === 0 && <Trouble error={save.error} />}
      <div className="sticky bottom-0 mt-6 flex flex-wrap items-center gap-3 border-t border-rule bg-paper py-3">
        <Button type="submit" tone="main" disabled={save.isPending}>
          {words.saveAndPlan}
        </Button>
        {Object.keys(errors).length > 0 && (
          <p role="alert" className="text-stop">
            {words.notSavedYet}
          </p>
        )}
      </div>
    </form>
  )
}

const bodyOf = ({ name, ageGroup, keptAs, landmark, crownCm, density, strand, never, neverElse }: Draft) => ({
  name,
  ageGroup,
  wear: firstWear[keptAs],
  landmark,
  crownCm,
  density,
  strand,
  sensitivities: [
    ...never,
    ...neverElse
      .split(',')
      .map((each) => each.trim())
      .filter(Boolean),
  ],
})
