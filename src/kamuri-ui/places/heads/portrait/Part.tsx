import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef, useState, type ReactNode } from 'react'
import { api, told, type HeadBody, type HeadView } from '@/api/client'
import { Button } from '@/kit/Button'
import { Trouble } from '@/kit/Trouble'
import { useWrongFields } from '@/kit/wrongFields'
import { portrait as words } from '../words'

/** A part of the portrait: read as it stands, and edited where it stands. */
export function Part({
  title,
  head,
  fields,
  children,
}: {
  title: string
  head: HeadView
  /** What it is edited with. */
  fields: (of: {
    draft: HeadBody
    errors: Record<string, string[]>
    put: (next: Partial<HeadBody>) => void
  }) => ReactNode
  children: ReactNode
}) {
  const [draft, setDraft] = useState<HeadBody | null>(null)
  const edit = useRef<HTMLButtonElement>(null)
  const queries = useQueryClient()
  const close = () => {
    setDraft(null)
    requestAnimationFrame(() => edit.current?.focus())
  }
  const save = useMutation({
    mutationFn: (body: HeadBody) => told(api.PUT('/api/heads/{id}', { params: { path: { id: head.id } }, body })),
    onSuccess: async () => {
      await queries.invalidateQueries()
      close()
    },
  })
  const errors = useWrongFields(save.error)
  return (
    <section aria-label={title} className="mt-6 border-t border-rule pt-3">
      <div className="flex min-h-12 items-center gap-3">
        <h2 className="text-xl font-semibold">{title}</h2>
        <span role="status" className="ml-auto text-quiet">
          {save.isSuccess && !draft ? words.saved : ''}
        </span>
        {!draft && (
          <Button
            ref={edit}
            tone="quiet"
            className="!px-1"
            aria-label={words.editPart({ part: title })}
            onClick={() => {
              save.reset()
              setDraft(head.head)
            }}
          >
            {words.edit}
          </Button>
        )}
      </div>
      {draft ? (
        <form
          noValidate
          className="mt-2"
          onSubmit={(event) => {
            event.preventDefault()
            save.mutate(draft)
          }}
        >
          {fields({ draft, errors, put: (next) => setDraft((before) => before && { ...before, ...next }) })}
          {save.error && Object.keys(errors).length === 0 && <Trouble error={save.error} />}
          <div className="mt-4 flex flex-wrap gap-3">
            <Button type="submit" tone="main" disabled={save.isPending}>
              {words.save}
            </Button>
            <Button onClick={close}>{words.cancel}</Button>
          </div>
        </form>
      ) : (
        children
      )}
    </section>
  )
}

/** Sentences that are read one under the other. */
export function Sentences({ of }: { of: readonly string[] }) {
  return (
    <ul className="mt-1">
      {of.map((each) => (
        <li key={each} className="py-0.5">
          {each}
        </li>
      ))}
    </ul>
  )
}
