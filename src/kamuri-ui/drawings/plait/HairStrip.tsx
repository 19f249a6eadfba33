import { bandColour } from './colours'
import { gutter, right, textWidth } from './layout'
import { hairStrip as said } from './words'

/** The hair between two moments, in minutes from the start of the drawing. */
export interface HairMoment {
  from: number
  to: number
  wetness: 'dry' | 'misted' | 'damp' | 'blotted' | 'wrung' | 'soaked'
  /** What lies on the lengths, by name, and its colour. */
  onHair: { name: string; substance: string | null }[]
  /** What lies on the scalp. */
  onScalp: { name: string; substance: string | null }[]
  isWarm: boolean
}

const levels = { dry: 0, misted: 0.12, damp: 0.25, blotted: 0.45, wrung: 0.7, soaked: 1 }
const words = { dry: 'dry', misted: 'misted', damp: 'damp', blotted: 'blotted', wrung: said.wrungOut, soaked: 'soaked' }

/** How wet the hair is, what lies on it and when it is kept warm, on the plait's own time: why a rule speaks can be seen here. */
export function HairStrip({
  moments,
  minutes,
  width,
}: {
  moments: readonly HairMoment[]
  minutes: number
  width: number
}) {
  const perMinute = (width - gutter - right) / minutes
  const x = (minute: number) => gutter + minute * perMinute
  const water = 34
  const rows = [
    { name: said.onTheHair, y: 48, runs: lying(moments, (moment) => moment.onHair) },
    { name: said.onTheScalp, y: 74, runs: lying(moments, (moment) => moment.onScalp) },
  ].filter((row, n) => n === 0 || row.runs.length > 0)
  const height = 24 + rows.length * 26 + 24
  const summary = moments
    .filter((moment, n) => moment.wetness !== moments[n - 1]?.wetness)
    .map((moment) => words[moment.wetness])
    .join(', ')
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={said.theHairSummary({ summary })}
      data-hair
    >
      <text x={0} y={water - 8} fontSize={13} fill="var(--quiet)">
        {said.water}
      </text>
      {rows.map((row) => (
        <text key={row.name} x={0} y={row.y + 14} fontSize={13} fill="var(--quiet)">
          {row.name}
        </text>
      ))}
      <path d={area(moments, x, water)} fill="var(--clean)" opacity={0.7} />
      {moments
        .filter((moment, n) => moment.wetness !== moments[n - 1]?.wetness)
        .filter((moment) => x(moment.to) - x(moment.from) > 0)
        .map((moment, n, all) => {
          const room = x(all[n + 1]?.from ?? minutes) - x(moment.from)
          return room > textWidth(words[moment.wetness], 12) + 6 ? (
            <text key={moment.from} x={x(moment.from) + 3} y={water - 4} fontSize={12} fill="var(--ink)">
              {words[moment.wetness]}
            </text>
          ) : null
        })}
      <line x1={gutter} x2={width - right} y1={water} y2={water} stroke="var(--strand)" />
      {moments
        .filter((moment) => moment.isWarm)
        .map((moment) => (
          <line
            key={moment.from}
            x1={x(moment.from)}
            x2={x(moment.to)}
            y1={41}
            y2={41}
            stroke="var(--accent)"
            strokeWidth={3}
            strokeDasharray="1 4"
            strokeLinecap="round"
          />
        ))}
      {rows.flatMap((row) =>
        row.runs.map((run) => (
          <g key={row.name + run.name + run.from}>
            <rect
              x={x(run.from)}
              y={row.y}
              width={Math.max(2, x(run.to) - x(run.from) - 1)}
              height={20}
              rx={4}
              fill={bandColour({ strand: 'head', substance: run.substance })}
            >
              <title>{run.name}</title>
            </rect>
            {textWidth(run.name, 12) + 10 < x(run.to) - x(run.from) && (
              <text x={x(run.from) + 5} y={row.y + 14} fontSize={12} fill="var(--on-band)">
                {run.name}
              </text>
            )}
          </g>
        )),
      )}
    </svg>
  )
}

/** The last thing put on, as runs: what was put on before lies under it. */
function lying(moments: readonly HairMoment[], on: (moment: HairMoment) => HairMoment['onHair']) {
  const runs: { name: string; substance: string | null; from: number; to: number }[] = []
  for (const moment of moments) {
    const top = on(moment).at(-1)
    const last = runs.at(-1)
    if (!top) continue
    if (last?.name === top.name && last.to === moment.from) last.to = moment.to
    else runs.push({ ...top, from: moment.from, to: moment.to })
  }
  return runs
}

function area(moments: readonly HairMoment[], x: (minute: number) => number, foot: number): string {
  const first = moments[0]
  if (!first) return ''
  const y = (moment: HairMoment) => foot - levels[moment.wetness] * 26
  const top = moments.map((moment) => `L${x(moment.from).toFixed(1)} ${y(moment)}H${x(moment.to).toFixed(1)}`).join('')
  return `M${x(first.from).toFixed(1)} ${foot}${top}L${x(moments.at(-1)!.to).toFixed(1)} ${foot}Z`
}
