import type { RunTaskView } from '@/api/client'
import type { Keys } from '@/app/keys'

/** A digit ticks its section of what hands are on, 0 the tenth. Those that are done, and those beyond, have no key. */
export const sectionKeys = (task: RunTaskView | undefined, tick: (task: string, section: number) => void): Keys =>
  Object.fromEntries(
    Array.from({ length: Math.min(10, task?.sections ?? 0) }, (_, n) => n + 1)
      .filter((section) => !task!.sectionsDone.includes(section))
      .map((section) => [String(section % 10), () => tick(task!.id, section)]),
  )
