/** The five places, each with the key that leads there. */
export const places = [
  { path: '/ahead', name: 'Ahead', key: '1' },
  { path: '/today', name: 'Today', key: '2' },
  { path: '/behind', name: 'Behind', key: '3' },
  { path: '/shelf', name: 'Shelf', key: '4' },
  { path: '/heads', name: 'Heads', key: '5' },
] as const
