import type { EditBody, PlanView } from '@/api/client'
import { spell } from '@/app/time'
import { Button } from '@/kit/Button'

/** What the rules say, what could be spared, and the cautions of the day, said once each. */
export function WorthKnowing({ plan, onEdit }: { plan: PlanView; onEdit: (...edits: EditBody[]) => void }) {
  const cautions = [...new Set(plan.steps.flatMap((step) => step.cautions))].slice(0, 5)
  return (
    <section aria-label="Worth knowing">
      <h2 className="border-b border-rule pb-3 text-xl font-semibold">Worth knowing</h2>
      {plan.findings.map((finding) => (
        <article
          key={finding.rule + finding.steps.join()}
          className="border-b border-rule py-4"
          data-finding={finding.rule}
        >
          <h3
            className={`text-base font-semibold ${finding.severity === 'stop' ? 'text-stop' : finding.severity === 'warn' ? 'text-warn' : ''}`}
          >
            {finding.severity === 'stop'
              ? 'This has to change first'
              : finding.severity === 'warn'
                ? 'Better changed'
                : 'To note'}
            <span className="ml-2 text-sm font-normal text-quiet">{finding.rule}</span>
          </h3>
          <p className="mt-1">{finding.reason}</p>
          {finding.fix && (
            <Button className="mt-2" onClick={() => onEdit(...finding.fix!.edits)}>
              {finding.fix.label}
            </Button>
          )}
        </article>
      ))}
      {plan.couldSpare.length > 0 && (
        <article className="border-b border-rule py-4">
          <h3 className="text-base font-semibold">Could be left out safely</h3>
          <ul className="mt-2 flex flex-wrap gap-2">
            {plan.couldSpare.map((sparing) => (
              <li key={sparing.step}>
                <Button onClick={() => onEdit(...sparing.edits)}>
                  {sparing.name}, saves {spell(sparing.minutesSaved)}
                </Button>
              </li>
            ))}
          </ul>
        </article>
      )}
      {plan.refusedEdits.length > 0 && (
        <article className="border-b border-rule py-4">
          <h3 className="text-base font-semibold">No longer fits this plan</h3>
          <ul>
            {plan.refusedEdits.map((refused) => (
              <li key={refused.index}>{refused.reason}</li>
            ))}
          </ul>
        </article>
      )}
      {plan.findings.length === 0 && plan.refusedEdits.length === 0 && (
        <p className="border-b border-rule py-4">Every step finds the hair as it needs it.</p>
      )}
      <div className="py-4">
        <h3 className="text-base font-semibold">Take care</h3>
        <ul className="mt-1 text-quiet">
          {cautions.map((caution) => (
            <li key={caution} className="mt-1">
              {caution}
            </li>
          ))}
        </ul>
        <p className="mt-3 text-sm text-quiet">
          Labels, local rules and your clinician come before anything said here.
        </p>
      </div>
    </section>
  )
}
