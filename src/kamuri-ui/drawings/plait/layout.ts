/** A task as the plait draws it; times are minutes from the start of the drawing. */
export interface PlaitTask {
  id: string
  step: string | null
  strand: string
  title: string
  isHandsOn: boolean
  sections: number
  window: { earliest: number; usual: number; latest: number } | null
  substance: string | null
  start: number
  end: number
  /** Whose hands do it, where there are several pairs. */
  by?: string | null
  /** Minutes from the start on the clock, where the drawing shortens what nobody works in. */
  clockStart?: number
}

/** Room for the names of strands at the left of a drawing, in pixels. */
export const gutter = 104

/** Room at its right. */
export const right = 28

/** A long stretch in which no hand is busy, drawn shorter than it is. Drawn minutes. */
export interface Break {
  from: number
  to: number
  /** What the whole stretch takes on the clock. */
  minutes: number
}

/** How clock minutes become drawn minutes. */
export interface Scale {
  to: (minute: number) => number
  breaks: Break[]
}

/** A stretch without work has to be this long before it is shortened. */
const longStretch = 150

/** Kept as it is at both ends of a shortened stretch, and what is left of its middle. */
const keptEnds = 25
const drawnMiddle = 35

/**
 * Shortens stretches of hours in which something only dries or stays on overnight, so that the work of the hands is not
 * squeezed into a corner. Each break is marked in the drawing with what it takes.
 */
export function scaleOf(tasks: readonly PlaitTask[], end: number): Scale {
  const cuts: { from: number; to: number }[] = []
  let free = 0
  const work = tasks.filter((task) => task.isHandsOn).sort((a, b) => a.start - b.start)
  for (const next of [...work.map((task) => ({ start: task.start, end: task.end })), { start: end, end }]) {
    if (next.start - free >= longStretch) cuts.push({ from: free + keptEnds, to: next.start - keptEnds })
    free = Math.max(free, next.end)
  }
  const to = (minute: number) =>
    cuts.reduce((drawn, cut) => {
      const gone = cut.to - cut.from - drawnMiddle
      const share = Math.min(1, Math.max(0, (minute - cut.from) / (cut.to - cut.from)))
      return drawn - gone * share
    }, minute)
  return {
    to,
    breaks: cuts.map((cut) => ({ from: to(cut.from), to: to(cut.to), minutes: cut.to - cut.from + 2 * keptEnds })),
  }
}

/** The same tasks in drawn minutes. */
export const drawn = (tasks: readonly PlaitTask[], scale: Scale): PlaitTask[] =>
  tasks.map((task) => {
    const start = scale.to(task.start)
    const after = (minutes: number) => scale.to(task.start + minutes) - start
    return {
      ...task,
      clockStart: task.start,
      start,
      end: scale.to(task.end),
      window: task.window && {
        earliest: after(task.window.earliest),
        usual: after(task.window.usual),
        latest: after(task.window.latest),
      },
    }
  })

/** Where things lie: how time maps along the drawing, and where each strand and the resting line lie across it. */
export interface Frame {
  /** Pixels of a minute. */
  perMinute: number
  /** Pixels before the first minute. */
  origin: number
  lanes: Record<string, number>
  rest: number
}

/** The thread stays somewhere for a while: on a strand with busy hands, or on the resting line. */
export interface Stay {
  lane: number
  from: number
  to: number
  task: PlaitTask | null
}

export interface Point {
  along: number
  across: number
}

/** One pair of hands on its way: where it is, with the frame that keeps it beside the other pair. */
export interface Thread {
  name: string
  stays: Stay[]
  frame: Frame
}

