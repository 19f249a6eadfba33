import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, told, type HeadView } from '@/api/client'
import { Button } from '@/kit/Button'
import { ChoiceField, SwitchField, NumberField } from '@/kit/Field'
import { FoldLine } from '@/kit/FoldLine'
import { Sheet } from '@/kit/Sheet'
import { SchoolFields } from '@/places/heads/SchoolFields'
import type { Wish } from './wish'
import { airs, heats, layerings, stretches } from './words'
import { allFields as said } from './words'
import { Rich } from '@/kit/texts'

/** The plain list of fields behind the sentence. */
export function AllFields({
  wish,
  head,
  open,
  onClose,
  onChange,
}: {
  wish: Wish
  head: HeadView
  open: boolean
  onClose: () => void
  onChange: (next: Partial<Wish>) => void
}) {
  return (
    <Sheet title={said.optionsForThisDay} open={open} onClose={onClose}>
      <div className="mt-5 grid gap-4 sm:grid-cols-2">
        <ChoiceField
          label={said.heatForTreatments}
          value={wish.treatmentHeat ?? 'own'}
          choices={heats}
          onChoose={(heat) => onChange({ treatmentHeat: heat === 'own' ? null : heat })}
        />
        <ChoiceField
          label={said.drying}
          value={wish.dryingAir ?? 'still'}
          choices={airs}
          onChoose={(dryingAir) => onChange({ dryingAir })}
        />
        <ChoiceField
          label={said.layers}
          value={wish.layering ?? 'own'}
          choices={layerings}
          onChoose={(layering) => onChange({ layering: layering === 'own' ? null : layering })}
        />
        <NumberField
          label={said.sections}
          min={2}
          max={24}
          placeholder={said.asUsualForThisHead}
          whole
          value={wish.sections}
          onChange={(sections) => onChange({ sections })}
        />
      </div>
      <div className="mt-4 grid gap-2">
        <ChoiceField
          label={said.stretchTestOnAWet}
          value={wish.stretch ?? 'none'}
          choices={stretches}
          hint={said.decidesBetweenProteinAndMoisture}
          onChoose={(stretch) => onChange({ stretch: stretch === 'none' ? null : stretch })}
        />
        <SwitchField
          label={said.bedtimeFollows}
          hint={said.addsAScarfLocsAnd}
          checked={wish.endsInBed ?? false}
          onChange={(endsInBed) => onChange({ endsInBed })}
        />
      </div>
      <details className="mt-4 border-t border-rule pt-2">
        <FoldLine>{wish.schools ? said.schoolsChanged : said.schoolsOfHead({ name: head.head.name })}</FoldLine>
        <div className="mt-2 grid gap-4 sm:grid-cols-2">
          <SchoolFields
            schools={wish.schools ?? head.head.schools ?? {}}
            kind={head.kind}
            onChange={(schools) => onChange({ schools })}
          />
        </div>
        <SchoolChanges wish={wish} />
        {wish.schools && (
          <Button tone="quiet" className="mt-2" onClick={() => onChange({ schools: null })}>
            {said.useNameSOwn({ name: head.head.name })}
          </Button>
        )}
      </details>
      <p className="mt-6 border-t border-rule pt-4">
        <Rich
          of={said.roomAndEquipment}
          parts={{
            household: (
              <Link to="/household" className="underline decoration-2 underline-offset-4 hover:no-underline">
                {said.thisHousehold}
              </Link>
            ),
          }}
        />
      </p>
    </Sheet>
  )
}

/** What the day's schools change against the head's own: order, time and quantity, and why. */
function SchoolChanges({ wish }: { wish: Wish }) {
  const changes = useQuery({
    queryKey: ['plan', 'schools', wish],
    queryFn: () => told(api.POST('/api/plans/school-changes', { body: wish })),
    enabled: !!wish.schools,
    placeholderData: keepPreviousData,
    retry: false,
  })
  if (!wish.schools || !changes.data || changes.data.switched.length === 0) return null
  return (
    <div className="mt-4 border-l-4 border-strand pl-4" aria-live="polite" data-school-changes>
      <h4 className="font-semibold">{said.whatThatChanges}</h4>
      <ul>
        {changes.data.switched.map((each) => (
          <li key={each.question} className="mt-1">
            <Rich
              of={said.switched}
              parts={{
                ask: each.ask,
                to: <span className="font-semibold">{each.to}</span>,
                from: each.from,
                reason: <span className="text-quiet">{each.reason}</span>,
              }}
            />
          </li>
        ))}
      </ul>
      <ul className="mt-2">
        {changes.data.sentences.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
    </div>
  )
}
