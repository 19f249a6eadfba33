import { joints, stitches, threadPath, type Point, type Thread } from './layout'

/** One pair of hands as a dark thread, with a stitch for each section. The second of two pairs is a thread of two plies. */
export function HandsThread({
  thread,
  second,
  small = false,
  down = false,
  focus,
  onFocus,
}: {
  thread: Thread
  second: boolean
  small?: boolean
  /** Time falls instead of running across. */
  down?: boolean
  focus: string | null
  onFocus: ((step: string | null) => void) | undefined
}) {
  const { stays, frame } = thread
  const put = (point: Point) =>
    down ? `${point.across} ${point.along.toFixed(1)}` : `${point.along.toFixed(1)} ${point.across}`
  const path = threadPath(stays, frame, put)
  const along = (minute: number) => frame.origin + minute * frame.perMinute
  const line = (from: Point, to: Point) =>
    down
      ? { x1: from.across, y1: from.along, x2: to.across, y2: to.along }
      : { x1: from.along, y1: from.across, x2: to.along, y2: to.across }
  return (
    <g data-thread={thread.name}>
      <path
        d={path}
        fill="none"
        stroke="var(--paper)"
        strokeWidth={small ? 9 : 13}
        strokeLinejoin="round"
        opacity={0.85}
      />
      <path
        d={path}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={small ? 4 : second ? 7 : 6}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
      {second && (
        <path d={path} fill="none" stroke="var(--paper)" strokeWidth={small ? 1.4 : 2.4} strokeLinejoin="round" />
      )}
      {stitches(stays, frame).map((point, n) => (
        <line
          key={n}
          {...line(
            { along: point.along - 1.5, across: point.across + 4 },
            { along: point.along + 1.5, across: point.across - 4 },
          )}
          stroke="var(--paper)"
          strokeWidth={Math.min(down ? 2 : 1.6, point.apart * 0.36)}
        />
      ))}
      {!down &&
        joints(stays, frame).map((point, n) => (
          <line
            key={n}
            {...line(
              { along: point.along, across: point.across - 5 },
              { along: point.along, across: point.across + 5 },
            )}
            stroke="var(--paper)"
            strokeWidth={4}
          />
        ))}
      {!down &&
        stays.map(
          (stay) =>
            stay.task && (
              <rect
                key={stay.task.id}
                x={along(stay.from)}
                y={stay.lane - 14}
                width={Math.max(6, along(stay.to) - along(stay.from))}
                height={28}
                fill="transparent"
                onPointerEnter={() => stay.task?.step && onFocus?.(stay.task.step)}
                onPointerLeave={() => onFocus?.(null)}
              />
            ),
        )}
      {!down &&
        focus &&
        stays
          .filter((stay) => stay.task?.step === focus)
          .map((stay) => (
            <line
              key={stay.task!.id}
              x1={along(stay.from)}
              x2={along(stay.to)}
              y1={stay.lane}
              y2={stay.lane}
              stroke="var(--accent)"
              strokeWidth={9}
              strokeLinecap="round"
            />
          ))}
    </g>
  )
}
