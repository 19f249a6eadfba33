import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, Refused, told, type HeadView, type HouseholdBody } from '@/api/client'
import { useChangeHousehold, useHousehold } from '@/app/household'
import { Button } from '@/kit/Button'
import { ChoiceField, SwitchField, TextField } from '@/kit/Field'
import { FoldLine } from '@/kit/FoldLine'
import { Sheet } from '@/kit/Sheet'
import { Trouble } from '@/kit/Trouble'
import { SchoolFields } from '@/places/heads/SchoolFields'
import type { Wish } from './wish'
import { airs, clocks, heats, layerings, stretches } from './words'
import { allFields as said } from './words'
import { Rich } from '@/kit/texts'

/** The plain list of fields behind the sentence, and the house they are planned in. */
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
  const { data } = useHousehold()
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
        <TextField
          label={said.sections}
          type="number"
          min={2}
          max={24}
          placeholder={said.asUsualForThisHead}
          value={wish.sections ?? ''}
          onChange={(event) =>
            onChange({ sections: event.target.value ? Math.round(Number(event.target.value)) : null })
          }
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
      {data && <HouseFields key={JSON.stringify(data.house)} house={data.house} />}
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

function HouseFields({ house }: { house: HouseholdBody }) {
  const [draft, setDraft] = useState(house)
  const change = useChangeHousehold()
  const errors = change.error instanceof Refused ? change.error.fields : {}
  const number = (
    label: string,
    field: 'roomCelsius' | 'humidityPercent' | 'pairsOfHands' | 'showers' | 'stoves' | 'hoods' | 'steamers',
    unit?: string,
  ) => (
    <TextField
      label={label}
      type="number"
      step={field === 'roomCelsius' ? 0.5 : 1}
      {...(unit && { unit })}
      value={Number.isNaN(draft[field]) ? '' : draft[field]}
      error={errors[field]?.[0]}
      onChange={(event) => setDraft({ ...draft, [field]: event.target.valueAsNumber })}
    />
  )
  return (
    <form
      className="mt-8 border-t border-rule pt-5"
      onSubmit={(event) => {
        event.preventDefault()
        change.mutate(draft)
      }}
    >
      <h3 className="text-lg font-semibold">{said.theHousehold}</h3>
      <p className="text-sm text-quiet">{said.roomAirDecidesHowLong}</p>
      <div className="mt-3 grid grid-cols-2 gap-4">
        {number(said.room, 'roomCelsius', '°C')}
        {number(said.humidity, 'humidityPercent', '%')}
        {number(said.pairsOfHands, 'pairsOfHands')}
        {number(said.showersOrBasins, 'showers')}
        {number(said.stovePlates, 'stoves')}
        {number(said.hoods, 'hoods')}
        {number(said.steamers, 'steamers')}
        <ChoiceField
          label={said.times}
          value={draft.clock ?? 'twentyFourHours'}
          choices={clocks}
          onChoose={(clock) => setDraft({ ...draft, clock })}
        />
        <TextField
          label={said.timeZone}
          value={draft.timeZone}
          error={errors.timeZone?.[0]}
          onChange={(event) => setDraft({ ...draft, timeZone: event.target.value })}
        />
      </div>
      {change.error && Object.keys(errors).length === 0 && <Trouble error={change.error} />}
      <Button type="submit" className="mt-4" disabled={change.isPending}>
        {said.saveForThisHousehold}
      </Button>
    </form>
  )
}
