import { places as words } from './words'
/** The five places, each with the key that leads there. */
export const places = [
  { path: '/ahead', name: words.ahead, key: '1' },
  { path: '/today', name: words.today, key: '2' },
  { path: '/behind', name: words.behind, key: '3' },
  { path: '/shelf', name: words.shelf, key: '4' },
  { path: '/heads', name: words.heads, key: '5' },
] as const
