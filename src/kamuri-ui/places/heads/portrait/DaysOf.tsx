import { Link } from 'react-router'
import { Day, spell } from '@/app/time'
import { Button } from '@/kit/Button'
import { Rich } from '@/kit/texts'
import { useRecord } from '../../behind/useRecord'
import { portrait as words } from '../words'

/** Days shown before somebody asks for more. */
const page = 5

/** A head's own days, all or those with a step or of a month. */
export function DaysOf({ head }: { head: string }) {
  const { asked, days = [], isChosen, step, month } = useRecord(head, page)
  return (
    <section aria-label={words.days} className="mt-6 border-t border-rule pt-3">
      <h2 className="text-xl font-semibold">{words.days}</h2>
      {(days.length > 0 || isChosen) && (
        <p className="mt-1">
          <Rich of={words.daysWith} parts={{ step, month }} />
        </p>
      )}
      <ul className="mt-1">
        {days.map((day) => (
          <li key={day.id}>
            <Link
              to={`/behind/${day.id}`}
              className="flex min-h-12 items-center justify-between gap-4 border-b border-rule hover:bg-raised"
            >
              <span>
                <span className="font-semibold">{Day(day.startedAt)}</span>
                <span className="block text-quiet">{words.aimIntoStyle({ aim: day.aim, style: day.style })}</span>
              </span>
              <span className="font-display font-semibold">{spell(day.actualMinutes)}</span>
            </Link>
          </li>
        ))}
      </ul>
      {asked.data && days.length === 0 && (
        <p className="mt-1 text-quiet">{isChosen ? words.noneOfThese : words.noDaysYet}</p>
      )}
      {asked.hasNextPage && (
        <Button tone="quiet" className="mt-1 !px-0" onClick={() => void asked.fetchNextPage()}>
          {words.showEarlierDays}
        </Button>
      )}
    </section>
  )
}
