import { useMutation, useQueryClient } from '@tanstack/react-query'
import { api, told, type HeadBody, type HeadView } from '@/api/client'
import { Button } from '@/kit/Button'
import { Trouble } from '@/kit/Trouble'
import { porosityQuestion as words } from './words'

const answers: { word: string; porosity: HeadBody['porosity'] }[] = [
  { word: words.beadsStay, porosity: 'low' },
  { word: words.sinkSlowly, porosity: 'medium' },
  { word: words.sinkAtOnce, porosity: 'high' },
]

/** How porous hair is, asked when it matters and answered by what was seen. */
export function PorosityQuestion({ head, question }: { head: HeadView; question: string }) {
  const queries = useQueryClient()
  const save = useMutation({
    mutationFn: (porosity: HeadBody['porosity']) =>
      told(
        api.PUT('/api/heads/{id}', {
          params: { path: { id: head.id } },
          body: { ...head.head, porosity, porosityEvidence: 'sprayBeads' },
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  })
  return (
    <div role="group" aria-label={words.porosity} className="mt-2 max-w-4xl border-l-4 border-strand pl-3">
      <p>{question}</p>
      <p className="mt-1 flex flex-wrap gap-2">
        {answers.map((answer) => (
          <Button key={answer.porosity} disabled={save.isPending} onClick={() => save.mutate(answer.porosity)}>
            {answer.word}
          </Button>
        ))}
      </p>
      <Trouble error={save.error} />
    </div>
  )
}
