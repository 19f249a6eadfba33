import { AddRow } from '@/kit/AddRow'
import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react'
import type { MethodStepBody } from '@/api/client'
import { IconButton } from '@/kit/Button'
import { ChoiceField, ManyField, SwitchField, NumberField, TextField } from '@/kit/Field'
import { deeds, replaced, waitsAt } from './words'
import { methodRows as said } from './words'

/** How a formula is made, a row each: what hands do, and what it does by itself afterwards. */
export function MethodRows({
  list,
  errors,
  onChange,
}: {
  list: readonly MethodStepBody[]
  errors: Record<string, string[]>
  onChange: (list: MethodStepBody[]) => void
}) {
  const at = (n: number, field: string) => errors[`method[${n}].${field}`]?.[0]
  const swap = (n: number, by: -1 | 1) => {
    const next = [...list]
    ;[next[n], next[n + by]] = [next[n + by]!, next[n]!]
    onChange(next)
  }
  return (
    <fieldset>
      <legend className="text-xl font-semibold">{said.method}</legend>
      <p className="text-quiet">{said.writeAnIngredientInBraces}</p>
      {list.map((step, n) => {
        const set = (next: Partial<MethodStepBody>) => onChange(replaced(list, n, { ...step, ...next }))
        const waits = step.wait ?? { earliest: 10, usual: 15, latest: 30 }
        return (
          <div key={n} className="mt-3 grid gap-3 border-b border-rule pb-4">
            <div className="grid items-start gap-3 max-sm:grid-cols-2 max-sm:[&>*:first-child]:col-span-2 sm:grid-cols-[1fr_9rem_auto]">
              <TextField
                label={said.stepN({ n: n + 1 })}
                value={step.title}
                maxLength={400}
                error={at(n, 'title')}
                onChange={(event) => set({ title: event.target.value })}
              />
              <NumberField
                label={said.handsBusy}
                unit="min"
                value={step.handsOnMinutes}
                error={at(n, 'handsOnMinutes')}
                onChange={(minutes) => set({ handsOnMinutes: minutes ?? NaN })}
              />
              <div className="mt-7 flex">
                <IconButton label={said.moveStepNEarlier({ n: n + 1 })} disabled={n === 0} onClick={() => swap(n, -1)}>
                  <ArrowUp aria-hidden size={18} />
                </IconButton>
                <IconButton
                  label={said.moveStepNLater({ n: n + 1 })}
                  disabled={n === list.length - 1}
                  onClick={() => swap(n, 1)}
                >
                  <ArrowDown aria-hidden size={18} />
                </IconButton>
                <IconButton
                  label={said.removeStepN({ n: n + 1 })}
                  onClick={() => onChange(list.filter((_, m) => m !== n))}
                >
                  <Trash2 aria-hidden size={18} />
                </IconButton>
              </div>
            </div>
            <div className="flex flex-wrap gap-x-6">
              <SwitchField
                label={said.needsTheStove}
                checked={step.needs?.includes('stove') ?? false}
                onChange={(on) => set({ needs: on ? ['stove'] : [] })}
              />
              <SwitchField
                label={said.thenItWaits}
                checked={step.waitTitle != null}
                onChange={(on) =>
                  set(on ? { waitTitle: said.waiting, wait: waits } : { waitTitle: null, wait: null, cools: false })
                }
              />
              {step.waitTitle != null && (
                <SwitchField
                  label={said.untilItIsSkinWarm}
                  checked={step.cools ?? false}
                  onChange={(cools) => set({ cools, wait: cools ? null : waits })}
                />
              )}
            </div>
            {step.waitTitle != null && (
              <div className="grid grid-cols-3 gap-3 max-sm:[&>*:nth-child(-n+2)]:col-span-3 sm:grid-cols-5">
                <TextField
                  label={said.whatHappens}
                  value={step.waitTitle}
                  maxLength={120}
                  error={at(n, 'waitTitle')}
                  onChange={(event) => set({ waitTitle: event.target.value })}
                />
                <ChoiceField
                  label={said.where}
                  value={step.at ?? 'counter'}
                  choices={waitsAt}
                  onChoose={(where) => set({ at: where })}
                />
                {!step.cools &&
                  (['earliest', 'usual', 'latest'] as const).map((end) => (
                    <NumberField
                      key={end}
                      label={{ earliest: said.atLeast, usual: said.usually, latest: said.atMost }[end]}
                      unit="min"
                      value={waits[end]}
                      error={end === 'earliest' ? at(n, 'wait') : undefined}
                      onChange={(minutes) => set({ wait: { ...waits, [end]: minutes ?? NaN } })}
                    />
                  ))}
              </div>
            )}
            <ManyField
              label={said.whatHappensMeanwhile}
              values={step.does ?? []}
              choices={deeds}
              onChange={(does) => set({ does })}
            />
          </div>
        )
      })}
      <AddRow tone="plain" className="mt-3" onAdd={() => onChange([...list, { title: '', handsOnMinutes: 5 }])}>
        {said.addAStep}
      </AddRow>
    </fieldset>
  )
}
