import type { HeadBody, HeadView } from '@/api/client'
import { useChoices } from '@/app/choices'
import { ChoiceField } from '@/kit/Field'
import { schoolFields as words } from './words'

export type Schools = NonNullable<HeadBody['schools']>

/** Where practitioners disagree: one choice a question, with the reasoning and the price of the side taken. */
export function SchoolFields({
  schools,
  kind,
  onChange,
}: {
  schools: Schools
  kind: HeadView['kind']
  onChange: (next: Schools) => void
}) {
  const questions = useChoices()?.schools.filter((question) => question.concerns.includes(kind)) ?? []
  return questions.map((question) => {
    const given = schools[question.id as keyof Schools]
    const taken = question.answers.find((answer) => answer.value === String(given)) ?? question.answers[0]!
    const isYesOrNo = question.answers.every((answer) => answer.value === 'true' || answer.value === 'false')
    return (
      <ChoiceField
        key={question.id}
        label={question.ask}
        value={taken.value}
        choices={question.answers}
        hint={
          taken.price === 'None.' ? taken.reason : words.reasonAndPrice({ reason: taken.reason, price: taken.price })
        }
        onChoose={(value) => onChange({ ...schools, [question.id]: isYesOrNo ? value === 'true' : value })}
      />
    )
  })
}
