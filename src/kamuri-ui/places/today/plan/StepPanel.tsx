import { ArrowDown, ArrowUp, Minus, Plus } from 'lucide-react'
import type { EditBody, FindingView, MixtureView, StepView, UseBody } from '@/api/client'
import { useChoices } from '@/app/choices'
import { spell } from '@/app/time'
import { Button, IconButton } from '@/kit/Button'
import { ChoiceField, ManyField, NumberField } from '@/kit/Field'
import { Amount } from '@/kit/Amount'
import { FoldLine } from '@/kit/FoldLine'
import { MixtureLines } from './MixtureLines'
import { UseFields } from './UseFields'
import { covers, directions, waters, zones } from './words'
import { stepPanel as said } from './words'

/** Everything about one step: why, how long and by what working, and what can be changed. */
export function StepPanel({
  step,
  before,
  findings,
  use,
  mixture,
  headId,
  isFirst,
  isLast,
  onMove,
  onEdit,
  onUse,
}: {
  step: StepView
  /** What is made for it in the kitchen; null when nothing is. */
  mixture: MixtureView | null
  headId: string
  /** The name of the step before it. */
  before: string | null
  findings: readonly FindingView[]
  use: UseBody | null
  isFirst: boolean
  isLast: boolean
  onMove: (by: -1 | 1) => void
  onEdit: (...edits: EditBody[]) => void
  onUse: (use: UseBody | null) => void
}) {
  const kinds = useChoices()?.steps ?? []
  return (
    <div className="pb-5 pl-4 sm:pl-[5.6rem]">
      <p>{step.instruction}</p>
      <p className="mt-1 text-quiet">{said.whyReason({ reason: step.reason })}</p>
      {step.expect && <p className="mt-1">{step.expect}</p>}
      {findings.map((finding) => (
        <p
          key={finding.rule + finding.reason}
          className={`mt-2 border-l-4 pl-3 ${finding.severity === 'stop' ? 'border-stop' : 'border-warn'}`}
        >
          {finding.reason}
        </p>
      ))}
      <Workings step={step} />
      {step.cautions.length > 0 && (
        <ul className="mt-3 text-[0.95rem]" aria-label={said.cautions}>
          {step.cautions.map((caution) => (
            <li key={caution} className="border-l-4 border-warn pl-3 [&+li]:mt-1">
              {caution}
            </li>
          ))}
        </ul>
      )}
      {step.wait?.canBeChanged && <MinutesRow step={step} onEdit={onEdit} />}
      <div className="mt-3 flex flex-wrap items-end gap-2">
        <IconButton label={said.moveNameEarlier({ name: step.name })} disabled={isFirst} onClick={() => onMove(-1)}>
          <ArrowUp aria-hidden />
        </IconButton>
        <IconButton label={said.moveNameLater({ name: step.name })} disabled={isLast} onClick={() => onMove(1)}>
          <ArrowDown aria-hidden />
        </IconButton>
        <Button onClick={() => onEdit({ kind: 'drop', step: step.id })}>{said.leaveThisOut}</Button>
        <Button onClick={() => onEdit({ kind: 'duplicate', step: step.id })}>{said.repeatThisStep}</Button>
        {before && (step.canBeTogether || step.withPrevious) && (
          <Button onClick={() => onEdit({ kind: 'together', step: step.id, together: !step.withPrevious })}>
            {step.withPrevious ? said.separatelyFromBefore({ before }) : said.sectionBySectionWithBefore({ before })}
          </Button>
        )}
        <div className="min-w-52">
          <ChoiceField
            label={said.addAStepAfterThis}
            value=""
            choices={[
              { value: '', word: said.chooseAStep },
              ...kinds.map((kind) => ({ value: kind.id, word: kind.name })),
            ]}
            onChoose={(kind) => kind && onEdit({ kind: 'add', stepKind: kind, after: step.id })}
          />
        </div>
      </div>
      <HowFields step={step} onEdit={onEdit} />
      {mixture && <MixtureLines mixture={mixture} />}
      {step.places.length > 0 && <UseFields step={step} headId={headId} use={use} onUse={onUse} />}
    </div>
  )
}

