import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told, type EventBody, type Mishap, type SessionView } from '@/api/client'
import { clockBeside, minutesBetween, spell } from '@/app/time'
import { Button } from '@/kit/Button'
import { Sheet } from '@/kit/Sheet'
import { Tabs } from '@/kit/Tabs'
import { Trouble } from '@/kit/Trouble'
import { mishapSheet as said } from './words'

/** What can go wrong, in the words somebody with wet hands would say. */
const happenings: { mishap: Mishap; words: string }[] = [
  { mishap: 'leftTooLong', words: said.itStayedOnTooLong },
  { mishap: 'calledAway', words: said.iHaveToGoAway },
  { mishap: 'stings', words: said.itItchesOrStings },
  { mishap: 'tooHot', words: said.tooHot },
  { mishap: 'notEnough', words: said.notEnoughOfIt },
  { mishap: 'tooMuch', words: said.tooMuchOfIt },
  { mishap: 'tooThick', words: said.tooThick },
  { mishap: 'tooRunny', words: said.tooRunny },
  { mishap: 'oilStays', words: said.oilWillNotWashOut },
  { mishap: 'bitsLeft', words: said.bitsLeftInTheHair },
  { mishap: 'unsureOfSections', words: said.notSureWhichSectionsAre },
  { mishap: 'outOfTime', words: said.runningOutOfTime },
  { mishap: 'wetAtBedtime', words: said.bedtimeAndStillWet },
]

/** One press, what happened, and what to do about it on this head at this moment. */
export function MishapSheet({
  session,
  head,
  happened = null,
  open,
  onClose,
  onTake,
}: {
  session: SessionView
  /** The head in hand. */
  head: string
  /** What a rehearsal makes happen. */
  happened?: { mishap: Mishap; head: string } | null
  open: boolean
  onClose: () => void
  onTake: (event: Omit<EventBody, 'id'>) => void
}) {
  return (
    <Sheet title={said.somethingsOff} open={open} onClose={onClose}>
      <Asking
        key={`${String(open)}${happened?.mishap ?? ''}`}
        session={session}
        first={happened?.head ?? head}
        happened={happened?.mishap ?? null}
        onClose={onClose}
        onTake={onTake}
      />
    </Sheet>
  )
}

function Asking({
  session,
  first,
  happened,
  onClose,
  onTake,
}: {
  session: SessionView
  first: string
  happened: Mishap | null
  onClose: () => void
  onTake: (event: Omit<EventBody, 'id'>) => void
}) {
  const [head, setHead] = useState(first)
  const [mishap, setMishap] = useState<Mishap | null>(happened)
  const advice = useQuery({
    queryKey: ['advice', session.id, mishap, head],
    queryFn: () =>
      told(
        api.GET('/api/sessions/{id}/mishaps/{mishap}', {
          params: { path: { id: session.id, mishap: mishap! }, query: { head } },
        }),
      ),
    enabled: mishap !== null,
    gcTime: 0,
    retry: false,
  })
  return (
    <>
      {session.heads.length > 1 && (
        <div className="mt-4">
          <Tabs tall label={said.onWhoseHair} tabs={session.heads} at={head} onLook={setHead} />
        </div>
      )}
      {mishap === null ? (
        <ul className="mt-3 grid gap-x-6 sm:grid-cols-2">
          {happenings.map((each) => (
            <li key={each.mishap} className="border-b border-rule">
              <button
                type="button"
                data-mishap={each.mishap}
                onClick={() => setMishap(each.mishap)}
                className="min-h-16 w-full text-left text-lg font-semibold hover:text-accent"
              >
                {each.words}
              </button>
            </li>
          ))}
        </ul>
      ) : (
        <div className="mt-4" data-advice={mishap} aria-live="polite">
          <h3 className="text-quiet">{happenings.find((each) => each.mishap === mishap)?.words}</h3>
          <Trouble error={advice.error} />
          {advice.data && (
            <>
              {/* What helps now comes before what is only asked for when stopping. */}
              {advice.data.now.map((sentence) => (
                <p key={sentence} className="mt-2 text-xl leading-snug">
                  {sentence}
                </p>
              ))}
              {advice.data.mustBeDone.map((sentence) => (
                <p key={sentence} className="mt-3 border-l-4 border-stop pl-3 text-lg font-semibold text-stop">
                  {sentence}
                </p>
              ))}
              <ul className="mt-5">
                {advice.data.ways.map((way, n) => (
                  <li key={way.id} className="border-t border-rule py-3">
                    <Button
                      tone={n === 0 ? 'main' : 'plain'}
                      className="min-h-16 w-full justify-start text-left text-lg"
                      data-way={way.id}
                      onClick={() => {
                        onTake({ kind: 'mishap', mishap, head, way: way.id })
                        onClose()
                      }}
                    >
                      {way.label}
                    </Button>
                    <p className="mt-1">
                      {way.sentences.join(' ')}{' '}
                      <span className="text-quiet">
                        {way.putUpAt
                          ? said.putUpByTime({ time: clockBeside(way.putUpAt, session.now) })
                          : over(clockBeside(way.endsAt, session.now), minutesBetween(session.endsAt, way.endsAt))}
                      </span>
                    </p>
                  </li>
                ))}
              </ul>
            </>
          )}
          <Button tone="quiet" className="mt-2 min-h-16" onClick={() => setMishap(null)}>
            {said.backToTheList}
          </Button>
        </div>
      )}
    </>
  )
}

const over = (time: string, drift: number) => {
  const minutes = Math.round(drift)
  if (minutes === 0) return said.doneAt({ time })
  return (minutes > 0 ? said.doneLater : said.doneEarlier)({ time, minutes: spell(minutes) })
}
