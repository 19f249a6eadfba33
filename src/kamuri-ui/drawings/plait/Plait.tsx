import { useEffect, useRef, useState } from 'react'
import { HairStrip, type HairMoment } from './HairStrip'
import { HorizontalPlait } from './HorizontalPlait'
import { drawn, scaleOf, spanOf, type Finish, type PlaitTask, type Planned, type Scale } from './layout'
import { VerticalPlait } from './VerticalPlait'
import type { WallClock } from './wallClock'

export interface PlaitProps {
  tasks: readonly PlaitTask[]
  /** What the clock on the wall shows along it. */
  clock: WallClock
  strands: readonly { id: string; name: string; note: string }[]
  /** The wanted end, in minutes from the start. */
  readyBy?: number | null
  /** The present, in minutes from the start, while a session runs. */
  now?: number | null
  /** How far each head would be by the plan: the point of its strand that should be reached now. */
  planned?: readonly Planned[]
  /** The step in focus. */
  focus?: string | null
  onFocus?: (step: string | null) => void
  /** How sure the end of each head is. */
  finishes?: readonly Finish[]
  /** The state of the hair along the way, drawn under the plait where there is room. */
  hair?: readonly HairMoment[]
  /** A low strip with few names, where another part of the page is what matters. */
  small?: boolean
  /** The whole in words, for those who cannot see it. */
  summary: string
}

/** What the two drawings get: everything in drawn minutes, with the way back to the clock. */
export type DrawnPlait = PlaitProps & { scale: Scale; clockMinutes: number; width: number }

const narrow = 640

/** A session on a time axis: quiet strands, bands of what works by itself, and the hands as one thread between them. */
export function Plait(props: PlaitProps) {
  const frame = useRef<HTMLDivElement>(null)
  const [width, setWidth] = useState(0)
  useEffect(() => {
    const box = frame.current
    if (!box) return
    const observer = new ResizeObserver(([entry]) => setWidth(Math.floor(entry?.contentRect.width ?? 0)))
    observer.observe(box)
    return () => observer.disconnect()
  }, [])
  const end = spanOf(props)
  const scale = scaleOf(props.tasks, end)
  const shown = {
    ...props,
    tasks: drawn(props.tasks, scale),
    readyBy: props.readyBy == null ? null : scale.to(props.readyBy),
    now: props.now == null ? null : scale.to(props.now),
    ...(props.planned && {
      planned: props.planned.map((each) => ({ ...each, minute: scale.to(Math.max(0, each.minute)) })),
    }),
    ...(props.finishes && {
      finishes: props.finishes.map((finish) => ({
        ...finish,
        likely: scale.to(finish.likely),
        nineInTen: scale.to(finish.nineInTen),
      })),
    }),
    scale,
    clockMinutes: end,
    width,
  }
  return (
    <div ref={frame} className={props.small ? '' : 'min-h-56'}>
      {width > 0 && (
        <>
          {width < narrow ? <VerticalPlait {...shown} /> : <HorizontalPlait {...shown} />}
          {props.hair && (
            <HairStrip
              moments={props.hair.map((each) => ({ ...each, from: scale.to(each.from), to: scale.to(each.to) }))}
              minutes={scale.to(end)}
              width={width}
            />
          )}
        </>
      )}
    </div>
  )
}
