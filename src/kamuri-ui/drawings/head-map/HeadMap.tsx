import { useId } from 'react'
import type { Section, Zone } from '@/api/client'
import { box, outline, sectionCentre, sectionPath, zoneMark } from './geometry'
import { headMap as words } from './words'

const shape = outline()

/**
 * The head from above with its own sections. With `onTick` every section can be ticked; without it is a picture.
 */
export function HeadMap({
  sections,
  fragile = [],
  done = [],
  current = null,
  onTick,
  label,
  className = '',
}: {
  sections: readonly Section[]
  fragile?: readonly Zone[]
  done?: readonly number[]
  current?: number | null
  onTick?: ((section: number) => void) | undefined
  label: string
  className?: string
}) {
  const id = useId()
  return (
    <svg
      viewBox={`-14 -16 ${box.width + 28} ${box.height + 42}`}
      className={className}
      role={onTick ? 'group' : 'img'}
      aria-label={label}
      data-head-map
    >
      <defs>
        <clipPath id={`${id}head`}>
          <path d={shape} />
        </clipPath>
        <pattern id={`${id}done`} width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(25)">
          <rect width="9" height="9" fill="var(--raised)" />
          <line x1="0" x2="0" y1="0" y2="9" stroke="var(--done)" strokeWidth="5" />
        </pattern>
      </defs>
      <path d="M132 2q18 -22 36 0" fill="none" stroke="var(--quiet)" strokeWidth="4" strokeLinecap="round" />
      {fragile.includes('edges') && (
        <path d={shape} fill="none" stroke="var(--accent)" strokeWidth="13" strokeDasharray="2 7" opacity="0.75" />
      )}
      <g clipPath={`url(#${id}head)`}>
        {sections.map((section) => {
          const isDone = done.includes(section.number)
          const isCurrent = current === section.number
          const name = words.sectionNumberName({ number: section.number, name: section.name })
          const tick = () => onTick?.(section.number)
          const drawn = (
            <path
              d={sectionPath(section)}
              fill={isDone ? `url(#${id}done)` : isCurrent ? 'var(--accent)' : 'var(--raised)'}
              stroke="var(--paper)"
              strokeWidth="7"
            />
          )
          return onTick ? (
            <g
              key={section.number}
              role="checkbox"
              aria-checked={isDone}
              aria-label={name}
              tabIndex={0}
              className="cursor-pointer outline-none focus-visible:[&>path]:stroke-ink"
              onClick={tick}
              onKeyDown={(event) => {
                if (event.key === ' ' || event.key === 'Enter') {
                  event.preventDefault()
                  tick()
                }
              }}
            >
              {drawn}
            </g>
          ) : (
            <g key={section.number}>{drawn}</g>
          )
        })}
      </g>
      <path d={shape} fill="none" stroke="var(--strand)" strokeWidth="3" />
      <g pointerEvents="none" aria-hidden>
        {sections.map((section) => {
          const at = sectionCentre(section)
          const isDone = done.includes(section.number)
          return (
            <g key={section.number}>
              {isDone && <circle cx={at.x} cy={at.y} r="19" fill="var(--raised)" />}
              <text
                x={at.x}
                y={at.y + 9}
                textAnchor="middle"
                fontSize="26"
                fontWeight="700"
                fontFamily="var(--font-display)"
                fill={isDone ? 'var(--done)' : current === section.number ? 'var(--on-accent)' : 'var(--ink)'}
              >
                {isDone ? '✓' : section.number}
              </text>
            </g>
          )
        })}
        {fragile.map((zone) => {
          const at = zoneMark[zone]
          return (
            at && (
              <g key={zone} transform={`translate(${at.x} ${at.y})`}>
                <path
                  d="M-7 0h14M0 -7v14M-5 -5l10 10M-5 5l10 -10"
                  stroke="var(--accent)"
                  strokeWidth="2.5"
                  strokeLinecap="round"
                />
              </g>
            )
          )
        })}
        <text x="150" y={box.height + 20} textAnchor="middle" fontSize="20" fill="var(--quiet)">
          {words.nape}
        </text>
      </g>
    </svg>
  )
}
