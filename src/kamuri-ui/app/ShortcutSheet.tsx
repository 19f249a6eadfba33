import { Sheet } from '@/kit/Sheet'
import { places } from './places'
import { shortcutSheet as words } from './words'

const inPlan: [string, string][] = [
  ['z', words.undoTheLastChangeTo],
  ['Alt ↑  Alt ↓', words.moveTheFocusedStepEarlier],
  ['Delete', words.leaveOutTheFocusedStep],
]

const inRun: [string, string][] = [
  ['Space', words.startTickASectionOr],
  ['m', words.fiveMinutesMore],
  ['p', words.pauseOrResume],
  ['k', 'Skip'],
  ['u', words.undoTheLastPress],
  ['n', words.writeANote],
]

/** All keys, shown by "?". */
export function ShortcutSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Sheet title={words.keyboardShortcuts} open={open} onClose={onClose}>
      <Keys
        title={words.anywhere}
        rows={[
          ...places.map((place): [string, string] => [place.key, place.name]),
          ['f', words.craftFigures],
          ['?', words.thisList],
        ]}
      />
      <Keys title={words.whilePlanning} rows={inPlan} />
      <Keys title={words.duringARun} rows={inRun} />
    </Sheet>
  )
}

function Keys({ title, rows }: { title: string; rows: [string, string][] }) {
  return (
    <section className="mt-5">
      <h3 className="text-lg font-semibold">{title}</h3>
      <dl className="mt-1 grid grid-cols-[7rem_1fr] gap-y-1">
        {rows.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="font-semibold">{key}</dt>
            <dd className="text-quiet">{what}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
