import { writtenAmount } from '@/app/style'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, Refused, told } from '@/api/client'
import { Amount } from '@/kit/Amount'
import { Button } from '@/kit/Button'
import { AmountField } from '@/kit/TypedField'
import { takings as words } from './words'
import { Rich } from '@/kit/texts'

/** What a day took from the shelf, by its plan, to be corrected: the shelf follows, and the head's amounts learn from it. */
export function Takings({ session }: { session: string }) {
  const takings = useQuery({
    queryKey: ['takings', session],
    queryFn: () => told(api.GET('/api/sessions/{id}/takings', { params: { path: { id: session } } })),
  })
  if (!takings.data || takings.data.length === 0) return null
  return (
    <section className="mt-6" aria-label={words.productsUsed}>
      <h2 className="border-b border-rule pb-2 text-xl font-semibold">{words.productsUsed}</h2>
      {takings.data.map((each) => (
        <Taking key={`${each.id} ${each.usedMl}`} taking={each} session={session} />
      ))}
    </section>
  )
}

function Taking({
  taking,
  session,
}: {
  taking: {
    id: number
    name: string
    planned: Parameters<typeof Amount>[0]['of']
    plannedMl: number
    usedMl?: number | null
  }
  session: string
}) {
  const queries = useQueryClient()
  const [used, setUsed] = useState<number | null>(taking.usedMl ?? null)
  const correct = useMutation({
    mutationFn: () =>
      told(api.PUT('/api/takings/{id}', { params: { path: { id: taking.id } }, body: { usedMl: used! } })),
    onSuccess: () => queries.invalidateQueries(),
  })
  const error = correct.error instanceof Refused ? correct.error.message : undefined
  return (
    <form
      className="border-b border-rule py-3"
      data-taking={session}
      onSubmit={(event) => {
        event.preventDefault()
        correct.mutate()
      }}
    >
      <p>
        <Rich
          of={taking.usedMl == null ? words.planned : words.plannedAndUsed}
          parts={{
            name: <span className="font-semibold">{taking.name}</span>,
            planned: <Amount of={taking.planned} />,
            used: writtenAmount(taking.usedMl ?? 0),
          }}
        />
      </p>
      <div className="mt-1 flex items-end gap-2">
        <AmountField label={words.usedAbout} value={used} error={error} onChange={setUsed} />
        <Button type="submit" disabled={correct.isPending}>
          {words.save}
        </Button>
      </div>
    </form>
  )
}
