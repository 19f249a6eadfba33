import { useId, useState } from 'react'
import type { FigureView } from '@/api/client'
import { householdUnit } from '@/app/style'
import { Button } from '@/kit/Button'
import { figureRow as said } from './words'

/** One figure: its value, its range, where it comes from, and the way back to what was shipped. */
export function FigureRow({
  figure,
  wrong,
  onChange,
  onReset,
}: {
  figure: FigureView
  wrong: string | undefined
  onChange: (value: number) => void
  onReset: () => void
}) {
  const id = useId()
  const { unit, to, from } = householdUnit(figure.unit)
  const shown = (value: number) => (unit === figure.unit ? value : Math.round(to(value) * 10) / 10)
  const [text, setText] = useState(String(shown(figure.value)))
  const keep = () => {
    const value = Number(text.replace(',', '.'))
    if (text.trim() !== '' && value !== shown(figure.value)) onChange(from(value))
  }
  return (
    <li
      className="grid grid-cols-[1fr_9.5rem] items-start gap-x-4 border-b border-rule py-3 sm:grid-cols-[1fr_9.5rem_9rem]"
      data-figure={figure.id}
    >
      <div>
        <label htmlFor={id} className="font-semibold">
          {short(figure)}
        </label>
        <p id={`${id}-note`} className="text-sm text-quiet">
          {said.rangeAndSource({
            least: shown(figure.least),
            most: unit ? `${shown(figure.most)} ${unit}` : figure.most,
            source: figure.source,
          })}
        </p>
        {wrong && (
          <p role="alert" className="mt-1 text-stop">
            {wrong}
          </p>
        )}
      </div>
      <span className="relative block">
        <input
          id={id}
          inputMode="decimal"
          value={text}
          aria-invalid={wrong ? true : undefined}
          aria-describedby={`${id}-note`}
          onChange={(event) => setText(event.target.value)}
          onBlur={keep}
          onKeyDown={(event) => event.key === 'Enter' && keep()}
          className="block min-h-12 w-full rounded-lg border-2 border-strand bg-raised px-3 font-display text-lg font-semibold text-ink hover:border-ink aria-invalid:border-stop"
        />
        {unit.length <= 6 && (
          <span
            aria-hidden
            className="pointer-events-none absolute inset-y-0 right-3 flex items-center text-sm text-quiet"
          >
            {unit}
          </span>
        )}
      </span>
      {figure.isOwn ? (
        <Button tone="quiet" className="col-start-2 px-1! sm:col-start-3" onClick={onReset}>
          <span className="sr-only">{figure.name}: </span>
          {said.resetTo({ value: shown(figure.shipped) })}
        </Button>
      ) : (
        <span className="col-start-2 text-sm text-quiet sm:col-start-3 sm:self-center">{said.isDefault}</span>
      )}
    </li>
  )
}

/** Under a heading of the same words the name need not say them again. */
const short = (figure: FigureView) => {
  const name = figure.name.startsWith(`${figure.about}: `) ? figure.name.slice(figure.about.length + 2) : figure.name
  return name.charAt(0).toUpperCase() + name.slice(1)
}
