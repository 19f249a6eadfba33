import type { Ratings } from '@/api/client'
import { ratings as words } from './words'

/** One of the five questions at the end of a day; more points are always better. */
interface Rating {
  name: string
  low: string
  high: string
  points: (ratings: Ratings) => number | null | undefined
  rate: (points: number) => Partial<Ratings>
}

const rating = (field: keyof Ratings, name: string, low: string, high: string): Rating => ({
  name,
  low,
  high,
  points: (ratings) => ratings[field],
  rate: (points) => ({ [field]: points }),
})

export const ratingNames: Rating[] = [
  rating('softness', words.softness, 'rough', 'soft'),
  rating('definition', words.definition, 'none', 'clear'),
  rating('slip', words.slip, words.itCaught, words.itGlided),
  rating('scalpComfort', words.scalpComfort, 'sore', words.atEase),
  {
    // Kept as stiffness, and asked for as its opposite.
    name: words.suppleness,
    low: 'stiff',
    high: 'supple',
    points: ({ stiffness }) => (stiffness == null ? stiffness : 6 - stiffness),
    rate: (points) => ({ stiffness: 6 - points }),
  },
]
