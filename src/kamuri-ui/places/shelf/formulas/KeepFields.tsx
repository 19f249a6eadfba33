import type { FormulaBody } from '@/api/client'
import { NumberField } from '@/kit/Field'
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
          const set = (days: number | null, atMost: number | null) =>
            onChange({ ...keep, [place]: days === null ? null : { days, atMost: Math.max(days, atMost ?? days) } })
          return (
            <div key={place} className="grid grid-cols-2 gap-2">
              <NumberField label={word} unit="days" whole value={span?.days} onChange={(days) => set(days, days)} />
              <NumberField
                label={words.ifItLooksAndSmells}
                unit="days"
                disabled={!span}
                whole
                value={span?.atMost}
                onChange={(atMost) => set(span?.days ?? 0, atMost)}
              />
            </div>
          )
        })}
      </div>
    </fieldset>
  )
}