/** Each figure with the working it came from. */
function Workings({ step }: { step: StepView }) {
  return (
    <dl className="mt-3 grid grid-cols-[5.5rem_1fr] gap-x-3 gap-y-1 text-[0.95rem]">
      <dt className="font-semibold">{said.hands}</dt>
      <dd>{step.handsOnWorking}</dd>
      {step.wait && (
        <>
          <dt className="font-semibold">{step.isDrying ? said.drying : said.processing}</dt>
          <dd>
            {step.wait.working}
            {step.wait.afterLatest && (
              <span className="block text-quiet">
                {said.afterTheLatestTimeAfterLatest({ afterLatest: step.wait.afterLatest })}
              </span>
            )}
          </dd>
        </>
      )}
      {step.amount && (
        <>
          <dt className="font-semibold">{said.amount}</dt>
          <dd>
            <Amount of={step.amount} exact /> <span className="text-quiet">({step.amountWorking})</span>
          </dd>
        </>
      )}
    </dl>
  )
}

/** How the step is done: water, warmth, places, direction, dryness, count. Only what this step has. */
function HowFields({ step, onEdit }: { step: StepView; onEdit: (...edits: EditBody[]) => void }) {
  if (step.places.length === 0 && step.water === 'none' && !step.takesHeat && !step.isDrying) return null
  return (
    <details className="mt-2">
      <FoldLine>{said.changeHowItIsDone}</FoldLine>
      <div className="grid max-w-xl gap-3 sm:grid-cols-2">
        {step.water !== 'none' && (
          <ChoiceField
            label={said.water}
            value={step.water}
            choices={step.water === 'hot' ? [...waters, { value: 'hot', word: said.hot }] : waters}
            onChoose={(water) => onEdit({ kind: 'water', step: step.id, water })}
          />
        )}
        {step.takesHeat && (
          <ChoiceField
            label={said.heat}
            value={step.heat === 'none' ? 'cap' : step.heat}
            choices={covers}
            onChoose={(heat) => onEdit({ kind: 'heat', step: step.id, heat })}
          />
        )}
        {step.direction !== 'none' && (
          <ChoiceField
            label={said.direction}
            value={step.direction}
            choices={directions}
            onChoose={(direction) => onEdit({ kind: 'direction', step: step.id, direction })}
          />
        )}
        {step.isDrying && (
          <ChoiceField
            label={said.howDry}
            value={step.dryness >= 0.95 ? 'through' : 'touch'}
            choices={[
              { value: 'touch', word: said.toTheTouch80 },
              { value: 'through', word: said.toTheCore95 },
            ]}
            onChoose={(dryness) =>
              onEdit({ kind: 'dryness', step: step.id, dryness: dryness === 'through' ? 0.95 : 0.8 })
            }
          />
        )}
        {step.pieces != null && (
          <NumberField
            label={said.howMany}
            min={1}
            max={400}
            whole
            value={step.pieces}
            onChange={(pieces) => pieces && onEdit({ kind: 'pieces', step: step.id, pieces })}
          />
        )}
      </div>
      {step.places.length > 0 && (
        <div className="mt-3">
          <ManyField
            label={said.whereItGoes}
            values={step.places}
            choices={zones}
            onChange={(places) => places.length > 0 && onEdit({ kind: 'places', step: step.id, places })}
          />
        </div>
      )}
    </details>
  )
}

function MinutesRow({ step, onEdit }: { step: StepView; onEdit: (...edits: EditBody[]) => void }) {
  const wait = step.wait!
  const set = (minutes: number) =>
    onEdit({ kind: 'minutes', step: step.id, minutes: Math.min(wait.latest, Math.max(wait.earliest, minutes)) })
  return (
    <div className="mt-3 flex items-center gap-1" role="group" aria-label={said.minutesOfName({ name: step.name })}>
      <IconButton
        label={said.fiveMinutesLess}
        disabled={wait.planned <= wait.earliest}
        onClick={() => set(wait.planned - 5)}
      >
        <Minus aria-hidden />
      </IconButton>
      <output className="min-w-20 text-center font-display text-xl font-semibold">{spell(wait.planned)}</output>
      <IconButton
        label={said.fiveMinutesMore}
        disabled={wait.planned >= wait.latest}
        onClick={() => set(wait.planned + 5)}
      >
        <Plus aria-hidden />
      </IconButton>
      <span className="ml-2 text-quiet">
        {said.atLeastEarliestUsuallyUsual({ earliest: wait.earliest, usual: wait.usual, latest: wait.latest })}
      </span>
    </div>
  )
}
