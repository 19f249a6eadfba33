import { useEffect, useState } from 'react'
import {
  Refused,
  stream,
  type EditBody,
  type HouseholdPlanBody,
  type RemedyView,
  type WhyNotView,
  type Work,
} from '@/api/client'
import { Button } from '@/kit/Button'
import { HowFar } from '@/kit/HowFar'
import type { Wish } from './wish'
import { whyNot as words } from './words'

/** The smallest changes that would make an hour that cannot be met; each is planned whole, which takes some seconds. */
export function WhyNot({
  body,
  onHands,
  onDry,
  onLeaveOut,
}: {
  body: HouseholdPlanBody
  onHands: (mayDo: Work[]) => void
  onDry: (head: number, air: NonNullable<Wish['dryingAir']>) => void
  onLeaveOut: (head: number, edits: EditBody[]) => void
}) {
  const [found, setFound] = useState<WhyNotView | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const question = JSON.stringify(body)
  useEffect(() => {
    const listening = new AbortController()
    const look = async () => {
      setFound(null)
      setTrouble(null)
      try {
        for await (const next of stream<WhyNotView>('/api/household-plans/why-not', {
          headers: { 'Content-Type': 'application/json' },
          body: question,
          signal: listening.signal,
        }))
          if (!listening.signal.aborted) setFound(next)
      } catch (refused) {
        if (!listening.signal.aborted)
          setTrouble(refused instanceof Refused ? refused.message : words.theSearchStoppedEarly)
      }
    }
    void look()
    return () => listening.abort()
  }, [question])
  const take = (remedy: RemedyView) => {
    if (remedy.kind === 'secondHands') onHands(remedy.mayDo)
    if (remedy.kind === 'dryFaster' && remedy.dryingAir) onDry(remedy.head, remedy.dryingAir)
    if (remedy.kind === 'leaveOut') onLeaveOut(remedy.head, remedy.edits)
  }
  return (
    <div className="mt-3 max-w-4xl border-l-4 border-warn pl-3" data-why-not>
      <p className="font-semibold text-warn">{words.notEveryoneIsDoneIn}</p>
      {!found?.isOver && !trouble && (
        <p className="flex min-h-8 flex-wrap items-center gap-x-4" role="status">
          <span>{found?.trying ? words.lookingAt({ trying: found.trying }) : words.looking}</span>
          <HowFar label={words.searchProgress} share={found?.share ?? 0} />
        </p>
      )}
      {trouble && (
        <p role="alert" className="text-stop">
          {trouble}
        </p>
      )}
      {found?.isOver && found.remedies.length === 0 && <p>{words.oneOrTwoChangesAre}</p>}
      <ul>
        {found?.remedies.map((remedy) => (
          <li key={remedy.sentence} className="mt-1 flex flex-wrap items-center gap-x-3">
            <span>{remedy.sentence}</span>
            {pressed[remedy.kind] && (
              <Button
                tone="quiet"
                className="-mx-4"
                onClick={() => (remedy.parts?.length ? remedy.parts : [remedy]).forEach((part) => take(part))}
              >
                {pressed[remedy.kind]}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </div>
  )
}

/** What is on the button of each kind; an earlier beginning is taken in the sentence of the day. */
const pressed: Record<RemedyView['kind'], string | null> = {
  beginEarlier: null,
  secondHands: words.planWithThem,
  dryFaster: words.dryItThisWay,
  leaveOut: words.leaveItOut,
  together: words.doBoth,
}
