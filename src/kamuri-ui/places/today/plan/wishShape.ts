import { z } from 'zod'
import type { EditBody, StretchBody } from '@/api/client'
import type { Day, Wish } from './wish'

/** Every word of a union, checked by the compiler to be all of them. */
const words = <T extends string>(all: Record<T, true>) => z.enum(Object.keys(all) as [T, ...T[]])

const aim = words<Wish['aim']>({
  moisture: true,
  strength: true,
  reset: true,
  quick: true,
  definition: true,
  scalpComfort: true,
  oilFree: true,
  recovery: true,
  beforeStyle: true,
  lengthKeeping: true,
  refresh: true,
  patchTest: true,
})
const style = words<Wish['style']>({
  twists: true,
  twistOut: true,
  washAndGo: true,
  bun: true,
  singleTwists: true,
  braids: true,
  asItIs: true,
  retwist: true,
})
const comes = words<NonNullable<Wish['starts']>['comes']>({
  dry: true,
  damp: true,
  washed: true,
  inTwists: true,
  treated: true,
})
const mode = words<Wish['when']['mode']>({ soonest: true, startNow: true, startAt: true, readyBy: true })
const air = words<NonNullable<Wish['dryingAir']>>({ still: true, fan: true, hoodLow: true, blowDryCool: true })
const layering = words<NonNullable<Wish['layering']>>({ loc: true, lco: true, loLight: true })
const heat = words<NonNullable<Wish['treatmentHeat']>>({ none: true, cap: true, hood: true, steamer: true })
const stretched = words<NonNullable<Wish['stretch']>>({ balanced: true, needsProtein: true, needsMoisture: true })
const editKind = words<EditBody['kind']>({
  drop: true,
  add: true,
  move: true,
  minutes: true,
  places: true,
  heat: true,
  water: true,
  direction: true,
  dryness: true,
  pieces: true,
  override: true,
  duplicate: true,
  moveAll: true,
  orderByPhase: true,
  together: true,
})

const stretch: z.ZodType<StretchBody> = z.object({ from: z.string(), to: z.string() })

const wish = z.looseObject({
  headId: z.string().min(1).max(64),
  aim,
  style,
  when: z.looseObject({ mode, date: z.string().nullish(), time: z.string().nullish() }),
  routine: z.string().nullish(),
  asLastTime: z.boolean().optional(),
  starts: z.looseObject({ comes }).nullish(),
  teaRinse: z.boolean().nullish(),
  takesDown: z.boolean().optional(),
  treatmentHeat: heat.nullish(),
  dryingAir: air.optional(),
  stretch: stretched.nullish(),
  layering: layering.nullish(),
  sections: z.number().int().nullish(),
  uses: z.record(z.string(), z.looseObject({})).optional(),
  edits: z.array(z.looseObject({ kind: editKind })),
})

const day = z.object({
  heads: z
    .array(
      z.object({
        wish,
        present: z.array(stretch),
        readyBy: z.string().nullable(),
        pauseAfter: z.number().nullable(),
      }),
    )
    .min(1),
  at: z.number().int().min(0),
  hands: z.array(z.looseObject({ name: z.string() })),
  taken: z.array(z.looseObject({ resource: z.string(), from: z.string(), to: z.string() })),
  planned: z.string().nullable().default(null),
})

const one = wish.transform((alone) => ({
  heads: [{ wish: alone, present: [], readyBy: null, pauseAfter: null }],
  at: 0,
  hands: [],
  taken: [],
  planned: null,
}))

/** A day as it is kept on a device; a plan of one head, as it was kept before there were several, becomes a day of one. */
export const dayShape = z.union([day, one]).refine((read) => read.at < read.heads.length) as unknown as z.ZodType<Day>
