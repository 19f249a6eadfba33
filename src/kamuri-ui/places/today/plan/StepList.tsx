import { ArrowDown, ArrowUp, ChevronDown, GripVertical } from 'lucide-react'
import { Fragment, useState, type KeyboardEvent } from 'react'
import type { EditBody, PlanView, StepView, UseBody } from '@/api/client'
import { useMeasure, written, type Measure } from '@/app/measures'
import { Day, clock, spell } from '@/app/time'
import { Button, IconButton } from '@/kit/Button'
import { StepPanel } from './StepPanel'
import { phases } from './words'
import { stepList as said } from './words'

/** Consecutive steps of one phase. */
interface Run {
  phase: StepView['phase']
  steps: StepView[]
}

/**
 * The steps of the plan in order, under the phases of the day. A row opens to its reason, window and working; a row can be
 * dragged or moved by key, a phase moves as a whole.
 */
export function StepList({
  plan,
  uses,
  focus,
  onFocus,
  onEdit,
  onUse,
}: {
  plan: PlanView
  uses: Record<string, UseBody>
  focus: string | null
  onFocus: (step: string | null) => void
  onEdit: (...edits: EditBody[]) => void
  onUse: (step: string, use: UseBody | null) => void
}) {
  const [open, setOpen] = useState<string | null>(null)
  const [dragged, setDragged] = useState<string | null>(null)
  const [over, setOver] = useState<string | null>(null)
  const runs = runsOf(plan.steps)

  const move = (index: number, by: -1 | 1) => {
    const step = plan.steps[index]!
    if (index + by < 0 || index + by >= plan.steps.length) return
    const behind = by === 1 ? plan.steps[index + 1]!.id : (plan.steps[index - 2]?.id ?? null)
    onEdit({ kind: 'move', step: step.id, after: behind })
  }
  const moveRun = (at: number, by: -1 | 1) => {
    const behind = by === 1 ? runs[at + 1]?.steps.at(-1)?.id : (runs[at - 2]?.steps.at(-1)?.id ?? null)
    if (behind !== undefined) onEdit({ kind: 'moveAll', steps: runs[at]!.steps.map((step) => step.id), after: behind })
  }
  const key = (event: KeyboardEvent, index: number) => {
    if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault()
      move(index, event.key === 'ArrowUp' ? -1 : 1)
    } else if (event.key === 'Delete') {
      onEdit({ kind: 'drop', step: plan.steps[index]!.id })
    } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      const to = plan.steps[index + (event.key === 'ArrowUp' ? -1 : 1)]
      if (!to) return
      event.preventDefault()
      document.querySelector<HTMLElement>(`li[data-step="${to.id}"] button`)?.focus()
    }
  }

  return (
    <div>
      {!plan.inPhaseOrder && (
        <p className="mb-2">
          <Button onClick={() => onEdit({ kind: 'orderByPhase' })}>{said.putInTheOrderOf}</Button>
        </p>
      )}
      <ol id="steps" tabIndex={-1} aria-label={said.steps} className="border-t border-rule outline-none">
        {runs.map((run, at) => (
          <Fragment key={run.steps[0]!.id}>
            {run.steps[0]!.dayBreak && <DayBreak step={run.steps[0]!} />}
            <li className="flex items-center justify-between pt-2" data-phase={run.phase}>
              <span className="font-display text-lg font-semibold text-quiet">{phases[run.phase]}</span>
              {runs.length > 1 && (
                <span className="flex">
                  <IconButton
                    label={said.movePhaseEarlier({ phase: phases[run.phase] })}
                    disabled={at === 0}
                    onClick={() => moveRun(at, -1)}
                  >
                    <ArrowUp aria-hidden size={16} />
                  </IconButton>
                  <IconButton
                    label={said.movePhaseLater({ phase: phases[run.phase] })}
                    disabled={at === runs.length - 1}
                    onClick={() => moveRun(at, 1)}
                  >
                    <ArrowDown aria-hidden size={16} />
                  </IconButton>
                </span>
              )}
            </li>
            {run.steps.map((step) => {
              const index = plan.steps.indexOf(step)
              return (
                <Fragment key={step.id}>
                  {step.dayBreak && step !== run.steps[0] && <DayBreak step={step} />}
                  <Row
                    step={step}
                    plan={plan}
                    index={index}
                    isOpen={open === step.id}
                    inFocus={focus === step.id}
                    isOver={over === step.id && !!dragged}
                    use={uses[step.id] ?? uses[step.kind] ?? null}
                    onToggle={() => setOpen(open === step.id ? null : step.id)}
                    onFocus={onFocus}
                    onKey={(event) => key(event, index)}
                    onMove={(by) => move(index, by)}
                    onEdit={onEdit}
                    onUse={(use) => onUse(step.id, use)}
                    onDrag={setDragged}
                    onDragOver={() => dragged && setOver(step.id)}
                    onDrop={() => {
                      if (dragged && dragged !== step.id) onEdit({ kind: 'move', step: dragged, after: step.id })
                      setDragged(null)
                      setOver(null)
                    }}
                  />
                </Fragment>
              )
            })}
          </Fragment>
        ))}
      </ol>
    </div>
  )
}

