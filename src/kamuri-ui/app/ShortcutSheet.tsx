import { Sheet } from '@/kit/Sheet'
import { places } from './places'

const inPlan: [string, string][] = [
  ['z', 'Take back the last change to the plan'],
  ['Alt ↑  Alt ↓', 'Move the step in focus earlier or later'],
  ['Delete', 'Leave out the step in focus'],
]

const inRun: [string, string][] = [
  ['Space', 'Start, section done, or done'],
  ['m', 'Five minutes more'],
  ['p', 'Pause or go on'],
  ['k', 'Skip'],
  ['u', 'Take back the last press'],
  ['n', 'Write a note'],
]

/** All keys, shown by "?". */
export function ShortcutSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Sheet title="Keys" open={open} onClose={onClose}>
      <Keys
        title="Anywhere"
        rows={[
          ...places.map((place): [string, string] => [place.key, place.name]),
          ['f', 'Craft figures'],
          ['?', 'This list'],
        ]}
      />
      <Keys title="In a plan" rows={inPlan} />
      <Keys title="In a run" rows={inRun} />
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
