import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told, type EventBody, type SessionView } from '@/api/client'
import { clock } from '@/app/time'
import { Button } from '@/kit/Button'
import { TextField } from '@/kit/Field'
import { Sheet } from '@/kit/Sheet'

/** How warm, how much: from the probe and the scale, or by hand. */
export function ReadingSheet({
  session,
  task,
  open,
  onClose,
  onTake,
}: {
  session: SessionView
  /** The task in hand. */
  task: string | null
  open: boolean
  onClose: () => void
  onTake: (event: Omit<EventBody, 'id'>) => void
}) {
  return (
    <Sheet title="A reading" open={open} onClose={onClose}>
      <Row
        label="How warm"
        unit="°C"
        source="From the probe"
        without="The probe is in nothing; put it in under Shelf, Is it warm."
        read={() => told(api.GET('/api/probe')).then((probe) => probe.celsius)}
        onKeep={(value) => onTake({ kind: 'reading', reading: 'celsius', value, task })}
      />
      <Row
        label="How much"
        unit="g"
        source="From the scale"
        without="Nothing is on the scale."
        read={() => told(api.GET('/api/scale')).then((scale) => scale.grams)}
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
  unit,
  source,
  without,
  read,
  onKeep,
}: {
  label: string
  unit: string
  source: string
  without: string
  read: () => Promise<number | null | undefined>
  onKeep: (value: number) => void
}) {
  const [text, setText] = useState('')
  const asked = useQuery({
    queryKey: ['reading', label],
    queryFn: () => read().then((value) => value ?? null),
    enabled: false,
    gcTime: 0,
  })
  const value = Number(text.replace(',', '.'))
  return (
    <form
      className="mt-4 border-t border-rule pt-3"
      onSubmit={(event) => {
        event.preventDefault()
        if (text === '' || Number.isNaN(value)) return
        onKeep(value)
        setText('')
      }}
    >
      <div className="grid grid-cols-[1fr_auto_auto] items-end gap-2">
        <TextField
          label={label}
          unit={unit}
          inputMode="decimal"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <Button
          className="min-h-16"
          onClick={() =>
            void asked.refetch().then((got) => {
              if (got.data != null) setText(String(got.data))
            })
          }
        >
          {source}
        </Button>
        <Button
          type="submit"
          tone="main"
          className="min-h-16"
          aria-label={`Keep ${label.toLowerCase()} it is`}
          disabled={text === '' || Number.isNaN(value)}
        >
          Keep
        </Button>
      </div>
      {asked.isFetched && asked.data === null && <p className="mt-1 text-quiet">{without}</p>}
    </form>
  )
}
