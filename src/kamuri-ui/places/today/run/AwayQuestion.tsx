import type { EventBody, HandsView } from '@/api/client'
import { spell } from '@/app/time'
import { Button } from '@/kit/Button'
import { awayQuestion as words } from './words'

/** Asked when no press has come for long: time away is no part of the work, and teaches nothing. */
export function AwayQuestion({
  hands,
  onTell,
}: {
  hands: HandsView
  onTell: (told: Omit<EventBody, 'id' | 'at'>) => void
}) {
  const { silence, doing } = hands
  if (!silence || !doing) return null
  return (
    <div
      role="group"
      aria-label={silence.question}
      className="mt-3 flex flex-wrap items-center gap-3 border-l-4 border-warn pl-3"
    >
      <p role="status" className="text-xl font-semibold">
        {silence.question}
      </p>
      <Button className="min-h-16" onClick={() => onTell({ kind: 'away', task: doing, minutes: silence.awayMinutes })}>
        {words.yes({ minutes: spell(silence.awayMinutes) })}
      </Button>
      <Button className="min-h-16" onClick={() => onTell({ kind: 'away', task: doing, minutes: 0 })}>
        {words.no}
      </Button>
    </div>
  )
}
