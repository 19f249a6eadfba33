import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told, type EditBody, type PlanView } from '@/api/client'
import { spell } from '@/app/time'
import { Button } from '@/kit/Button'
import { TextField } from '@/kit/Field'
import { Trouble } from '@/kit/Trouble'
import { worthKnowing as said } from './words'

/** What the rules say, what could be spared, and the cautions of the day, said once each. */
export function WorthKnowing({ plan, onEdit }: { plan: PlanView; onEdit: (...edits: EditBody[]) => void }) {
  const cautions = [...new Set(plan.steps.flatMap((step) => step.cautions))].slice(0, 5)
  return (
    <section aria-label={said.worthKnowing}>
      <h2 className="border-b border-rule pb-3 text-xl font-semibold">{said.worthKnowing}</h2>
      {plan.findings.map((finding) => (
        <article
          key={finding.rule + finding.steps.join()}
          className="border-b border-rule py-4"
          data-finding={finding.rule}
        >
          <h3
            className={`text-base font-semibold ${finding.overridden ? '' : finding.severity === 'stop' ? 'text-stop' : finding.severity === 'warn' ? 'text-warn' : ''}`}
          >
            {finding.overridden
              ? said.continuingAnyway
              : finding.severity === 'stop'
                ? said.mustChangeBeforeYouBegin
                : finding.severity === 'warn'
                  ? said.betterToChange
                  : said.goodToKnow}
            <span className="ml-2 text-sm font-normal text-quiet">{finding.rule}</span>
          </h3>
          <p className="mt-1">{finding.reason}</p>
          {finding.overridden && (
            <p className="mt-1 text-quiet">{said.becauseOverridden({ overridden: finding.overridden })}</p>
          )}
          {finding.fix && (
            <Button className="mt-2" onClick={() => onEdit(...finding.fix!.edits)}>
              {finding.fix.label}
            </Button>
          )}
          {finding.patchTest.length > 0 && <NotePatchTest headId={plan.headId} ingredients={finding.patchTest} />}
          {finding.severity === 'stop' && !finding.overridden && !finding.isSafety && (
            <Override rule={finding.rule} onEdit={onEdit} />
          )}
        </article>
      ))}
      {plan.mendAll.length > 0 && (
        <p className="border-b border-rule py-4">
          <Button onClick={() => onEdit(...plan.mendAll)}>{said.fixEverythingThatCanBe}</Button>
        </p>
      )}
      {plan.schoolConflicts.length > 0 && (
        <article className="border-b border-rule py-4" data-school-conflicts>
          <h3 className="text-base font-semibold">{said.schoolsAndThisHead}</h3>
          <ul>
            {plan.schoolConflicts.map((conflict) => (
              <li key={conflict.question} className="mt-1">
                <span className="font-semibold">
                  {conflict.ask}: {conflict.school.charAt(0).toLowerCase() + conflict.school.slice(1)},{' '}
                  {conflict.isFollowed ? said.followedAnyway : said.notFollowed}.
                </span>{' '}
                {conflict.sentence}
              </li>
            ))}
          </ul>
        </article>
      )}
      {plan.leftOut.length > 0 && (
        <article className="border-b border-rule py-4">
          <h3 className="text-base font-semibold">{said.leftOut}</h3>
          <ul>
            {plan.leftOut.map((left) => (
              <li key={left.what} className="mt-1">
                <span className="font-semibold first-letter:uppercase">{left.what}.</span> {left.why}
              </li>
            ))}
          </ul>
        </article>
      )}
      {plan.couldSpare.length > 0 && (
        <article className="border-b border-rule py-4">
          <h3 className="text-base font-semibold">{said.youCouldLeaveOut}</h3>
          <ul className="mt-2 flex flex-wrap gap-2">
            {plan.couldSpare.map((sparing) => (
              <li key={sparing.step}>
                <Button onClick={() => onEdit(...sparing.edits)}>
                  {said.nameSavesMinutesSaved({ name: sparing.name, minutesSaved: spell(sparing.minutesSaved) })}
                </Button>
              </li>
            ))}
          </ul>
        </article>
      )}
      {plan.refusedEdits.length > 0 && (
        <article className="border-b border-rule py-4">
          <h3 className="text-base font-semibold">{said.changesThatNoLongerApply}</h3>
          <ul>
            {plan.refusedEdits.map((refused) => (
              <li key={refused.index}>{refused.reason}</li>
            ))}
          </ul>
        </article>
      )}
      {plan.findings.length === 0 && plan.refusedEdits.length === 0 && (
        <p className="border-b border-rule py-4">{said.noProblemsFound}</p>
      )}
      <div className="py-4">
        <h3 className="text-base font-semibold">{said.takeCare}</h3>
        <ul className="mt-1 text-quiet">
          {cautions.map((caution) => (
            <li key={caution} className="mt-1">
              {caution}
            </li>
          ))}
        </ul>
      </div>
    </section>
  )
}

/** Notes that the patch was put on the skin now; it can be looked at a day later, and Ahead says when. */
function NotePatchTest({ headId, ingredients }: { headId: string; ingredients: readonly string[] }) {
  const queries = useQueryClient()
  const note = useMutation({
    mutationFn: () =>
      told(
        api.PUT('/api/heads/{headId}/patch-tests', {
          params: { path: { headId } },
          body: { ingredients: [...ingredients] },
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  })
  return note.isSuccess ? (
    <p className="mt-2" role="status">
      {said.savedSentence({ sentence: note.data[0]?.sentence ?? '' })}
    </p>
  ) : (
    <>
      <Button
        className="mt-2"
        aria-label={said.iHaveJustPutAOf({ ingredients: ingredients.join(', ') })}
        disabled={note.isPending}
        onClick={() => note.mutate()}
      >
        {said.iHaveJustPutA}
      </Button>
      <Trouble error={note.error} />
    </>
  )
}

/** Going on in spite of a stop takes a reason, which stays with the day. */
function Override({ rule, onEdit }: { rule: string; onEdit: (...edits: EditBody[]) => void }) {
  const [reason, setReason] = useState<string | null>(null)
  if (reason === null)
    return (
      <Button tone="quiet" className="mr-2" onClick={() => setReason('')}>
        {said.continueAnyway}
      </Button>
    )
  return (
    <form
      className="mt-2 grid gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        if (reason.trim()) onEdit({ kind: 'override', rule, reason: reason.trim() })
      }}
    >
      <TextField
        label={said.yourReasonInAFew}
        value={reason}
        maxLength={200}
        onChange={(event) => setReason(event.target.value)}
      />
      <Button type="submit" disabled={!reason.trim()}>
        {said.saveTheReasonAndContinue}
      </Button>
    </form>
  )
}
