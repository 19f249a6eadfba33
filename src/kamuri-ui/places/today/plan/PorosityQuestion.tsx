import { useMutation, useQueryClient } from '@tanstack/react-query'
import { api, told, type HeadView, type PlanView } from '@/api/client'
import { Button } from '@/kit/Button'
import { Trouble } from '@/kit/Trouble'
import { porosityQuestion as words } from './words'

type Question = NonNullable<PlanView['porosityQuestion']>

/** How porous hair is, asked when it matters and answered by what was seen. */
export function PorosityQuestion({ head, question }: { head: HeadView; question: Question }) {
  const queries = useQueryClient()
  const save = useMutation({
    mutationFn: ({ porosity, evidence }: Question['answers'][number]) =>
      told(
        api.PUT('/api/heads/{id}', {
          params: { path: { id: head.id } },
          body: { ...head.head, porosity, porosityEvidence: evidence },
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  })
  return (
    <div role="group" aria-label={words.porosity} className="mt-2 max-w-4xl border-l-4 border-strand pl-3">
      <p>{question.sentence}</p>
      <p className="mt-1 flex flex-wrap gap-2">
        {question.answers.map((answer) => (
          <Button key={answer.porosity} disabled={save.isPending} onClick={() => save.mutate(answer)}>
            {answer.seen}
          </Button>
        ))}
      </p>
      <Trouble error={save.error} />
    </div>
  )
}
