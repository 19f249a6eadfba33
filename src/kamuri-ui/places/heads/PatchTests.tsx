import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, done, told } from '@/api/client'
import { Day } from '@/app/time'
import { Button } from '@/kit/Button'
import { TextField } from '@/kit/Field'
import { Trouble } from '@/kit/Trouble'
import { patchTests as words } from './words'

/** What was put on this head's skin to see what it does, and how it came out. */
export function PatchTests({ headId }: { headId: string }) {
  const queries = useQueryClient()
  const [name, setName] = useState('')
  const tests = useQuery({
    queryKey: ['patch-tests', headId],
    queryFn: () => told(api.GET('/api/heads/{headId}/patch-tests', { params: { path: { headId } } })),
  })
  const note = useMutation({
    mutationFn: (body: { ingredients: string[]; outcome: 'waiting' | 'fine' | 'reacted' }) =>
      told(api.PUT('/api/heads/{headId}/patch-tests', { params: { path: { headId } }, body })),
    onSuccess: () => queries.invalidateQueries(),
  })
  const forget = useMutation({
    mutationFn: (ingredient: string) =>
      done(api.DELETE('/api/heads/{headId}/patch-tests/{ingredient}', { params: { path: { headId, ingredient } } })),
    onSuccess: () => queries.invalidateQueries(),
  })
  return (
    <section className="mt-6 border-t border-rule pt-3" aria-label={words.patchTests}>
      <h2 className="text-xl font-semibold">{words.patchTests}</h2>
      <p className="text-quiet">{words.putALittleOnThe}</p>
      <ul className="mt-2 border-t border-rule">
        {tests.data?.map((test) => (
          <li key={test.ingredient} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-2">
            <span className="min-w-40 font-semibold">{test.ingredient}</span>
            <span className={`flex-1 ${test.outcome === 'reacted' ? 'font-semibold text-stop' : ''}`}>
              <span className="text-quiet">{Day(test.appliedAt)}. </span>
              {test.sentence}
            </span>
            {test.outcome === 'waiting' && (
              <>
                <Button onClick={() => note.mutate({ ingredients: [test.ingredient], outcome: 'fine' })}>
                  {words.noReaction}
                </Button>
                <Button onClick={() => note.mutate({ ingredients: [test.ingredient], outcome: 'reacted' })}>
                  {words.itReacted}
                </Button>
              </>
            )}
            <Button tone="quiet" onClick={() => forget.mutate(test.ingredient)}>
              {words.remove}
            </Button>
          </li>
        ))}
      </ul>
      <Trouble error={note.error ?? forget.error ?? tests.error} />
      <form
        className="mt-3 flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          if (name.trim()) note.mutate({ ingredients: [name.trim()], outcome: 'waiting' })
          setName('')
        }}
      >
        <TextField
          label={words.appliedJustNow}
          placeholder={words.rosemaryOil}
          value={name}
          maxLength={120}
          onChange={(event) => setName(event.target.value)}
        />
        <Button type="submit" disabled={!name.trim()}>
          {words.save}
        </Button>
      </form>
    </section>
  )
}
