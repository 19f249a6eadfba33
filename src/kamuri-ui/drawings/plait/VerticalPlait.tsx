import { useId } from 'react'
import { spell } from '@/app/time'
import { bandColour } from './colours'
import { DriftLine } from './DriftLine'
import { HandsThread } from './HandsThread'
import { threadsOf, type Frame } from './layout'
import type { DrawnPlait } from './Plait'
import { clockOf } from './wallClock'

const nameRow = 16
const widestBand = 34
const rowHeight = 21
const shortestNamed = 6

/** The plait for a phone: time falls, names stand to the right of everything. */
export function VerticalPlait({
  tasks,
  clock,
  strands,
  readyBy,
  now,
  focus,
  onFocus,
  finishes,
  planned,
  summary,
  scale,
  clockMinutes,
  width,
}: DrawnPlait) {
  const id = useId()
  const minutes = scale.to(clockMinutes)
  // What takes a while is named here; every step stands in the list below.
  const named = tasks
    .filter((task) => task.end - task.start >= shortestNamed && (task.strand !== 'kitchen' || !task.isHandsOn))
    .sort((a, b) => a.start - b.start || a.end - b.end)
  const perMinute = Math.max(2.3, (named.length * rowHeight * 1.1) / minutes)
  // Names need the right half of a phone, so that many strands lie closer together.
  const heads = strands.filter((strand) => strand.id !== 'kitchen')
  const whose = (strand: string) => {
    const head = heads.length > 1 ? heads.find((each) => each.id === strand) : undefined
    return head ? `${head.name}: ` : ''
  }
  const isNarrow = strands.length > 3
  const gap = isNarrow ? 33 : strands.length > 2 ? 50 : 64
  // Narrow strands have their names in two rows, every other one lower.
  const nameAt = (n: number) => 14 + (isNarrow && n % 2 === 1 ? nameRow : 0)
  const top = isNarrow ? 46 + nameRow : 46
  const lanes = Object.fromEntries(strands.map((strand, n) => [strand.id, 24 + n * gap]))
  const bandWidth = Math.min(widestBand, gap - 16)
  const lastLane = 24 + (strands.length - 1) * gap
  const frame: Frame = { perMinute, origin: top, lanes, rest: strands.length > 1 ? lastLane - gap / 2 : lastLane + 32 }
  const y = (minute: number) => frame.origin + minute * frame.perMinute
  const textAt = lastLane + (isNarrow ? 30 : 36)
  const placed: { task: (typeof named)[number]; begins: string; at: number }[] = []
  for (const task of named)
    placed.push({
      task,
      begins: clockOf(clock, task.clockStart ?? task.start),
      at: Math.max(y(task.start) + 6, (placed.at(-1)?.at ?? 0) + rowHeight),
    })
  // "12:45 pm" takes more room than "17:45".
  const nameFrom = textAt + 7 + 7 * Math.max(0, ...placed.map(({ begins }) => begins.length))
  const height = Math.max(y(minutes), placed.at(-1)?.at ?? 0) + 24

  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-labelledby={id}
      data-plait="down"
    >
      <title id={id}>{summary}</title>
      {strands.map((strand, n) => (
        <g key={strand.id}>
          <text x={lanes[strand.id]} y={nameAt(n)} textAnchor="middle" fontSize={13} fontWeight={650} fill="var(--ink)">
            {isNarrow ? fit(strand.name, gap * 2) : strand.name}
          </text>
          <line
            x1={lanes[strand.id]}
            x2={lanes[strand.id]}
            y1={nameAt(n) + 12}
            y2={height - 12}
            stroke="var(--strand)"
            strokeWidth={3}
            strokeLinecap="round"
          />
        </g>
      ))}
      {tasks
        .filter((task) => task.window && task.window.latest > task.end - task.start)
        .map((task) => (
          <rect
            key={task.id}
            x={lanes[task.strand]! - bandWidth / 4}
            y={y(task.end)}
            width={bandWidth / 2}
            height={Math.min(y(task.start + task.window!.latest), height - 12) - y(task.end)}
            rx={3}
            fill={bandColour(task)}
            opacity={0.4}
            data-slack={task.id}
          />
        ))}
      {tasks
        .filter((task) => !task.isHandsOn)
        .map((task) => {
          const x = lanes[task.strand]! - bandWidth / 2
          const colour = bandColour(task)
          return (
            <g key={task.id}>
              <rect
                x={x}
                y={y(task.start)}
                width={bandWidth}
                height={Math.max(3, y(task.end) - y(task.start))}
                rx={5}
                fill={colour}
              />
              {task.window && task.window.earliest > 0 && task.window.earliest < task.end - task.start && (
                <line
                  x1={x + bandWidth - 10}
                  x2={x + bandWidth}
                  y1={y(task.start + task.window.earliest)}
                  y2={y(task.start + task.window.earliest)}
                  stroke="var(--on-band)"
                  strokeWidth={2}
                />
              )}
            </g>
          )
        })}
      {threadsOf(tasks, frame, 8).map((thread, n) => (
        <HandsThread
          key={thread.name}
          thread={thread}
          second={n > 0}
          small={gap < 64}
          down
          focus={null}
          onFocus={undefined}
        />
      ))}
      {finishes?.map((finish) => (
        <line
          key={finish.strand}
          x1={lanes[finish.strand]! + bandWidth / 2 - 6}
          x2={lanes[finish.strand]! + bandWidth / 2 - 6}
          y1={y(finish.likely)}
          y2={y(finish.nineInTen)}
          stroke="var(--accent)"
          strokeWidth={5}
          opacity={0.5}
          data-finish={finish.strand}
        />
      ))}
      {placed.map(({ task, begins, at }) => (
        <g
          key={task.id}
          onPointerDown={() => task.step && onFocus?.(task.step)}
          opacity={focus && task.step !== focus ? 0.6 : 1}
        >
          <path
            d={`M${lanes[task.strand]! + (task.isHandsOn ? 6 : bandWidth / 2)} ${y(task.start) + 2}L${textAt - 10} ${at - 4}H${textAt - 4}`}
            fill="none"
            stroke="var(--rule)"
          />
          <text x={textAt} y={at} fontSize={13} fill="var(--quiet)">
            {begins}
          </text>
          <text
            x={nameFrom}
            y={at}
            fontSize={14}
            fontWeight={task.isHandsOn ? 650 : 400}
            fontStyle={task.isHandsOn ? 'normal' : 'italic'}
            fill="var(--ink)"
          >
            {fit(whose(task.strand) + task.title, width - nameFrom - 2)}
          </text>
        </g>
      ))}
      {scale.breaks.map((gap) => {
        const at = (y(gap.from) + y(gap.to)) / 2
        return (
          <g key={gap.from} aria-hidden>
            <path d={`M0 ${at + 6}L${lastLane + 26} ${at - 2}V${at + 6}L0 ${at + 14}Z`} fill="var(--paper)" />
            <path
              d={`M0 ${at + 6}L${lastLane + 26} ${at - 2}M0 ${at + 14}L${lastLane + 26} ${at + 6}`}
              stroke="var(--strand)"
              strokeWidth={1.5}
            />
            <text x={textAt} y={at + 8} fontSize={13} fontStyle="italic" fill="var(--quiet)">
              {spell(gap.minutes)}
            </text>
          </g>
        )
      })}
      {readyBy != null && (
        <line
          x1={0}
          x2={width}
          y1={y(readyBy)}
          y2={y(readyBy)}
          stroke="var(--accent)"
          strokeWidth={2}
          strokeDasharray="2 5"
        />
      )}
      {now != null && planned && (
        <DriftLine planned={planned} now={now} frame={frame} across={false} from={0} to={textAt - 8} />
      )}
      {now != null && <line x1={0} x2={textAt - 8} y1={y(now)} y2={y(now)} stroke="var(--accent)" strokeWidth={3} />}
    </svg>
  )
}

const fit = (text: string, width: number) => {
  const most = Math.floor(width / 7.3)
  return text.length <= most ? text : `${text.slice(0, most - 1).trimEnd()}…`
}
