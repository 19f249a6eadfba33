import { z } from 'zod'
import type { EventBody } from '@/api/client'
import { Kept } from '@/app/kept'

const kinds: Record<EventBody['kind'], true> = {
  taskStarted: true,
  sectionDone: true,
  taskDone: true,
  taskSkipped: true,
  taskExtended: true,
  away: true,
  paused: true,
  resumed: true,
  note: true,
  undone: true,
  headRated: true,
  mishap: true,
  orderChanged: true,
  reading: true,
  finished: true,
}

/** Presses that wait; one that is not understood goes, and the others stay. */
const waiting = z.array(z.unknown()).transform((presses) =>
  presses.flatMap((press) => {
    const read = z
      .looseObject({
        id: z.string().min(1).max(64),
        kind: z.enum(Object.keys(kinds) as [EventBody['kind']]),
        at: z.string().nullish(),
      })
      .safeParse(press)
    return read.success ? [read.data as EventBody] : []
  }),
) as unknown as z.ZodType<EventBody[]>

/** What was pressed and has not got through, in order. Kept on the device, so that a closed page loses nothing. */
export class Waiting {
  private readonly kept: Kept<EventBody[]>
  private list: EventBody[]

  constructor(session: string) {
    this.kept = new Kept(`kamuri.waiting.${session}`, 1, waiting)
    this.list = this.kept.read() ?? []
  }

  get first(): EventBody | undefined {
    return this.list[0]
  }

  get count() {
    return this.list.length
  }

  get all(): readonly EventBody[] {
    return this.list
  }

  add(press: EventBody) {
    this.list = [...this.list, press]
    this.keep()
  }

  /** The first was answered. */
  drop() {
    this.list = this.list.slice(1)
    this.keep()
  }

  private keep() {
    if (this.list.length === 0) this.kept.drop()
    else this.kept.write(this.list)
  }
}
