import { useState } from 'react'
import { Refused, type HouseholdBody } from '@/api/client'
import { useChangeHousehold, useHousehold } from '@/app/household'
import { Button } from '@/kit/Button'
import { ChoiceField, TextField } from '@/kit/Field'
import { Sheet } from '@/kit/Sheet'
import { Trouble } from '@/kit/Trouble'
import type { Wish } from './wish'
import { airs, heats, layerings } from './words'

/** The plain list of fields behind the sentence, and the house they are planned in. */
export function AllFields({
  wish,
  open,
  onClose,
  onChange,
}: {
  wish: Wish
  open: boolean
  onClose: () => void
  onChange: (next: Partial<Wish>) => void
}) {
  const { data } = useHousehold()
  return (
    <Sheet title="How this day is done" open={open} onClose={onClose}>
      <div className="mt-5 grid gap-4 sm:grid-cols-2">
        <ChoiceField
          label="Treatments work with"
          value={wish.treatmentHeat ?? 'cap'}
          choices={heats}
          onChoose={(treatmentHeat) => onChange({ treatmentHeat })}
        />
        <ChoiceField
          label="Hair dries in"
          value={wish.dryingAir ?? 'still'}
          choices={airs}
          onChoose={(dryingAir) => onChange({ dryingAir })}
        />
        <ChoiceField
          label="Layers"
          value={wish.layering ?? 'own'}
          choices={layerings}
          onChoose={(layering) => onChange({ layering: layering === 'own' ? null : layering })}
        />
        <TextField
          label="Sections"
          type="number"
          min={2}
          max={24}
          placeholder="by the head"
          value={wish.sections ?? ''}
          onChange={(event) =>
            onChange({ sections: event.target.value ? Math.round(Number(event.target.value)) : null })
          }
        />
      </div>
      {data && <HouseFields key={JSON.stringify(data.house)} house={data.house} />}
    </Sheet>
  )
}

function HouseFields({ house }: { house: HouseholdBody }) {
  const [draft, setDraft] = useState(house)
  const change = useChangeHousehold()
  const errors = change.error instanceof Refused ? change.error.fields : {}
  const number = (
    label: string,
    field: 'roomCelsius' | 'humidityPercent' | 'pairsOfHands' | 'hoods' | 'steamers',
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
      <h3 className="text-lg font-semibold">The house</h3>
      <p className="text-sm text-quiet">Room air decides how long hair takes to dry.</p>
      <div className="mt-3 grid grid-cols-2 gap-4">
        {number('Room', 'roomCelsius', '°C')}
        {number('Humidity', 'humidityPercent', '%')}
        {number('Pairs of hands', 'pairsOfHands')}
        {number('Hoods', 'hoods')}
        {number('Steamers', 'steamers')}
        <TextField
          label="Time zone"
          value={draft.timeZone}
          error={errors.timeZone?.[0]}
          onChange={(event) => setDraft({ ...draft, timeZone: event.target.value })}
        />
      </div>
      {change.error && Object.keys(errors).length === 0 && <Trouble error={change.error} />}
      <Button type="submit" className="mt-4" disabled={change.isPending}>
        Keep the house like this
      </Button>
    </form>
  )
}
