import { ArrowDown, ArrowUp, Minus, Plus } from 'lucide-react'
import { useQuery } from '@tanstack/react-query'
import { api, told, type EditBody, type FindingView, type StepView } from '@/api/client'
import { spell } from '@/app/time'
import { Button, IconButton } from '@/kit/Button'
import { ChoiceField } from '@/kit/Field'

/** Everything about one step: why, how long and by what working, and what can be changed. */
export function StepPanel({
  step,
  findings,
  isFirst,
  isLast,
  onMove,
  onEdit,
}: {
  step: StepView
  findings: readonly FindingView[]
  isFirst: boolean
  isLast: boolean
  onMove: (by: -1 | 1) => void
  onEdit: (...edits: EditBody[]) => void
}) {
  const kinds = useQuery({
    queryKey: ['step-kinds'],
    queryFn: () => told(api.GET('/api/plans/step-kinds')),
    staleTime: Infinity,
  })
  return (
    <div className="pb-5 pl-4 sm:pl-[5.6rem]">
      <p>{step.instruction}</p>
      <p className="mt-1 text-quiet">Why: {step.reason}</p>
      {findings.map((finding) => (
        <p
          key={finding.rule + finding.reason}
          className={`mt-2 border-l-4 pl-3 ${finding.severity === 'stop' ? 'border-stop' : 'border-warn'}`}
        >
          {finding.reason}
        </p>
      ))}
      <dl className="mt-3 grid grid-cols-[5.5rem_1fr] gap-x-3 gap-y-1 text-[0.95rem]">
        <dt className="font-semibold">Hands</dt>
        <dd>{step.handsOnWorking}</dd>
        {step.wait && (
          <>
            <dt className="font-semibold">{step.wait.title.startsWith('Drying') ? 'Drying' : 'Works'}</dt>
            <dd>
              {step.wait.working}
              {step.wait.afterLatest && (
                <span className="block text-quiet">Past the latest: {step.wait.afterLatest}</span>
              )}
            </dd>
          </>
        )}
        {step.amount && (
          <>
            <dt className="font-semibold">Amount</dt>
            <dd>
              {step.amount} <span className="text-quiet">({step.amountWorking})</span>
            </dd>
          </>
        )}
      </dl>
      {step.cautions.length > 0 && (
        <ul className="mt-3 text-[0.95rem]" aria-label="Cautions">
          {step.cautions.map((caution) => (
            <li key={caution} className="border-l-4 border-warn pl-3 [&+li]:mt-1">
              {caution}
            </li>
          ))}
        </ul>
      )}
      {step.water !== 'none' && (
        <div className="mt-3 max-w-52">
          <ChoiceField
            label="Water"
            value={step.water}
            choices={waters}
            onChoose={(water) => onEdit({ kind: 'water', step: step.id, water })}
          />
        </div>
      )}
      {step.wait?.canBeChanged && <MinutesRow step={step} onEdit={onEdit} />}
      <div className="mt-3 flex flex-wrap items-end gap-2">
        <IconButton label={`Move ${step.name} earlier`} disabled={isFirst} onClick={() => onMove(-1)}>
          <ArrowUp aria-hidden />
        </IconButton>
        <IconButton label={`Move ${step.name} later`} disabled={isLast} onClick={() => onMove(1)}>
          <ArrowDown aria-hidden />
        </IconButton>
        <Button onClick={() => onEdit({ kind: 'drop', step: step.id })}>Leave this out</Button>
        <div className="min-w-52">
          <ChoiceField
            label="Put a step in behind this"
            value=""
            choices={[
              { value: '', word: 'Choose a step' },
              ...(kinds.data ?? []).map((kind) => ({ value: kind.id, word: kind.name })),
            ]}
            onChoose={(kind) => kind && onEdit({ kind: 'add', stepKind: kind, after: step.id })}
          />
        </div>
      </div>
    </div>
  )
}

const waters: { value: StepView['water']; word: string }[] = [
  { value: 'cool', word: 'Cool' },
  { value: 'lukewarm', word: 'Lukewarm' },
  { value: 'warm', word: 'Warm, 36 to 40 °C' },
]

function MinutesRow({ step, onEdit }: { step: StepView; onEdit: (...edits: EditBody[]) => void }) {
  const wait = step.wait!
  const set = (minutes: number) =>
    onEdit({ kind: 'minutes', step: step.id, minutes: Math.min(wait.latest, Math.max(wait.earliest, minutes)) })
  return (
    <div className="mt-3 flex items-center gap-1" role="group" aria-label={`Minutes of ${step.name}`}>
      <IconButton
        label="Five minutes less"
        disabled={wait.planned <= wait.earliest}
        onClick={() => set(wait.planned - 5)}
      >
        <Minus aria-hidden />
      </IconButton>
      <output className="min-w-20 text-center font-display text-xl font-semibold">{spell(wait.planned)}</output>
      <IconButton
        label="Five minutes more"
        disabled={wait.planned >= wait.latest}
        onClick={() => set(wait.planned + 5)}
      >
        <Plus aria-hidden />
      </IconButton>
      <span className="ml-2 text-quiet">
        not before {wait.earliest}, usually {wait.usual}, not past {wait.latest}
      </span>
    </div>
  )
}
