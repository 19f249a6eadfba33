import type { FormulaBody } from '@/api/client'
import { TextField } from '@/kit/Field'
import { keepFields as words } from './words'

const places = [
  { place: 'room', word: words.inTheRoom },
  { place: 'fridge', word: words.inTheFridge },
  { place: 'freezer', word: words.frozen },
] as const

/** How long a formula keeps, and where. */
export function KeepFields({
  keep,
  error,
  onChange,
}: {
  keep: FormulaBody['keep']
  error: string | undefined
  onChange: (keep: FormulaBody['keep']) => void
}) {
  return (
    <fieldset>
      <legend className="text-xl font-semibold">{words.howLongItKeeps}</legend>
      <p className="text-quiet">{words.leaveItEmptyWhereIt}</p>
      {error && (
        <p role="alert" className="mt-1 text-stop">
          {error}
        </p>
      )}
      <div className="mt-2 grid gap-4 sm:grid-cols-3">
        {places.map(({ place, word }) => {
          const span = keep[place]
          const set = (days: number, atMost: number) =>
            onChange({
              ...keep,
              [place]: Number.isNaN(days)
                ? null
                : { days, atMost: Number.isNaN(atMost) ? days : Math.max(days, atMost) },
            })
          return (
            <div key={place} className="grid grid-cols-2 gap-2">
              <TextField
                label={word}
                type="number"
                unit="days"
                value={span?.days ?? ''}
                onChange={(event) => set(event.target.valueAsNumber, event.target.valueAsNumber)}
              />
              <TextField
                label={words.ifItLooksAndSmells}
                type="number"
                unit="days"
                disabled={!span}
                value={span?.atMost ?? ''}
                onChange={(event) => set(span?.days ?? 0, event.target.valueAsNumber)}
              />
            </div>
          )
        })}
      </div>
    </fieldset>
  )
}
