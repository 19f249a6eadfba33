import { useState } from 'react'
import type { Ratings, SessionView } from '@/api/client'
import { Button } from '@/kit/Button'
import { Sheet } from '@/kit/Sheet'
import { Tabs } from '@/kit/Tabs'
import { ratingNames } from './ratings'
import { finishSheet as words } from './words'

/** Five quick ratings and a note; every one of them may stay empty. */
export function FinishSheet({
  session,
  open,
  onClose,
  onFinish,
  onDiscard,
}: {
  session: SessionView
  open: boolean
  onClose: () => void
  onFinish: (ratings: Record<string, Ratings>, note: string | null) => void
  /** It was begun by mistake. */
  onDiscard: () => void
}) {
  const [given, setGiven] = useState<Record<string, Ratings>>({})
  const [of, setOf] = useState(session.heads[0]!.key)
  const ratings = given[of] ?? {}
  const setRatings = (next: Ratings) => setGiven({ ...given, [of]: next })
  const [note, setNote] = useState('')
  return (
    <Sheet
      title={session.rehearsal ? words.endTheRehearsal : words.howDidItTurnOut}
      description={session.rehearsal ? words.nothingIsSaved : words.skipWhatYouCannotSay}
      open={open}
      onClose={onClose}
    >
      <form
        onSubmit={(event) => {
          event.preventDefault()
          onFinish(given, note.trim() || null)
        }}
      >
        {!session.rehearsal && session.heads.length > 1 && (
          <div className="mt-4">
            <Tabs tall label={words.whoseHair} tabs={session.heads} at={of} onLook={setOf} />
          </div>
        )}
        {(session.rehearsal ? [] : ratingNames).map(({ name, low, high, points, rate }) => (
          <fieldset key={name} className="mt-4">
            <legend className="font-semibold">{name}</legend>
            <div className="grid grid-cols-5 items-center sm:grid-cols-[5rem_repeat(5,4rem)_auto]">
              <span className="order-1 col-span-2 text-sm text-quiet sm:order-none sm:col-span-1">{low}</span>
              {[1, 2, 3, 4, 5].map((value) => (
                <label key={value} className="relative flex h-16 cursor-pointer items-center justify-center">
                  <input
                    type="radio"
                    name={name}
                    value={value}
                    aria-label={words.nameValueOf5({ name, value })}
                    checked={points(ratings) === value}
                    onChange={() => setRatings({ ...ratings, ...rate(value) })}
                    className="peer absolute inset-0 cursor-pointer opacity-0"
                  />
                  <span
                    aria-hidden
                    className={`flex size-10 items-center justify-center rounded-full border-2 font-display font-semibold peer-focus-visible:outline-3 peer-focus-visible:outline-offset-2 peer-focus-visible:outline-accent ${value <= (points(ratings) ?? 0) ? 'border-accent bg-accent text-on-accent' : 'border-strand'}`}
                  >
                    {value}
                  </span>
                </label>
              ))}
              <span className="order-1 col-span-3 text-right text-sm text-quiet sm:order-none sm:col-span-1 sm:pl-2 sm:text-left">
                {high}
              </span>
            </div>
          </fieldset>
        ))}
        <label className={session.rehearsal ? 'hidden' : 'mt-5 block font-semibold'}>
          {words.note}
          <textarea
            value={note}
            maxLength={2000}
            rows={3}
            onChange={(event) => setNote(event.target.value)}
            className="mt-1 block w-full rounded-lg border-2 border-strand bg-paper p-3 font-normal"
          />
        </label>
        <div className="mt-5 flex flex-wrap gap-3">
          <Button type="submit" tone="main" className="min-h-16 text-lg">
            {session.rehearsal ? words.endWithoutSaving : words.saveThisDay}
          </Button>
          <Button className="min-h-16" onClick={onClose}>
            {words.backToTheRun}
          </Button>
          {!session.rehearsal && (
            <Button tone="quiet" className="min-h-16" onClick={onDiscard}>
              {words.itWasNotAWashDay}
            </Button>
          )}
        </div>
      </form>
    </Sheet>
  )
}
