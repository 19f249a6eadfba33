import { ChevronDown } from 'lucide-react'
import { useId, useState, type InputHTMLAttributes, type ReactNode, type Ref, type TextareaHTMLAttributes } from 'react'
import { flushSync } from 'react-dom'
import { field as words } from './words'

const box =
  'block min-h-12 w-full rounded-lg border-2 border-strand bg-raised px-3 text-ink aria-invalid:border-stop hover:border-ink'

function Frame({
  id,
  label,
  hint,
  error,
  children,
}: {
  id: string
  label: string
  hint?: string | undefined
  error?: string | undefined
  children: ReactNode
}) {
  return (
    <div>
      <label htmlFor={id} className="mb-1 block font-semibold">
        {label}
      </label>
      {children}
      {error ? (
        <p id={`${id}-note`} role="alert" className="mt-1 text-stop">
          {error}
        </p>
      ) : (
        hint && (
          <p id={`${id}-note`} className="mt-1 text-sm text-quiet">
            {hint}
          </p>
        )
      )}
    </div>
  )
}

/** A one-line field with its label above and what is wrong below. */
export function TextField({
  label,
  hint,
  error,
  unit,
  beside,
  ...rest
}: InputHTMLAttributes<HTMLInputElement> & {
  ref?: Ref<HTMLInputElement>
  label: string
  hint?: string | undefined
  error?: string | undefined
  unit?: string
  /** Stands at the end of the field, such as a button. */
  beside?: ReactNode
}) {
  const id = useId()
  return (
    <Frame id={id} label={label} hint={hint} error={error}>
      <span className="relative block">
        <input
          id={id}
          aria-invalid={error ? true : undefined}
          aria-describedby={hint || error ? `${id}-note` : undefined}
          {...rest}
          className={`${box} ${unit || beside ? 'pr-12' : ''}`}
        />
        {unit && (
          <span aria-hidden className="pointer-events-none absolute inset-y-0 right-3 flex items-center text-quiet">
            {unit}
          </span>
        )}
        {beside}
      </span>
    </Frame>
  )
}

/**
 * A number; null when there is none. It is taken over when the field is left or Enter is pressed, so that nothing is checked or changed
 * while somebody is still typing.
 */
export function NumberField({
  value,
  onChange,
  whole = false,
  error,
  ...rest
}: Omit<Parameters<typeof TextField>[0], 'value' | 'onChange' | 'type'> & {
  value: number | null | undefined
  onChange: (value: number | null) => void
  whole?: boolean
}) {
  const [typed, setTyped] = useState<string | null>(null)
  const [isWrong, setWrong] = useState(false)
  const take = (input: HTMLInputElement) => {
    if (typed === null) return
    const isBad = input.validity.badInput
    // Before a form is sent by the same key.
    flushSync(() => {
      setWrong(isBad)
      if (!isBad) setTyped(null)
      const read = input.valueAsNumber
      onChange(isBad || typed === '' ? null : whole ? Math.round(read) : read)
    })
  }
  return (
    <TextField
      step={whole ? 1 : 'any'}
      {...rest}
      type="number"
      value={typed ?? (value == null || Number.isNaN(value) ? '' : value)}
      error={isWrong ? words.enterANumber : error}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={(event) => take(event.currentTarget)}
      onKeyDown={(event) => event.key === 'Enter' && take(event.currentTarget)}
    />
  )
}

/** A field of several lines. */
export function AreaField({
  label,
  hint,
  error,
  ...rest
}: TextareaHTMLAttributes<HTMLTextAreaElement> & {
  label: string
  hint?: string | undefined
  error?: string | undefined
}) {
  const id = useId()
  return (
    <Frame id={id} label={label} hint={hint} error={error}>
      <textarea
        id={id}
        rows={4}
        aria-invalid={error ? true : undefined}
        aria-describedby={hint || error ? `${id}-note` : undefined}
        {...rest}
        className={`${box} py-2`}
      />
    </Frame>
  )
}

/** A choice among a few words. */
export function ChoiceField<T extends string>({
  label,
  value,
  choices,
  onChoose,
  hint,
  error,
}: {
  label: string
  value: T
  choices: readonly { value: T; word: string }[]
  onChoose: (value: T) => void
  hint?: string | undefined
  error?: string | undefined
}) {
  const id = useId()
  return (
    <Frame id={id} label={label} hint={hint} error={error}>
      <span className="relative block">
        <select
          id={id}
          value={value}
          aria-invalid={error ? true : undefined}
          aria-describedby={hint || error ? `${id}-note` : undefined}
          onChange={(event) => onChoose(event.target.value as T)}
          className={`${box} appearance-none truncate pr-9`}
        >
          {choices.map((choice) => (
            <option key={choice.value} value={choice.value}>
              {choice.word}
            </option>
          ))}
        </select>
        <ChevronDown
          aria-hidden
          size={18}
          className="pointer-events-none absolute top-1/2 right-3 -translate-y-1/2 text-quiet"
        />
      </span>
    </Frame>
  )
}

/** Several words that can each be on or off. */
export function ManyField<T extends string>({
  label,
  values,
  choices,
  onChange,
}: {
  label: string
  values: readonly T[]
  choices: readonly { value: T; word: string }[]
  onChange: (values: T[]) => void
}) {
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{label}</legend>
      <div className="flex flex-wrap gap-2">
        {choices.map((choice) => {
          const on = values.includes(choice.value)
          return (
            <label
              key={choice.value}
              className={`flex min-h-12 cursor-pointer items-center gap-2 rounded-lg border-2 px-3 has-focus-visible:outline-3 has-focus-visible:outline-offset-3 has-focus-visible:outline-accent ${on ? 'border-accent font-semibold' : 'border-strand'}`}
            >
              <input
                type="checkbox"
                className="accent-accent"
                checked={on}
                onChange={() =>
                  onChange(on ? values.filter((each) => each !== choice.value) : [...values, choice.value])
                }
              />
              {choice.word}
            </label>
          )
        })}
      </div>
    </fieldset>
  )
}

/** One thing that is so or not. */
export function SwitchField({
  label,
  hint,
  checked,
  onChange,
}: {
  label: string
  hint?: string
  checked: boolean
  onChange: (checked: boolean) => void
}) {
  return (
    <label className="flex min-h-12 cursor-pointer items-center gap-3">
      <input
        type="checkbox"
        className="size-6 shrink-0 accent-accent"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      <span>
        <span className="font-semibold">{label}</span>
        {hint && <span className="block text-sm text-quiet">{hint}</span>}
      </span>
    </label>
  )
}

/** A file from this device. */
export function FileField({
  label,
  accept,
  onChoose,
}: {
  label: string
  accept: string
  onChoose: (file: File | null) => void
}) {
  const id = useId()
  return (
    <Frame id={id} label={label}>
      <input
        id={id}
        type="file"
        accept={accept}
        className="block min-h-12 w-full min-w-0 text-quiet file:mr-3 file:min-h-12 file:cursor-pointer file:rounded-lg file:border-2 file:border-solid file:border-strand file:bg-raised file:px-4 file:font-semibold file:text-ink hover:file:border-ink"
        onChange={(event) => onChoose(event.target.files?.[0] ?? null)}
      />
    </Frame>
  )
}