/** A thread for each pair of hands. Two lie side by side where both rest, and where both are on one strand. */
export function threadsOf(tasks: readonly PlaitTask[], frame: Frame, apart: number): Thread[] {
  const names = [...new Set(tasks.filter((task) => task.isHandsOn).map((task) => task.by ?? ''))].sort()
  if (names.length < 2) return [{ name: names[0] ?? '', stays: stays(tasks, frame), frame }]
  const end = Math.max(0, ...tasks.map((task) => task.end))
  return names.map((name, n) => {
    const side = (n - (names.length - 1) / 2) * apart
    const own = {
      ...frame,
      rest: frame.rest + side,
      lanes: Object.fromEntries(Object.entries(frame.lanes).map(([strand, lane]) => [strand, lane + side / 2])),
    }
    return {
      name,
      frame: own,
      stays: stays(
        tasks.filter((task) => !task.isHandsOn || (task.by ?? '') === name),
        own,
        end,
      ),
    }
  })
}

/** When a head is likely done, nine times in ten, in minutes from the start. */
export interface Finish {
  strand: string
  likely: number
  nineInTen: number
}

/** The minute of a strand that the plan would have reached by now. */
export interface Planned {
  strand: string
  minute: number
}

/** Less than this is not seen as a difference, in minutes. */
const shortestDrift = 1

/**
 * The drift line: where the plan would be, from strand to strand, beside the line of now. None while the day goes as planned.
 * @returns Points along and across the drawing.
 */
export function driftLine(planned: readonly Planned[], now: number, frame: Frame): { along: number; lane: number }[] {
  if (planned.every((each) => Math.abs(each.minute - now) < shortestDrift)) return []
  return planned
    .filter((each) => each.strand in frame.lanes)
    .map((each) => ({ along: frame.origin + each.minute * frame.perMinute, lane: frame.lanes[each.strand]! }))
}

/** Below this a pause is drawn as going straight on; nobody sits down for it. */
const shortestRest = 2

/** Where one pair of hands is from the first minute to the last piece of work. */
export function stays(tasks: readonly PlaitTask[], frame: Frame, until = 0): Stay[] {
  const work = tasks.filter((task) => task.isHandsOn).sort((a, b) => a.start - b.start || a.end - b.end)
  const list: Stay[] = []
  let free = Math.min(0, work[0]?.start ?? 0)
  for (const task of work) {
    const lane = frame.lanes[task.strand] ?? frame.rest
    const last = list.at(-1)
    if (task.start - free >= shortestRest) list.push({ lane: frame.rest, from: free, to: task.start, task: null })
    else if (last) last.to = task.start
    list.push({ lane, from: task.start, to: task.end, task })
    free = task.end
  }
  const end = Math.max(until, ...tasks.map((task) => task.end))
  if (end - free >= shortestRest) list.push({ lane: frame.rest, from: free, to: end, task: null })
  return list
}

/** Where the run that a stay belongs to ends, in minutes. */
export function runEnd(list: readonly Stay[], stay: Stay): number {
  let end = stay.to
  for (const next of list.slice(list.indexOf(stay) + 1)) {
    if (next.lane !== stay.lane) break
    end = next.to
  }
  return end
}

/** Where the run that a stay belongs to begins, in minutes. */
export function runStart(list: readonly Stay[], stay: Stay): number {
  let start = stay.from
  for (const before of list.slice(0, list.indexOf(stay)).reverse()) {
    if (before.lane !== stay.lane) break
    start = before.from
  }
  return start
}

/** Runs of stays on one lane, which the thread passes without bending. */
function runs(list: readonly Stay[]): Stay[] {
  const merged: Stay[] = []
  for (const stay of list) {
    const last = merged.at(-1)
    if (last?.lane === stay.lane) last.to = stay.to
    else merged.push({ ...stay })
  }
  return merged
}

/**
 * The thread as a smooth path. Bends are soft S-curves that never reach past the middle of a stay, so that even a
 * one-minute visit to the stove comes out as a round dip.
 */
