import { driftLine, type Frame, type Planned } from './layout'
import { driftLine as words } from './words'

/** Where the plan would be by now, from strand to strand: the further from the line of now, the later the day. */
export function DriftLine({
  planned,
  now,
  frame,
  across,
  from,
  to,
}: {
  planned: readonly Planned[]
  now: number
  frame: Frame
  /** Whether time runs from left to right. */
  across: boolean
  from: number
  to: number
}) {
  const points = driftLine(planned, now, frame)
  const [first, last] = [points[0], points.at(-1)]
  if (!first || !last) return null
  const at = (along: number, lane: number) => (across ? `${along} ${lane}` : `${lane} ${along}`)
  const way = [
    at(first.along, from),
    ...points.map(({ along, lane }) => at(along, lane)),
    at(last.along, Math.max(to, last.lane)),
  ]
  return (
    <g data-drift aria-hidden>
      <path d={`M${way.join('L')}`} fill="none" stroke="var(--paper)" strokeWidth={5} />
      <path
        d={`M${way.join('L')}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2}
        strokeDasharray="1 5"
        strokeLinecap="round"
      />
      {points.map(({ along, lane }) => (
        <circle
          key={lane}
          cx={across ? along : lane}
          cy={across ? lane : along}
          r={5}
          fill="var(--paper)"
          stroke="var(--ink)"
          strokeWidth={2}
        />
      ))}
      {across && (
        <text
          x={first.along + 7}
          y={from + 12}
          fontSize={13}
          fill="var(--ink)"
          stroke="var(--paper)"
          strokeWidth={4}
          paintOrder="stroke"
        >
          {words.plan}
        </text>
      )}
    </g>
  )
}
