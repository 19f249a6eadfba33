import type { Ratings } from '@/api/client'
import { ratings as words } from './words'

/** The five questions at the end of a day. */
export const ratingNames: { field: keyof Ratings; name: string; low: string; high: string }[] = [
  { field: 'softness', name: words.softness, low: 'rough', high: 'soft' },
  { field: 'definition', name: words.definition, low: 'none', high: 'clear' },
  { field: 'slip', name: words.slip, low: words.itCaught, high: words.itGlided },
  { field: 'scalpComfort', name: words.scalpComfort, low: 'sore', high: words.atEase },
  { field: 'stiffness', name: words.stiffness, low: 'supple', high: 'stiff' },
]
