import { Fragment, useId } from 'react'
import { spell } from '@/app/time'
import { Band, measures } from './Band'
import { bandColour } from './colours'
import { DriftLine } from './DriftLine'
import { HandsThread } from './HandsThread'
import {
  bandLabels,
  gutter,
  right,
  runEnd,
  runStart,
  textWidth,
  threadsOf,
  type Finish,
  type Frame,
  type PlaitTask,
} from './layout'
import type { DrawnPlait } from './Plait'
import { clockOf, ticks } from './wallClock'
import { horizontalPlait as words } from './words'

export function HorizontalPlait({
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
  small = false,
  scale,
  clockMinutes,
  width,
}: DrawnPlait) {
  const id = useId()
  const { bandHeight, firstStrand, below, restShift } = measures[small ? 'small' : 'whole']
  const strandGap = measures[small ? 'small' : strands.length > 3 ? 'many' : 'whole'].strandGap
  const minutes = scale.to(clockMinutes)
  const lanes = Object.fromEntries(strands.map((strand, n) => [strand.id, firstStrand + n * strandGap]))
  const kitchen = strands.at(-1)
  const rest = (kitchen ? lanes[kitchen.id]! : firstStrand) - strandGap / 2 + restShift
  const frame: Frame = { perMinute: (width - gutter - right) / minutes, origin: gutter, lanes, rest }
  const x = (minute: number) => frame.origin + minute * frame.perMinute
  const height = firstStrand + (strands.length - 1) * strandGap + below
  const threads = threadsOf(tasks, frame, small ? 8 : 14)
  const waits = tasks.filter((task) => !task.isHandsOn)
  const nextOn = (strand: string, after: number) =>
    Math.min(
      ...tasks.filter((task) => task.strand === strand && task.start >= after).map((task) => task.start),
      minutes,
    )

  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-labelledby={id}
      data-plait="across"
    >
      <title id={id}>{summary}</title>
      {ticks(clock, clockMinutes, frame.perMinute, 74)
        .map((passed) => ({ passed, minute: scale.to(passed) }))
        .filter(({ minute }) => scale.breaks.every((gap) => minute < gap.from - tickRoom || minute > gap.to + tickRoom))
        .map(({ passed, minute }) => (
          <g key={passed}>
            <line x1={x(minute)} x2={x(minute)} y1={24} y2={height - 8} stroke="var(--rule)" />
            <text x={x(minute)} y={14} textAnchor="middle" fontSize={13} fill="var(--quiet)">
              {clockOf(clock, passed)}
            </text>
          </g>
        ))}
      {scale.breaks.map((gap) => (
        <text
          key={gap.from}
          x={(x(gap.from) + x(gap.to)) / 2}
          y={14}
          textAnchor="middle"
          fontSize={13}
          fontStyle="italic"
          fill="var(--quiet)"
        >
          {spell(gap.minutes)}
        </text>
      ))}
      {readyBy != null && (
        <g>
          <line
            x1={x(readyBy)}
            x2={x(readyBy)}
            y1={22}
            y2={height - 8}
            stroke="var(--accent)"
            strokeWidth={2}
            strokeDasharray="2 5"
          />
          <text x={x(readyBy) - 5} y={height - 10} textAnchor="end" fontSize={13} fontWeight={600} fill="var(--accent)">
            {words.wanted}
          </text>
        </g>
      )}

      {strands.map((strand) => (
        <g key={strand.id}>
          <line
            x1={gutter}
            x2={width - right}
            y1={lanes[strand.id]}
            y2={lanes[strand.id]}
            stroke="var(--strand)"
            strokeWidth={3}
            strokeLinecap="round"
          />
          <text
            x={0}
            y={lanes[strand.id]! + (small ? 5 : -2)}
            fontSize={16}
            fontWeight={650}
            fill="var(--ink)"
            fontFamily="var(--font-display)"
          >
            {strand.name}
          </text>
          {!small && (
            <text x={0} y={lanes[strand.id]! + 15} fontSize={13} fill="var(--quiet)">
              {strand.note}
            </text>
          )}
        </g>
      ))}
      {!small &&
        threads.map((thread, n) => (
          <text key={thread.name} x={0} y={thread.frame.rest + 4} fontSize={13} fill="var(--quiet)">
            {threads.length > 1 ? `${thread.name.slice(0, 12)} ${n > 0 ? '═' : '━'}` : words.sitDown}
          </text>
        ))}

      {waits.map((task) => (
        <Band
          key={task.id}
          task={task}
          x={x}
          middle={lanes[task.strand]!}
          until={Math.min(nextOn(task.strand, task.end) + 25, minutes)}
          small={small}
          focus={focus ?? null}
          onFocus={onFocus}
        />
      ))}

      {threads.map((thread, n) => (
        <HandsThread
          key={thread.name}
          thread={thread}
          second={n > 0}
          small={small}
          focus={focus ?? null}
          onFocus={onFocus}
        />
      ))}
      {strands.map((strand) =>
        bandLabels(
          threads
            .filter(() => !small && strand.id !== 'kitchen')
            .flatMap(({ stays: hands, frame: own }) =>
              hands
                .filter((stay) => stay.task?.strand === strand.id && isNamed(stay.task, waits))
                // A run shorter than the name has bends on both sides that would cross it.
                .filter(
                  (stay) =>
                    x(stay.to) - x(stay.from) >= 8 &&
                    x(runEnd(hands, stay)) - x(runStart(hands, stay)) > textWidth(stay.task!.title, 13) + 20,
                )
                .map((stay) => ({
                  id: stay.task!.id,
                  text: stay.task!.title,
                  // Clear of the bend that leads in.
                  from: x(stay.from) + (hands[hands.indexOf(stay) - 1]?.lane === own.lanes[strand.id] ? 0 : 13),
                  to: x(stay.to),
                  until: x(runEnd(hands, stay)) - bendRoom,
                })),
            ),
          13,
          3,
          width,
          false,
        ).map((label) => {
          const y = lanes[strand.id]! + 20 + label.level * 16
          const at = x(tasks.find((task) => task.id === label.id)!.start)
          return (
            <g key={label.id}>
              <line
                x1={at + 1}
                x2={at + 1}
                y1={lanes[strand.id]! + 7}
                y2={lanes[strand.id]! + 13}
                stroke="var(--strand)"
              />
              <text
                x={label.along + 1}
                y={y}
                fontSize={13}
                fill="var(--quiet)"
                // Other hands may cross here: the name stays in front of them.
                stroke="var(--paper)"
                strokeWidth={4}
                paintOrder="stroke"
              >
                {label.text}
              </text>
            </g>
          )
        }),
      )}

      {finishes?.map((finish) => (
        <FinishBand key={finish.strand} finish={finish} lane={lanes[finish.strand]!} x={x} small={small} />
      ))}

      {scale.breaks.map((gap) => (
        <BreakMark key={gap.from} at={(x(gap.from) + x(gap.to)) / 2} from={26} to={height - 10} />
      ))}
      {strands.map((strand, n) => {
        const last = n === strands.length - 1
        const outside = (level: number) =>
          lanes[strand.id]! + (last && n > 0 ? bandHeight / 2 + 3 + level * 16 : -bandHeight / 2 + 10 - level * 17)
        const labels = bandLabels(
          waits
            .filter((task) => task.strand === strand.id)
            .map((task) => ({ id: task.id, text: task.title.split(',')[0]!, from: x(task.start), to: x(task.end) })),
          14,
          small ? 0 : last && n > 0 ? 3 : 2,
          width,
        )
        return labels.map((label) => {
          const task = tasks.find((each) => each.id === label.id)!
          const under = task.title.split(', ')[1]
          const roomy = !small && under && textWidth(under, 12) + 16 < x(task.end) - x(task.start)
          return (
            <Fragment key={label.id}>
              <text
                x={label.along}
                y={label.level === 0 ? lanes[strand.id]! + (roomy ? -3 : 5) : outside(label.level)}
                fontSize={14}
                fontWeight={600}
                fill={label.level === 0 ? 'var(--on-band)' : 'var(--ink)'}
                stroke={label.level === 0 ? bandColour(task) : 'var(--paper)'}
                strokeWidth={4}
                paintOrder="stroke"
              >
                {label.text}
              </text>
              {label.level === 0 && roomy && (
                <text
                  x={label.along}
                  y={lanes[strand.id]! + 13}
                  fontSize={12}
                  fill="var(--on-band)"
                  stroke={bandColour(task)}
                  strokeWidth={4}
                  paintOrder="stroke"
                >
                  {under}
                </text>
              )}
            </Fragment>
          )
        })
      })}
      {now != null && planned && (
        <DriftLine planned={planned} now={now} frame={frame} across from={20} to={height - 4} />
      )}
      {now != null && (
        <g>
          <line x1={x(now)} x2={x(now)} y1={20} y2={height - 4} stroke="var(--accent)" strokeWidth={3} />
          {!small && (
            <text x={x(now) + 6} y={height - 8} fontSize={14} fontWeight={650} fill="var(--accent)">
              {words.now}
            </text>
          )}
        </g>
      )}
    </svg>
  )
}