export function threadPath(list: readonly Stay[], frame: Frame, put: (point: Point) => string): string {
  const along = (minute: number) => frame.origin + minute * frame.perMinute
  const parts = runs(list)
  const first = parts[0]
  if (!first) return ''
  const widest = 16
  let path = `M${put({ along: along(first.from), across: first.lane })}`
  parts.forEach((part, n) => {
    const next = parts[n + 1]
    const end = along(part.to)
    if (!next) {
      path += `L${put({ along: end, across: part.lane })}`
      return
    }
    const room = Math.min(end - along(part.from), along(next.to) - end) / 2
    const bend = Math.min(widest, Math.max(room, 1.5))
    const [a, b] = [end - bend, end + bend]
    path += `L${put({ along: a, across: part.lane })}C${put({ along: a + bend * 1.1, across: part.lane })} ${put({ along: b - bend * 1.1, across: next.lane })} ${put({ along: b, across: next.lane })}`
  })
  return path
}

/** One stitch for each section of work: the places between sections with their distance, and none for work done at once. */
export function stitches(list: readonly Stay[], frame: Frame): (Point & { apart: number })[] {
  return list.flatMap((stay) => {
    const sections = stay.task?.sections ?? 0
    if (sections < 2) return []
    const step = ((stay.to - stay.from) * frame.perMinute) / sections
    return Array.from({ length: sections - 1 }, (_, n) => ({
      along: frame.origin + stay.from * frame.perMinute + step * (n + 1),
      across: stay.lane,
      apart: step,
    }))
  })
}

/** Where one piece of work ends and the next begins without a pause: the thread is cut there, so that steps can be told apart. */
export function joints(list: readonly Stay[], frame: Frame): Point[] {
  return list.flatMap((stay, n) => {
    const next = list[n + 1]
    return stay.task && next?.task && next.lane === stay.lane
      ? [{ along: frame.origin + stay.to * frame.perMinute, across: stay.lane }]
      : []
  })
}

/** Rough width of text, enough to decide whether it fits. */
export const textWidth = (text: string, size: number) =>
  [...text].reduce((width, letter) => width + letterWidth(letter), 0) * size

/** Of its size, a little rather more than less: what is too wide is moved, what is too narrow is drawn over. */
const letterWidth = (letter: string) =>
  /[mwMW@%]/.test(letter) ? 0.86 : /[ijltfrI.,:;'’|() ]/.test(letter) ? 0.32 : /[A-Z]/.test(letter) ? 0.66 : 0.56

export interface Label {
  id: string
  text: string
  /** Start of the text along the drawing. */
  along: number
  /** 0 inside its band; 1, 2, … further out. */
  level: number
}

/**
 * Puts the names of bands where they can be read: inside when they fit, else outside on the first level where they
 * touch nothing. A name that fits nowhere is left to the list of steps.
 */
export function bandLabels(
  bands: readonly { id: string; text: string; from: number; to: number; until?: number }[],
  size: number,
  levels: number,
  end: number,
  inside = true,
): Label[] {
  const taken: number[] = Array.from({ length: levels + 1 }, () => -Infinity)
  return [...bands]
    .sort((a, b) => a.from - b.from)
    .flatMap((band) => {
      const width = textWidth(band.text, size)
      if (inside && width + 16 <= band.to - band.from)
        return [{ id: band.id, text: band.text, along: band.from + 8, level: 0 }]
      const along = Math.max(0, Math.min(band.from, (band.until ?? end) - width))
      const level = taken.findIndex((until, n) => n > 0 && until <= along - 8)
      if (level < 0) return []
      taken[level] = along + width
      return [{ id: band.id, text: band.text, along, level }]
    })
}

/** Minutes the whole drawing covers. */
export const spanOf = ({
  tasks,
  readyBy,
  now,
  finishes,
}: {
  tasks: readonly PlaitTask[]
  finishes?: readonly Finish[] | undefined
  readyBy?: number | null | undefined
  now?: number | null | undefined
}) =>
  Math.max(
    30,
    readyBy ?? 0,
    now ?? 0,
    ...tasks.map((task) => task.end),
    ...(finishes ?? []).map((finish) => finish.nineInTen),
  )
