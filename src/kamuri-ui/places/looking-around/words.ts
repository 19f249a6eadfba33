export const lookingAround = {
  lookAround: 'Look around first',
  opening: 'Opening a made-up household…',
  madeUp: 'A made-up household. Nothing you do here is kept.',
  leave: 'Leave',
}
