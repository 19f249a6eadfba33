import { CalendarDays } from 'lucide-react'
import { Popover } from 'radix-ui'
import { useEffect, useEffectEvent, useRef, useState, type ReactNode } from 'react'
import { DayPicker } from 'react-day-picker'
import { flushSync } from 'react-dom'
import { api, Refused, told } from '@/api/client'
import { useStyle, writtenAmount, writtenLength, writtenTemperature, writtenTime } from '@/app/style'
import { fieldDate } from '@/app/time'
import { TextField } from './Field'
import { typedField as words } from './words'

type Kind = 'time' | 'date' | 'length' | 'temperature' | 'amount'

interface Common {
  label: string
  hint?: string | undefined
  error?: string | undefined
  placeholder?: string | undefined
}

/**
 * A field that reads what people type, when it is left and not before. It says what was understood by writing it as the household does.
 * A form is not sent before what stands in it has been read.
 */
function TypedField({
  kind,
  shown,
  onRead,
  beside,
  error,
  ...rest
}: Common & {
  kind: Kind
  /** The present value, as the household writes it; empty for none. */
  shown: string
  onRead: (value: string) => void
  beside?: ReactNode
}) {
  const [typed, setTyped] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const newest = useRef('')
  const input = useRef<HTMLInputElement>(null)

  /** Reads what stands there; whether there is nothing wrong with it. */
  const read = async (text: string) => {
    newest.current = text
    const { value, wrong } = text.trim() === '' ? nothing : await understood(kind, text)
    if (newest.current !== text) return true
    flushSync(() => {
      setWrong(wrong ?? null)
      if (value === null) return
      onRead(value)
      setTyped(null)
    })
    return value !== null
  }

  const hold = useEffectEvent((event: SubmitEvent) => {
    if (typed === null) return
    event.preventDefault()
    event.stopImmediatePropagation()
    const form = event.target as HTMLFormElement
    void read(typed).then((isRead) => {
      if (isRead) form.requestSubmit(event.submitter)
      else input.current?.focus()
    })
  })
  useEffect(() => {
    const form = input.current?.form
    const listen = (event: SubmitEvent) => hold(event)
    form?.addEventListener('submit', listen, true)
    return () => form?.removeEventListener('submit', listen, true)
  }, [])

  return (
    <TextField
      {...rest}
      ref={input}
      value={typed ?? shown}
      error={wrong ?? error}
      autoComplete="off"
      beside={beside}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={() => typed !== null && void read(typed)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' || typed === null || event.currentTarget.form) return
        event.preventDefault()
        void read(typed)
      }}
    />
  )
}

const nothing = { value: '', wrong: null }

const understood = (kind: Kind, text: string) =>
  told(api.GET('/api/typed/{kind}', { params: { path: { kind }, query: { text } } })).catch((refused: unknown) => ({
    value: null,
    wrong: refused instanceof Refused ? refused.message : words.cannotRead,
  }))

/** A time of day: "18:00:00", empty when there is none. */
export function TimeField({ value, onChange, ...rest }: Common & { value: string; onChange: (value: string) => void }) {
  const { clock } = useStyle()
  return (
    <TypedField
      kind="time"
      placeholder={words.examples.time[clock]}
      {...rest}
      shown={value && writtenTime(value.slice(0, 5))}
      onRead={onChange}
    />
  )
}

const number = (value: string) => (value === '' ? null : Number(value))

/** A length in centimetres; null when there is none. */
export function LengthField({
  value,
  onChange,
  ...rest
}: Common & { value: number | null; onChange: (value: number | null) => void }) {
  const { lengths } = useStyle()
  return (
    <TypedField
      kind="length"
      placeholder={words.examples.length[lengths]}
      {...rest}
      shown={value === null || Number.isNaN(value) ? '' : writtenLength(value)}
      onRead={(read) => onChange(number(read))}
    />
  )
}

/** A temperature in °C; null when there is none. */
export function TemperatureField({
  value,
  onChange,
  ...rest
}: Common & { value: number | null; onChange: (value: number | null) => void }) {
  const { temperatures } = useStyle()
  return (
    <TypedField
      kind="temperature"
      placeholder={words.examples.temperature[temperatures]}
      {...rest}
      shown={value === null || Number.isNaN(value) ? '' : writtenTemperature(value, 1)}
      onRead={(read) => onChange(number(read))}
    />
  )
}

/** An amount in millilitres; null when there is none. */
export function AmountField({
  value,
  onChange,
  ...rest
}: Common & { value: number | null; onChange: (value: number | null) => void }) {
  return (
    <TypedField
      kind="amount"
      placeholder={words.examples.amount}
      {...rest}
      shown={value === null || Number.isNaN(value) ? '' : writtenAmount(value)}
      onRead={(read) => onChange(number(read))}
    />
  )
}

const weekdays = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'] as const
const iso = (date: Date) =>
  `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}`
const local = (date: string) => new Date(`${date}T00:00:00`)

/** A day, typed or picked: "2026-12-05"; null when there is none. */
export function DateField({
  value,
  onChange,
  ...rest
}: Common & { value: string | null; onChange: (value: string | null) => void }) {
  const { firstDayOfWeek } = useStyle()
  const [open, setOpen] = useState(false)
  return (
    <TypedField
      kind="date"
      placeholder={words.examples.date}
      {...rest}
      shown={value ? fieldDate(value) : ''}
      onRead={(read) => onChange(read || null)}
      beside={
        <Popover.Root open={open} onOpenChange={setOpen}>
          <Popover.Trigger
            aria-label={words.openCalendar({ label: rest.label })}
            className="absolute inset-y-0 right-0 flex w-12 items-center justify-center text-quiet hover:text-ink"
          >
            <CalendarDays aria-hidden size={20} />
          </Popover.Trigger>
          <Popover.Portal>
            <Popover.Content
              align="end"
              collisionPadding={12}
              aria-label={words.calendar({ label: rest.label })}
              className="z-50 rounded-lg border-2 border-strand bg-raised p-3 text-ink"
            >
              <DayPicker
                mode="single"
                weekStartsOn={weekdays.indexOf(firstDayOfWeek) as 0 | 1 | 2 | 3 | 4 | 5 | 6}
                {...(value && { selected: local(value), defaultMonth: local(value) })}
                onSelect={(picked) => {
                  if (picked) onChange(iso(picked))
                  setOpen(false)
                }}
                className="calendar"
              />
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      }
    />
  )
}