/** From the likely end to the one that nine days in ten make: how sure an hour is, seen on its strand. */
const FinishBand = ({
  finish,
  lane,
  x,
  small,
}: {
  finish: Finish
  lane: number
  x: (minute: number) => number
  small: boolean
}) => {
  const [from, to] = [x(finish.likely), x(finish.nineInTen)]
  const half = small ? 5 : 9
  return (
    <g data-finish={finish.strand}>
      <path
        d={`M${from} ${lane - half}L${to} ${lane - 1}V${lane + 1}L${from} ${lane + half}Z`}
        fill="var(--accent)"
        opacity={0.35}
      />
      <line x1={from} x2={from} y1={lane - half - 3} y2={lane + half + 3} stroke="var(--accent)" strokeWidth={2.5} />
      <line
        x1={to}
        x2={to}
        y1={lane - half}
        y2={lane + half}
        stroke="var(--accent)"
        strokeWidth={1.5}
        strokeDasharray="2 2"
      />
    </g>
  )
}

/** Round hours keep clear of the name of a break. */
const tickRoom = 14

/** Time is shortened here: two slanted cuts through everything that runs on. */
const BreakMark = ({ at, from, to }: { at: number; from: number; to: number }) => (
  <g aria-hidden>
    <path d={`M${at - 9} ${to}L${at - 1} ${from}H${at + 7}L${at - 1} ${to}Z`} fill="var(--paper)" />
    <path
      d={`M${at - 9} ${to}L${at - 1} ${from}M${at - 1} ${to}L${at + 7} ${from}`}
      stroke="var(--strand)"
      strokeWidth={1.5}
    />
  </g>
)

/** A name under the thread keeps clear of the bend that leads out of its run. */
const bendRoom = 14

/** Work whose wait carries the same name is named once, at the band. */
const isNamed = (work: PlaitTask, waits: readonly PlaitTask[]) =>
  !waits.some((wait) => wait.step === work.step && wait.title.split(',')[0] === work.title)
