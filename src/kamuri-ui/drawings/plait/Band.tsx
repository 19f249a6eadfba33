import { bandColour } from './colours'
import type { PlaitTask } from './layout'

/** Whole, with every name; or small, as a strip that stays in sight. */
export const measures = {
  whole: { bandHeight: 44, strandGap: 136, firstStrand: 84, below: 84, restShift: 18, slack: 9 },
  many: { bandHeight: 44, strandGap: 112, firstStrand: 84, below: 84, restShift: 18, slack: 9 },
  small: { bandHeight: 24, strandGap: 52, firstStrand: 44, below: 24, restShift: 2, slack: 5 },
}

/** What works by itself: solid to its end, paler and lower to its latest, a tick at its earliest. */
export function Band({
  task,
  x,
  middle,
  until,
  small,
  focus,
  onFocus,
}: {
  task: PlaitTask
  x: (minute: number) => number
  middle: number
  /** The slack is drawn no further than this minute. */
  until: number
  small: boolean
  focus: string | null
  onFocus: ((step: string | null) => void) | undefined
}) {
  const { bandHeight, slack } = measures[small ? 'small' : 'whole']
  const y = middle - bandHeight / 2
  const [from, to] = [x(task.start), x(task.end)]
  const latest = x(task.window ? Math.min(task.start + task.window.latest, until) : task.end)
  const earliest = task.window && x(task.start + task.window.earliest)
  const colour = bandColour(task)
  return (
    <g
      onPointerEnter={() => task.step && onFocus?.(task.step)}
      onPointerLeave={() => onFocus?.(null)}
      opacity={focus && task.step !== focus ? 0.75 : 1}
    >
      {latest - to > 3 && (
        <>
          <rect
            x={to - 2}
            y={y + slack}
            width={latest - to + 2}
            height={bandHeight - slack * 2}
            fill={colour}
            opacity={0.32}
            rx={3}
          />
          <line
            x1={latest}
            x2={latest}
            y1={y + 7}
            y2={y + bandHeight - 7}
            stroke={colour}
            strokeWidth={2}
            strokeDasharray="2 3"
          />
        </>
      )}
      <rect
        x={from}
        y={y}
        width={Math.max(3, to - from)}
        height={bandHeight}
        rx={5}
        fill={colour}
        stroke={focus && task.step === focus ? 'var(--ink)' : 'none'}
        strokeWidth={2}
      />
      {earliest !== null && earliest > from && earliest < to && (
        <line
          x1={earliest}
          x2={earliest}
          y1={y + bandHeight * (small ? 0.82 : 0.72)}
          y2={y + bandHeight}
          stroke="var(--on-band)"
          strokeWidth={2}
        />
      )}
    </g>
  )
}
