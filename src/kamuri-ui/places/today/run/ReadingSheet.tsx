import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told, type EventBody, type SessionView } from '@/api/client'
import { clock } from '@/app/time'
import { Button } from '@/kit/Button'
import { NumberField } from '@/kit/Field'
import { TemperatureField } from '@/kit/TypedField'
import { Sheet } from '@/kit/Sheet'
import { ChoiceWord } from '@/kit/Word'
import { readingSheet as words } from './words'
import { Rich } from '@/kit/texts'

/** How warm, how much: from the probe and the scale, or by hand. */
export function ReadingSheet({
  session,
  now,
  task,
  open,
  onClose,
  onTake,
}: {
  session: SessionView
  /** By the session's clock. */
  now: number
  /** The task in hand. */
  task: string | null
  open: boolean
  onClose: () => void
  onTake: (event: Omit<EventBody, 'id'>) => void
}) {
  const [chosen, setChosen] = useState<string | null>(null)
  const cooling = session.tasks.filter((each) => each.cools && each.status === 'running')
  const inHand = session.tasks.find((each) => each.id === task)
  // What cools is what a thermometer is fetched for, unless somebody says otherwise.
  const of = chosen === '' ? undefined : (cooling.find((each) => each.id === chosen) ?? cooling[0])
  const weighs = session.steps.find((step) => step.id === inHand?.step)?.weighsMl ?? 0
  return (
    <Sheet title={words.reading} open={open} onClose={onClose}>
      {cooling.length > 0 && (
        <p className="mt-2 text-lg">
          <Rich
            of={words.temperatureIsFor}
            parts={{
              what: (
                <ChoiceWord
                  tall
                  small
                  label={words.whatTheTemperatureIsFor}
                  value={of?.id ?? ''}
                  choices={[
                    ...cooling.map((each) => ({ value: each.id, word: each.title })),
                    { value: '', word: words.somethingElse },
                  ]}
                  onChoose={setChosen}
                />
              ),
            }}
          />
        </p>
      )}
      <Row
        key={of?.id ?? ''}
        label={words.howWarm}
        isTemperature
        source={words.fromTheProbe}
        without={words.theProbeIsNotIn}
        read={() =>
          told(
            of?.cools
              ? api.PUT('/api/probe', {
                  body: {
                    on: true,
                    vessel: of.cools.vessel,
                    volumeMl: of.cools.volumeMl,
                    fromCelsius: of.cools.fromCelsius,
                    speed: 1,
                    stoodMinutes: Math.max(0, (now - Date.parse(of.start)) / 60_000),
                  },
                })
              : api.GET('/api/probe'),
          ).then((probe) => probe.celsius)
        }
        onKeep={(value) => onTake({ kind: 'reading', reading: 'celsius', value, task: of?.id ?? task })}
      />
      <Row
        label={words.howMuch}
        source={words.fromTheScale}
        without={words.theScaleIsEmpty}
        read={() =>
          told(api.GET('/api/scale', { params: { query: { about: weighs || undefined } } })).then(
            (scale) => scale.grams,
          )
        }
        onKeep={(value) => onTake({ kind: 'reading', reading: 'grams', value, task })}
      />
      <ul className="mt-4" aria-live="polite" data-readings>
        {session.readings
          .slice(-4)
          .reverse()
          .map((reading) => (
            <li key={reading.at} className={`border-b border-rule py-2 text-lg ${reading.warns ? 'text-stop' : ''}`}>
              <span className="text-quiet">{clock(reading.at)}</span> {reading.sentence}
            </li>
          ))}
      </ul>
    </Sheet>
  )
}

function Row({
  label,
  isTemperature = false,
  source,
  without,
  read,
  onKeep,
}: {
  label: string
  isTemperature?: boolean
  source: string
  without: string
  read: () => Promise<number | null | undefined>
  onKeep: (value: number) => void
}) {
  const [value, setValue] = useState<number | null>(null)
  const asked = useQuery({
    queryKey: ['reading', label],
    queryFn: () => read().then((value) => value ?? null),
    enabled: false,
    gcTime: 0,
  })
  return (
    <form
      className="mt-4 border-t border-rule pt-3"
      onSubmit={(event) => {
        event.preventDefault()
        if (value === null || Number.isNaN(value)) return
        onKeep(value)
        setValue(null)
      }}
    >
      <div className="grid grid-cols-2 items-end gap-2 sm:grid-cols-[1fr_auto_auto]">
        <div className="col-span-2 sm:col-span-1">
          {isTemperature ? (
            <TemperatureField label={label} value={value} onChange={setValue} />
          ) : (
            <NumberField label={label} unit="g" value={value} onChange={setValue} />
          )}
        </div>
        <Button
          className="min-h-16"
          onClick={() =>
            void asked.refetch().then((got) => {
              if (got.data != null) setValue(got.data)
            })
          }
        >
          {source}
        </Button>
        <Button type="submit" tone="main" className="min-h-16" aria-label={words.saveReading({ label })}>
          {words.save}
        </Button>
      </div>
      {asked.isFetched && asked.data === null && <p className="mt-1 text-quiet">{without}</p>}
    </form>
  )
}
