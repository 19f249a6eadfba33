import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told, type HeadView, type InquiryView } from '@/api/client'
import { Button } from '@/kit/Button'
import { Sheet } from '@/kit/Sheet'
import { Trouble } from '@/kit/Trouble'
import type { Wish } from './wish'
import { waterSheet as words } from './words'

/** Water beads off: questions in order, one at a time, until they make a plan. */
export function WaterSheet({
  head,
  open,
  onClose,
  onPlan,
}: {
  head: HeadView
  open: boolean
  onClose: () => void
  onPlan: (next: Partial<Wish>) => void
}) {
  return (
    <Sheet title={words.whyDoesWaterBeadOff({ name: head.head.name })} open={open} onClose={onClose}>
      {open && <Inquiry key={head.id} headId={head.id} onPlan={onPlan} />}
    </Sheet>
  )
}

interface Given {
  id: string
  ask: string
  value: string
  word: string
}

function Inquiry({ headId, onPlan }: { headId: string; onPlan: (next: Partial<Wish>) => void }) {
  const [given, setGiven] = useState<Given[]>([])
  const inquiry = useQuery({
    queryKey: ['repels-water', headId, given],
    queryFn: () =>
      told(
        api.POST('/api/looking/repels-water', {
          body: { headId, answers: Object.fromEntries(given.map((each) => [each.id, each.value])) },
        }),
      ),
  })
  return (
    <>
      <Trouble error={inquiry.error} />
      {given.length > 0 && (
        <ol className="mt-4 border-l-4 border-strand pl-4 text-quiet">
          {given.map((each, n) => (
            <li key={each.id} className="flex flex-wrap items-center justify-between gap-x-3">
              <span>
                {each.ask} <span className="text-ink">{each.word}.</span>
              </span>
              <Button tone="quiet" onClick={() => setGiven(given.slice(0, n))}>
                {words.change}
              </Button>
            </li>
          ))}
        </ol>
      )}
      {inquiry.data?.next && (
        <Asked
          question={inquiry.data.next}
          at={given.length + 1}
          outOf={inquiry.data.outOf}
          onAnswer={(value, word) =>
            setGiven([...given, { id: inquiry.data.next!.id, ask: inquiry.data.next!.ask, value, word }])
          }
        />
      )}
      {inquiry.data?.plan && <Outcome plan={inquiry.data.plan} onPlan={onPlan} />}
    </>
  )
}

function Asked({
  question,
  at,
  outOf,
  onAnswer,
}: {
  question: NonNullable<InquiryView['next']>
  at: number
  outOf: number
  onAnswer: (value: string, word: string) => void
}) {
  return (
    <fieldset className="mt-5" data-question={question.id}>
      <legend className="text-xl font-semibold">{question.ask}</legend>
      <p className="text-quiet">
        {question.how} {question.evidence}{' '}
        <span className="whitespace-nowrap">{words.questionAtOfAtMost({ at, outOf })}</span>
      </p>
      <div className="mt-3 grid gap-2">
        {question.answers.map((answer) => (
          <Button
            key={answer.value}
            className="justify-between! text-left"
            onClick={() => onAnswer(answer.value, answer.word)}
          >
            {answer.word}
            {answer.value === question.onRecord && <span className="font-normal text-quiet">{words.alreadyKnown}</span>}
          </Button>
        ))}
      </div>
    </fieldset>
  )
}

function Outcome({ plan, onPlan }: { plan: NonNullable<InquiryView['plan']>; onPlan: (next: Partial<Wish>) => void }) {
  return (
    <section className="mt-5" aria-live="polite" data-outcome>
      <h3 className="text-xl font-semibold">{plan.finding}</h3>
      <p className="mt-2">{words.whatChangesOnTheNext}</p>
      <ul className="mt-1 list-disc pl-5">
        {plan.changes.map((change) => (
          <li key={change} className="mt-1">
            {change}
          </li>
        ))}
      </ul>
      <Button
        tone="main"
        className="mt-4"
        onClick={() =>
          onPlan({
            aim: plan.aim,
            treatmentHeat: plan.treatmentHeat ?? null,
            layering: plan.layering,
            schools: plan.schools,
            templateId: null,
            edits: plan.edits,
          })
        }
      >
        {words.planItLikeThis}
      </Button>
      <p className="mt-3 text-sm text-quiet">{words.ifHairOrScalpChanged}</p>
    </section>
  )
}
