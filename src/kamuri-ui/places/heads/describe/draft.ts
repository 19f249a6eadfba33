import { z } from 'zod'
import { Kept } from '@/app/kept'

/** The answers about a new head, before they are saved. */
const shape = z.object({
  name: z.string(),
  ageGroup: z.enum(['adult', 'sixToTwelve', 'underSix']),
  keptAs: z.enum(['loose', 'locs', 'style', 'takenDown']),
  landmark: z.enum(['ear', 'chin', 'shoulder', 'armpit', 'midBack', 'waist']).nullable(),
  crownCm: z.number().nullable(),
  density: z.enum(['low', 'medium', 'high']),
  strand: z.enum(['fine', 'medium', 'coarse']),
  never: z.array(z.string()),
  neverElse: z.string(),
})

export type Draft = z.infer<typeof shape>

export const blank: Draft = {
  name: '',
  ageGroup: 'adult',
  keptAs: 'loose',
  landmark: null,
  crownCm: null,
  density: 'medium',
  strand: 'medium',
  never: [],
  neverElse: '',
}

/** What was answered so far, on this device, so that neither a reload nor the back button loses it. */
export const keptDraft = new Kept<Draft>('kamuri.describing', 1, shape)
