import { useWrongFields } from '@/kit/wrongFields'
import { useEffect, useState, type ReactNode } from 'react'
import { useLocation } from 'react-router'
import { type HouseholdBody } from '@/api/client'
import { useChangeHousehold, useHousehold } from '@/app/household'
import { styleOfBrowser, type WritingStyle } from '@/app/style'
import { Button } from '@/kit/Button'
import { ChoiceField, NumberField, TextField } from '@/kit/Field'
import { PageHeading } from '@/kit/PageHeading'
import { YourData } from '@/places/data/YourData'
import { Trouble } from '@/kit/Trouble'
import { TemperatureField } from '@/kit/TypedField'
import { amounts, clocks, cups, firstDays, householdPage as words, lengths, temperatures } from './words'

/** How figures are written here, the air of the room, and what stands in the house. */
export function HouseholdPage() {
  const { data } = useHousehold()
  const { hash } = useLocation()
  const isThere = !!data
  useEffect(() => {
    if (isThere && hash) document.querySelector(hash)?.scrollIntoView()
  }, [hash, isThere])
  return (
    <section className="mt-5">
      <PageHeading>{words.thisHousehold}</PageHeading>
      {data && <HouseFields key={JSON.stringify(data.house)} house={data.house} />}
      <YourData />
    </section>
  )
}

type Counted = 'humidityPercent' | 'pairsOfHands' | 'showers' | 'stoves' | 'hoods' | 'steamers'

function HouseFields({ house }: { house: HouseholdBody }) {
  const [draft, setDraft] = useState(house)
  const change = useChangeHousehold()
  const errors = useWrongFields(change.error)
  const style = draft.writing ?? styleOfBrowser()
  const write = (next: Partial<WritingStyle>) => setDraft({ ...draft, writing: { ...style, ...next } })
  const count = (label: string, field: Counted, unit?: string) => (
    <NumberField
      label={label}
      {...(unit && { unit })}
      value={draft[field]}
      error={errors[field]?.[0]}
      onChange={(value) => setDraft({ ...draft, [field]: value ?? NaN })}
    />
  )
  return (
    <form
      noValidate
      className="max-w-4xl"
      onSubmit={(event) => {
        event.preventDefault()
        change.mutate(draft)
      }}
    >
      <Part title={words.writing}>
        <ChoiceField label={words.times} value={style.clock} choices={clocks} onChoose={(clock) => write({ clock })} />
        <ChoiceField
          label={words.firstDay}
          value={style.firstDayOfWeek}
          choices={firstDays}
          onChoose={(firstDayOfWeek) => write({ firstDayOfWeek })}
        />
        <ChoiceField
          label={words.lengths}
          value={style.lengths}
          choices={lengths}
          onChoose={(next) => write({ lengths: next })}
        />
        <ChoiceField
          label={words.temperatures}
          value={style.temperatures}
          choices={temperatures}
          onChoose={(next) => write({ temperatures: next })}
        />
        <ChoiceField
          label={words.amounts}
          value={style.amounts}
          choices={amounts}
          onChoose={(next) => write({ amounts: next })}
        />
        <ChoiceField label={words.cup} value={style.cup} choices={cups} onChoose={(cup) => write({ cup })} />
        <TextField
          label={words.currency}
          hint={words.currencyHint}
          maxLength={3}
          autoComplete="off"
          value={style.currency}
          error={errors['writing.currency']?.[0]}
          onChange={(event) => write({ currency: event.target.value.toUpperCase() })}
        />
        <TextField
          label={words.timeZone}
          value={draft.timeZone}
          error={errors.timeZone?.[0]}
          onChange={(event) => setDraft({ ...draft, timeZone: event.target.value })}
        />
      </Part>
      <Part title={words.theRoom} note={words.roomAirDecidesHowLong}>
        <TemperatureField
          label={words.room}
          value={draft.roomCelsius}
          error={errors.roomCelsius?.[0]}
          onChange={(value) => setDraft({ ...draft, roomCelsius: value ?? Number.NaN })}
        />
        {count(words.humidity, 'humidityPercent', '%')}
      </Part>
      <Part title={words.equipment}>
        {count(words.pairsOfHands, 'pairsOfHands')}
        {count(words.showersOrBasins, 'showers')}
        {count(words.stovePlates, 'stoves')}
        {count(words.hoods, 'hoods')}
        {count(words.steamers, 'steamers')}
      </Part>
      {change.error && Object.keys(errors).length === 0 && <Trouble error={change.error} />}
      <div className="mt-6 flex items-center gap-4">
        <Button type="submit" tone="main" disabled={change.isPending}>
          {words.save}
        </Button>
        <span role="status">{JSON.stringify(draft) === JSON.stringify(house) && words.saved}</span>
      </div>
    </form>
  )
}

function Part({ title, note, children }: { title: string; note?: string; children: ReactNode }) {
  return (
    <section className="mt-6 border-t border-rule pt-4" aria-label={title}>
      <h2 className="text-xl font-semibold">{title}</h2>
      {note && <p className="text-quiet">{note}</p>}
      <div className="mt-3 grid grid-cols-1 gap-4 sm:grid-cols-2">{children}</div>
    </section>
  )
}
