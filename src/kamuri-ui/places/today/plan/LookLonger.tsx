import { useEffect, useRef, useState } from 'react'
import { Refused, stream, type HouseholdPlanBody, type LongerSearchView } from '@/api/client'
import { Button } from '@/kit/Button'
import { HowFar } from '@/kit/HowFar'
import { lookLonger as words } from './words'

/**
 * Searches on for a better plan of the day that is shown. Another day is another question: the caller gives it a key of its own.
 */
export function LookLonger({ body, onTake }: { body: HouseholdPlanBody; onTake: () => void }) {
  const [step, setStep] = useState<LongerSearchView | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const running = useRef<AbortController | null>(null)
  useEffect(() => () => running.current?.abort(), [])

  const search = async () => {
    const listening = new AbortController()
    running.current = listening
    setTrouble(null)
    setStep({ share: 0, isOver: false, isBetter: false, sentence: '' })
    try {
      for await (const next of stream<LongerSearchView>('/api/household-plans/longer', {
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(body),
        signal: listening.signal,
      }))
        setStep(next)
    } catch (refused) {
      if (listening.signal.aborted) return
      setStep(null)
      setTrouble(refused instanceof Refused ? refused.message : words.theSearchStoppedEarly)
    }
  }

  return (
    <div className="mt-2 flex min-h-12 max-w-4xl flex-wrap items-center gap-x-4" data-longer aria-live="polite">
      {!step && (
        <Button tone="quiet" className="-ml-4" onClick={() => void search()}>
          {words.lookLongerForABetter}
        </Button>
      )}
      {step && !step.isOver && (
        <>
          <span>{words.lookingForABetterPlan}</span>
          <HowFar label={words.searchProgress} share={step.share} />
          <Button
            tone="quiet"
            onClick={() => {
              running.current?.abort()
              setStep(null)
            }}
          >
            {words.stop}
          </Button>
        </>
      )}
      {step?.isOver && <span>{step.sentence}</span>}
      {step?.isBetter && (
        <Button tone="quiet" onClick={onTake}>
          {words.useThisPlan}
        </Button>
      )}
      {trouble && (
        <p role="alert" className="text-stop">
          {trouble}
        </p>
      )}
    </div>
  )
}
