import { useWrongFields } from '@/kit/wrongFields'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, Refused, told, type PlanBody, type TemplateView } from '@/api/client'
import { Button } from '@/kit/Button'
import { FileField, TextField } from '@/kit/Field'
import { Sheet } from '@/kit/Sheet'
import { Trouble } from '@/kit/Trouble'
import type { Wish } from './wish'
import { keptDays as words } from './words'

/** Days kept to be used again. */
export const useTemplates = () => useQuery({ queryKey: ['templates'], queryFn: () => told(api.GET('/api/templates')) })

/** Keeps this plan under a name, and lists the days kept before: use, rename, forget. */
export function KeptDays({
  wish,
  templates,
  open,
  onClose,
  onTake,
}: {
  wish: Wish
  templates: readonly TemplateView[]
  open: boolean
  onClose: () => void
  onTake: (template: TemplateView) => void
}) {
  return (
    <Sheet title={words.savedPlans} open={open} onClose={onClose}>
      <KeepForm wish={wish} onKept={onTake} />
      <BringIn onTaken={onTake} />
      {templates.length > 0 && (
        <section className="mt-6 border-t border-rule pt-4">
          <h3 className="text-lg font-semibold">{words.savedBefore}</h3>
          <p className="text-sm text-quiet">{words.whenYouUseOneFor}</p>
          <ul className="mt-2">
            {templates.map((template) => (
              <KeptDay key={template.id} template={template} onTake={() => onTake(template)} />
            ))}
          </ul>
        </section>
      )}
    </Sheet>
  )
}

function KeepForm({ wish, onKept }: { wish: Wish; onKept: (template: TemplateView) => void }) {
  const [name, setName] = useState('')
  const queries = useQueryClient()
  const keep = useMutation({
    mutationFn: () => told(api.POST('/api/templates', { body: { name, plan: wish as PlanBody } })),
    onSuccess: async (template) => {
      await queries.invalidateQueries({ queryKey: ['templates'] })
      setName('')
      onKept(template)
    },
  })
  const error = useWrongFields(keep.error).name?.[0]
  return (
    <form
      className="mt-4 grid gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        keep.mutate()
      }}
    >
      <TextField
        label={words.saveThisPlanAs}
        hint={words.itsStepsAsTheyAre}
        value={name}
        maxLength={60}
        error={error}
        onChange={(event) => setName(event.target.value)}
      />
      {keep.error && !error && <Trouble error={keep.error} />}
      <div>
        <Button type="submit" tone="main" disabled={!name.trim() || keep.isPending}>
          {words.savePlan}
        </Button>
      </div>
    </form>
  )
}

/** Takes in a routine file, shipped with another household or written by hand. */
function BringIn({ onTaken }: { onTaken: (template: TemplateView) => void }) {
  const queries = useQueryClient()
  const bring = useMutation({
    mutationFn: async (file: File) => told(api.POST('/api/templates/import', { body: { text: await file.text() } })),
    onSuccess: async (template) => {
      await queries.invalidateQueries({ queryKey: ['templates'] })
      onTaken(template)
    },
  })
  const wrong = useWrongFields(bring.error).text?.[0]
  return (
    <div className="mt-4">
      <FileField
        label={words.importARoutine}
        accept=".yaml,.yml,text/yaml"
        onChoose={(chosen) => chosen && bring.mutate(chosen)}
      />
      {wrong ? (
        <p role="alert" className="mt-1 border-l-4 border-stop pl-3 text-stop">
          {wrong}
        </p>
      ) : (
        <Trouble error={bring.error} />
      )}
    </div>
  )
}

function KeptDay({ template, onTake }: { template: TemplateView; onTake: () => void }) {
  const queries = useQueryClient()
  const [name, setName] = useState<string | null>(null)
  const [forgotten, setForgotten] = useState(false)
  const again = () => queries.invalidateQueries({ queryKey: ['templates'] })
  const rename = useMutation({
    mutationFn: (to: string) =>
      told(api.PUT('/api/templates/{id}', { params: { path: { id: template.id } }, body: { name: to } })),
    onSuccess: async () => {
      await again()
      setName(null)
    },
  })
  // Forgetting waits until the sheet is closed or something else is done, so that it can be taken back.
  const forget = useMutation({
    mutationFn: () => api.DELETE('/api/templates/{id}', { params: { path: { id: template.id } } }),
    onSuccess: again,
  })
  if (forgotten)
    return (
      <li className="flex flex-wrap items-center gap-3 border-b border-rule py-3">
        <span className="text-quiet line-through">{template.name}</span>
        <Button onClick={() => setForgotten(false)}>{words.undo}</Button>
        <Button tone="quiet" onClick={() => forget.mutate()}>
          {words.removeForGood}
        </Button>
      </li>
    )
  return (
    <li className="border-b border-rule py-3">
      <p className="font-semibold">{template.name}</p>
      <p className="text-sm text-quiet">
        {words.countStepsMadeForHair({
          count: template.steps.length,
          madeFor: template.madeFor,
          steps: template.steps.join(', '),
        })}
      </p>
      {name === null ? (
        <p className="mt-1 flex flex-wrap gap-2">
          <Button onClick={onTake}>{words.useThisPlan}</Button>
          <Button tone="quiet" onClick={() => setName(template.name)}>
            {words.renameName({ name: template.name })}
          </Button>
          <a
            className="inline-flex min-h-12 items-center px-4 font-semibold"
            href={`/api/templates/${template.id}/routine.yaml`}
            download
          >
            <span className="thread-line">{words.exportName({ name: template.name })}</span>
          </a>
          <Button tone="quiet" onClick={() => setForgotten(true)}>
            {words.removeName({ name: template.name })}
          </Button>
        </p>
      ) : (
        <form
          className="mt-2 grid gap-2"
          onSubmit={(event) => {
            event.preventDefault()
            rename.mutate(name)
          }}
        >
          <TextField
            label={words.newName}
            value={name}
            maxLength={60}
            error={rename.error instanceof Refused ? rename.error.message : undefined}
            onChange={(event) => setName(event.target.value)}
          />
          <div className="flex gap-2">
            <Button type="submit" disabled={!name.trim()}>
              {words.rename}
            </Button>
            <Button tone="quiet" onClick={() => setName(null)}>
              {words.cancel}
            </Button>
          </div>
        </form>
      )}
    </li>
  )
}
