import { useId } from 'react'
import { landmarkGap, firstLandmark, LengthFigure } from '@/drawings/figure/LengthFigure'
import { LengthField } from '@/kit/TypedField'
import type { Draft } from './draft'
import { describe as words, landmarks } from './words'

/** How far the hair reaches when it is pulled straight, shown on a figure; or what a strand at the crown measured. */
export function LengthQuestion({
  draft,
  errors,
  onChange,
}: {
  draft: Draft
  errors: Record<string, string[]>
  onChange: (next: Partial<Draft>) => void
}) {
  const name = useId()
  const wrong = errors.landmark?.[0]
  const at = landmarks.findIndex((each) => each.value === draft.landmark)
  return (
    <div>
      <h2 id={`${name}-name`} className="mb-1 font-sans text-base font-semibold">
        {words.reaches}
      </h2>
      <p className="max-w-md text-quiet">{words.pullAStrand}</p>
      <div
        role="radiogroup"
        tabIndex={-1}
        aria-labelledby={`${name}-name`}
        aria-invalid={wrong ? true : undefined}
        aria-describedby={wrong ? `${name}-wrong` : undefined}
        className="mt-2 flex h-[330px] items-start"
      >
        <LengthFigure reaches={at < 0 ? null : at} className="h-[330px]" />
        <div style={{ paddingTop: firstLandmark - landmarkGap / 2 }}>
          {landmarks.map((each) => (
            <label
              key={each.value}
              style={{ height: landmarkGap }}
              className={`flex cursor-pointer items-center gap-2 rounded-lg px-2 has-focus-visible:outline-3 has-focus-visible:outline-accent ${each.value === draft.landmark ? 'font-semibold text-accent' : ''}`}
            >
              <input
                type="radio"
                name={name}
                className="size-5 accent-accent"
                checked={each.value === draft.landmark}
                onChange={() => onChange({ landmark: each.value })}
              />
              {each.word}
            </label>
          ))}
        </div>
      </div>
      {wrong && (
        <p id={`${name}-wrong`} role="alert" className="mt-1 text-stop">
          {wrong}
        </p>
      )}
      <div className="mt-3 max-w-xs">
        <LengthField
          label={words.orMeasured}
          value={draft.crownCm}
          error={errors.crownCm?.[0]}
          onChange={(crownCm) => onChange({ crownCm })}
        />
      </div>
    </div>
  )
}
