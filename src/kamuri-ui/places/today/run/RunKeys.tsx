import { Sheet } from '@/kit/Sheet'

/** The keys of a run. */
export function RunKeys({ open, onClose }: { open: boolean; onClose: () => void }) {
  const rows = [
    ['Space', 'what the big button says'],
    ['1 to 9, 0', 'that section is done; 0 is the tenth'],
    ['m', 'five minutes more'],
    ['p', 'pause, go on'],
    ['k', 'skip'],
    ['u', 'take back'],
    ['n', 'note'],
    ['r', 'a reading: how warm, how much'],
    ['x', 'something’s off'],
    ['s', 'sound, light and other screens'],
    ['h', 'the other pair of hands'],
    ['f', 'finish, and rate it'],
    ['?', 'these keys'],
  ]
  return (
    <Sheet title="Keys" open={open} onClose={onClose}>
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
