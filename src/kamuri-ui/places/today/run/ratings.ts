import type { Ratings } from '@/api/client'

/** The five questions at the end of a day. */
export const ratingNames: { field: keyof Ratings; name: string; low: string; high: string }[] = [
  { field: 'softness', name: 'Softness', low: 'rough', high: 'soft' },
  { field: 'definition', name: 'Definition', low: 'none', high: 'clear' },
  { field: 'slip', name: 'Slip', low: 'it caught', high: 'it glided' },
  { field: 'scalpComfort', name: 'Scalp comfort', low: 'sore', high: 'at ease' },
  { field: 'stiffness', name: 'Stiffness', low: 'supple', high: 'stiff' },
]
