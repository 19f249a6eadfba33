import { Sheet } from '@/kit/Sheet'
import { runKeys as words } from './words'

/** The keys of a run. */
export function RunKeys({ open, onClose }: { open: boolean; onClose: () => void }) {
  const rows = [
    ['Space', words.whatTheBigButtonSays],
    ['1 to 9, 0', words.thatSectionIsDone0],
    ['m', words.fiveMinutesMore],
    ['p', words.pauseOrResume],
    ['k', 'skip'],
    ['u', words.undo],
    ['n', 'note'],
    ['r', 'a reading: how warm, how much'],
    ['x', 'something’s off'],
    ['s', words.settingsOfThisDevice],
    ['h', words.theOtherPairOfHands],
    ['f', words.finishAndRateIt],
    ['?', words.theseKeys],
  ]
  return (
    <Sheet title={words.keyboardShortcuts} open={open} onClose={onClose}>
      <dl className="mt-4 grid grid-cols-[6rem_1fr] gap-y-2 text-lg">
        {rows.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="font-semibold">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Sheet>
  )
}
