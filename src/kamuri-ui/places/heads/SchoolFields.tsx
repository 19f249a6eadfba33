import type { HeadBody } from '@/api/client'
import { ChoiceField, SwitchField } from '@/kit/Field'

export type Schools = NonNullable<HeadBody['schools']>

type Answers = { [K in keyof Schools]?: { value: string; word: string }[] }

const questions: { field: keyof Schools; label: string }[] = [
  { field: 'conditionOn', label: 'Deep condition on' },
  { field: 'detangle', label: 'Detangled in' },
  { field: 'hotOil', label: 'Hot oil' },
  { field: 'scalpOil', label: 'Oil on the scalp' },
  { field: 'lifting', label: 'Heavy oil is lifted by' },
  { field: 'length', label: 'Pre-poo and oil stay on' },
  { field: 'scalpConditioner', label: 'Conditioner on the scalp' },
  { field: 'protein', label: 'Protein stands' },
  { field: 'finalWater', label: 'Last water' },
]

const answers: Answers = {
  conditionOn: [
    { value: 'wrung', word: 'Wrung-out hair' },
    { value: 'dry', word: 'Blotted, near dry' },
  ],
  detangle: [
    { value: 'conditioner', word: 'Conditioner' },
    { value: 'prePoo', word: 'Pre-poo' },
    { value: 'leaveIn', word: 'Leave-in' },
    { value: 'fingersOnly', word: 'Fingers only' },
  ],
  hotOil: [
    { value: 'before', word: 'Before the cleanse' },
    { value: 'after', word: 'After it, on damp hair' },
  ],
  scalpOil: [
    { value: 'penetrating', word: 'Light, penetrating' },
    { value: 'heavyWashedOut', word: 'Heavy, washed out' },
    { value: 'none', word: 'None' },
  ],
  lifting: [
    { value: 'teaThenTwoPasses', word: 'Tea before the shampoo' },
    { value: 'clarify', word: 'Clarifying' },
    { value: 'twoPasses', word: 'Two passes' },
  ],
  length: [
    { value: 'window', word: 'For their window' },
    { value: 'overnight', word: 'Overnight' },
  ],
  scalpConditioner: [
    { value: 'never', word: 'Never' },
    { value: 'coWash', word: 'Co-wash, rinsed long' },
  ],
  protein: [
    { value: 'afterCleanse', word: 'After the cleanse' },
    { value: 'inDeepCondition', word: 'In the deep condition' },
    { value: 'prePoo', word: 'Before the cleanse' },
  ],
  finalWater: [
    { value: 'cool', word: 'Cool' },
    { value: 'lukewarm', word: 'Lukewarm' },
  ],
}

/** Where practitioners disagree: one choice a question. */
export function SchoolFields({ schools, onChange }: { schools: Schools; onChange: (next: Schools) => void }) {
  return (
    <>
      {questions.map(({ field, label }) => (
        <ChoiceField
          key={field}
          label={label}
          value={String(schools[field] ?? answers[field]![0]!.value)}
          choices={answers[field]!}
          onChoose={(value) => onChange({ ...schools, [field]: value })}
        />
      ))}
      <SwitchField
        label="Ends first"
        hint="Conditioned before the cleanse, as a shield."
        checked={schools.endsFirst ?? false}
        onChange={(endsFirst) => onChange({ ...schools, endsFirst })}
      />
      <SwitchField
        label="Butter last"
        hint="Long hold, at the price of weight."
        checked={schools.butter ?? false}
        onChange={(butter) => onChange({ ...schools, butter })}
      />
    </>
  )
}