function runsOf(steps: readonly StepView[]): Run[] {
  const runs: Run[] = []
  for (const step of steps) {
    const last = runs.at(-1)
    if (last?.phase === step.phase) last.steps.push(step)
    else runs.push({ phase: step.phase, steps: [step] })
  }
  return runs
}

/** A night lies between the steps above and below. */
function DayBreak({ step }: { step: StepView }) {
  return (
    <li className="mt-4 border-t-2 border-ink pt-3 font-display text-xl font-semibold" data-day-break>
      {said.dayAfterTheNight({ day: Day(step.start) })}
    </li>
  )
}

function Row({
  step,
  plan,
  index,
  isOpen,
  inFocus,
  isOver,
  use,
  onToggle,
  onFocus,
  onKey,
  onMove,
  onEdit,
  onUse,
  onDrag,
  onDragOver,
  onDrop,
}: {
  step: StepView
  plan: PlanView
  index: number
  isOpen: boolean
  inFocus: boolean
  isOver: boolean
  use: UseBody | null
  onToggle: () => void
  onFocus: (step: string | null) => void
  onKey: (event: KeyboardEvent) => void
  onMove: (by: -1 | 1) => void
  onEdit: (...edits: EditBody[]) => void
  onUse: (use: UseBody | null) => void
  onDrag: (step: string | null) => void
  onDragOver: () => void
  onDrop: () => void
}) {
  const { measure } = useMeasure()
  const findings = plan.findings.filter((finding) => finding.steps.includes(step.id))
  const stops = findings.some((finding) => finding.severity === 'stop')
  return (
    <li
      data-step={step.id}
      className={`border-b border-rule ${isOver ? 'border-b-4 border-b-accent' : ''} ${inFocus ? 'bg-raised' : ''}`}
      onPointerEnter={() => onFocus(step.id)}
      onPointerLeave={() => onFocus(null)}
      onDragOver={(event) => {
        event.preventDefault()
        onDragOver()
      }}
      onDrop={(event) => {
        event.preventDefault()
        onDrop()
      }}
    >
      <div className="flex items-center">
        <span
          draggable
          aria-hidden
          title={said.dragToMove}
          className="hidden cursor-grab py-3 text-strand hover:text-ink sm:block"
          onDragStart={(event) => {
            event.dataTransfer.effectAllowed = 'move'
            event.dataTransfer.setData('text/plain', step.id)
            onDrag(step.id)
          }}
          onDragEnd={() => onDrag(null)}
        >
          <GripVertical size={18} />
        </span>
        <button
          type="button"
          aria-expanded={isOpen}
          aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown Delete"
          className="grid min-h-12 flex-1 grid-cols-[3.6rem_1fr_auto_1.5rem] items-center gap-x-2 px-1 py-2 text-left"
          onClick={onToggle}
          onFocus={() => onFocus(step.id)}
          onKeyDown={onKey}
        >
          <span>{step.withPrevious ? said.withIt : clock(step.start)}</span>
          <span>
            <span className="font-semibold">{step.name}</span>
            {stops && <span className="ml-2 rounded bg-stop px-1.5 text-sm font-semibold text-paper">{said.stop}</span>}
            {!stops && findings.length > 0 && (
              <span className="ml-2 text-sm font-semibold text-warn">{said.check}</span>
            )}
            <span className="block text-quiet sm:inline"> {summary(step, measure)}</span>
          </span>
          <span className="text-right">{minutes(step)}</span>
          <ChevronDown aria-hidden size={18} className={`text-quiet ${isOpen ? 'rotate-180' : ''}`} />
        </button>
      </div>
      {isOpen && (
        <StepPanel
          step={step}
          before={plan.steps[index - 1]?.name ?? null}
          findings={findings}
          use={use}
          mixture={plan.mixtures.find((each) => each.step === step.id) ?? null}
          headId={plan.headId}
          isFirst={index === 0}
          isLast={index === plan.steps.length - 1}
          onMove={onMove}
          onEdit={onEdit}
          onUse={onUse}
        />
      )}
    </li>
  )
}

const directions: Record<string, string> = {
  none: '',
  endsToRoots: said.endsToRoots,
  rootsToEnds: said.rootsToEnds,
  midToEnds: 'mid-lengths to ends',
}

function summary(step: StepView, measure: Measure): string {
  return [
    directions[step.direction],
    step.before.wetness !== 'dry' || step.kind === 'look' ? wetness[step.before.wetness] : '',
    step.amount && written(step.amount, measure),
    step.use?.name,
  ]
    .filter(Boolean)
    .join(', ')
}

const wetness: Record<string, string> = {
  dry: said.dryHair,
  misted: said.mistedHair,
  damp: said.dampHair,
  blotted: said.blottedHair,
  wrung: 'wrung-out hair',
  soaked: said.soakedHair,
}

function minutes(step: StepView): string {
  const hands = spell(step.handsOnMinutes)
  return step.wait && step.wait.planned > 0 ? `${hands} + ${spell(step.wait.planned)}` : hands
}
