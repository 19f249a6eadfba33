import { ChevronDown, GripVertical } from 'lucide-react'
import { useState, type KeyboardEvent } from 'react'
import type { EditBody, PlanView, StepView } from '@/api/client'
import { clock, spell } from '@/app/time'
import { StepPanel } from './StepPanel'

/** The steps of the plan in order. A row opens to its reason, window and working; it can be dragged or moved by key. */
export function StepList({
  plan,
  focus,
  onFocus,
  onEdit,
}: {
  plan: PlanView
  focus: string | null
  onFocus: (step: string | null) => void
  onEdit: (...edits: EditBody[]) => void
}) {
  const [open, setOpen] = useState<string | null>(null)
  const [dragged, setDragged] = useState<string | null>(null)
  const [over, setOver] = useState<string | null>(null)
  const said = (step: string) => plan.findings.filter((finding) => finding.steps.includes(step))

  const move = (index: number, by: -1 | 1) => {
    const step = plan.steps[index]!
    if (index + by < 0 || index + by >= plan.steps.length) return
    const behind = by === 1 ? plan.steps[index + 1]!.id : (plan.steps[index - 2]?.id ?? null)
    onEdit({ kind: 'move', step: step.id, after: behind })
  }
  const key = (event: KeyboardEvent, index: number) => {
    if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault()
      move(index, event.key === 'ArrowUp' ? -1 : 1)
    } else if (event.key === 'Delete') {
      onEdit({ kind: 'drop', step: plan.steps[index]!.id })
    }
  }

  return (
    <ol aria-label="Steps" className="border-t border-rule">
      {plan.steps.map((step, index) => {
        const findings = said(step.id)
        const stops = findings.some((finding) => finding.severity === 'stop')
        return (
          <li
            key={step.id}
            data-step={step.id}
            className={`border-b border-rule ${over === step.id && dragged ? 'border-b-4 border-b-accent' : ''} ${focus === step.id ? 'bg-raised' : ''}`}
            onPointerEnter={() => onFocus(step.id)}
            onPointerLeave={() => onFocus(null)}
            onDragOver={(event) => {
              if (!dragged) return
              event.preventDefault()
              setOver(step.id)
            }}
            onDrop={(event) => {
              event.preventDefault()
              if (dragged && dragged !== step.id) onEdit({ kind: 'move', step: dragged, after: step.id })
              setDragged(null)
              setOver(null)
            }}
          >
            <div className="flex items-center">
              <span
                draggable
                aria-hidden
                title="Drag to move"
                className="hidden cursor-grab py-3 text-strand hover:text-ink sm:block"
                onDragStart={(event) => {
                  event.dataTransfer.effectAllowed = 'move'
                  event.dataTransfer.setData('text/plain', step.id)
                  setDragged(step.id)
                }}
                onDragEnd={() => {
                  setDragged(null)
                  setOver(null)
                }}
              >
                <GripVertical size={18} />
              </span>
              <button
                type="button"
                aria-expanded={open === step.id}
                aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown Delete"
                className="grid min-h-12 flex-1 grid-cols-[3.6rem_1fr_auto_1.5rem] items-center gap-x-2 px-1 py-2 text-left"
                onClick={() => setOpen(open === step.id ? null : step.id)}
                onFocus={() => onFocus(step.id)}
                onKeyDown={(event) => key(event, index)}
              >
                <span>{clock(step.start)}</span>
                <span>
                  <span className="font-semibold">{step.name}</span>
                  {stops && <span className="ml-2 rounded bg-stop px-1.5 text-sm font-semibold text-paper">stop</span>}
                  {!stops && findings.length > 0 && <span className="ml-2 text-sm font-semibold text-warn">look</span>}
                  <span className="hidden text-quiet sm:inline"> {summary(step)}</span>
                </span>
                <span className="text-right">{minutes(step)}</span>
                <ChevronDown aria-hidden size={18} className={`text-quiet ${open === step.id ? 'rotate-180' : ''}`} />
              </button>
            </div>
            {open === step.id && (
              <StepPanel
                step={step}
                findings={findings}
                isFirst={index === 0}
                isLast={index === plan.steps.length - 1}
                onMove={(by) => move(index, by)}
                onEdit={onEdit}
              />
            )}
          </li>
        )
      })}
    </ol>
  )
}

const directions: Record<string, string> = {
  none: '',
  endsToRoots: 'ends to roots',
  rootsToEnds: 'roots to ends',
  midToEnds: 'mid-lengths to ends',
}

function summary(step: StepView): string {
  return [
    directions[step.direction],
    step.before.wetness !== 'dry' || step.kind === 'look' ? wetness[step.before.wetness] : '',
    step.amount?.split(',')[0],
  ]
    .filter(Boolean)
    .join(', ')
}

const wetness: Record<string, string> = {
  dry: 'dry hair',
  damp: 'damp hair',
  blotted: 'blotted hair',
  wrung: 'wrung-out hair',
  soaked: 'soaked hair',
}

function minutes(step: StepView): string {
  const hands = spell(step.handsOnMinutes)
  return step.wait && step.wait.planned > 0 ? `${hands} + ${spell(step.wait.planned)}` : hands
}
