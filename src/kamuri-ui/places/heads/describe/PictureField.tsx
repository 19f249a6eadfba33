import { useId, type ReactNode } from 'react'

/** One choice of a few, where people would rather look than read: each may have its picture. */
export function PictureField<T extends string>({
  label,
  value,
  choices,
  onChoose,
  picture,
}: {
  label: string
  value: T
  choices: readonly { value: T; word: string }[]
  onChoose: (value: T) => void
  picture?: (value: T) => ReactNode
}) {
  const name = useId()
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{label}</legend>
      <div className="flex flex-wrap gap-2">
        {choices.map((choice) => (
          <label
            key={choice.value}
            className={`relative flex min-h-12 cursor-pointer flex-col items-center justify-center rounded-lg border-2 px-3 py-1 has-focus-visible:outline-3 has-focus-visible:outline-offset-3 has-focus-visible:outline-accent ${choice.value === value ? 'border-accent font-semibold' : 'border-strand'}`}
          >
            <input
              type="radio"
              name={name}
              className="absolute inset-0 cursor-pointer opacity-0"
              checked={choice.value === value}
              onChange={() => onChoose(choice.value)}
            />
            {picture?.(choice.value)}
            {choice.word}
          </label>
        ))}
      </div>
    </fieldset>
  )
}
