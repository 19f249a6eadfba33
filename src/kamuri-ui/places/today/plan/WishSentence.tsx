import type { ReactNode } from 'react'
import type { HeadView, PlanView } from '@/api/client'
import { useWallClock } from '@/app/household'
import { day } from '@/app/time'
import { ChoiceField, TextField } from '@/kit/Field'
import { ChoiceWord, FieldsWord } from '@/kit/Word'
import type { Wish } from './wish'
import { aims, styles, teas } from './words'

/** The sentence a plan is asked for in. Its underlined words are the controls. */
export function WishSentence({
  wish,
  heads,
  plan,
  onChange,
  onHead,
}: {
  wish: Wish
  heads: readonly HeadView[]
  plan: PlanView | undefined
  onChange: (next: Partial<Wish>) => void
  onHead: (head: HeadView) => void
}) {
  const kind = heads.find((head) => head.id === wish.headId)?.kind ?? 'loose'
  const fitting = styles.filter((style) => style.kinds.includes(kind) || style.value === wish.style)
  const usesTea = wish.teaRinse ?? plan?.usesTea ?? true
  return (
    <h1 className="max-w-5xl text-[1.65rem] leading-[1.35] font-semibold sm:text-[2.1rem] sm:leading-[1.3]">
      Wash{' '}
      <ChoiceWord
        label="Head"
        value={wish.headId}
        choices={heads.map((head) => ({ value: head.id, word: head.head.name, hint: head.due.sentence }))}
        onChoose={(headId) => onHead(heads.find((head) => head.id === headId)!)}
      />{' '}
      for <ChoiceWord label="Aim" value={wish.aim} choices={aims} onChoose={(aim) => onChange({ aim })} />{' '}
      {kind === 'loose' || kind === 'takenDown' ? 'into' : 'and leave it'}{' '}
      <WithMark mark=",">
        <ChoiceWord label="Style" value={wish.style} choices={fitting} onChoose={(style) => onChange({ style })} />
      </WithMark>{' '}
      <WithMark mark=",">
        <ChoiceWord
          label="Tea rinse"
          value={usesTea ? 'yes' : 'no'}
          choices={teas}
          onChoose={(tea) => onChange({ teaRinse: tea === 'yes' })}
        />
      </WithMark>{' '}
      <WithMark mark=".">
        <WhenWord wish={wish} onChange={onChange} />
      </WithMark>
    </h1>
  )
}

/** Keeps a comma or full stop on the line of its word. */
const WithMark = ({ mark, children }: { mark: string; children: ReactNode }) => (
  <span className="whitespace-nowrap">
    {children}
    {mark}
  </span>
)

const modes = [
  { value: 'readyBy', word: 'Ready and dry by' },
  { value: 'startAt', word: 'Start at' },
  { value: 'startNow', word: 'Start now' },
] as const

function WhenWord({ wish, onChange }: { wish: Wish; onChange: (next: Partial<Wish>) => void }) {
  const now = useWallClock()
  const { mode, time, date } = wish.when
  const on = !date || date === now?.date ? '' : ` on ${day(date)}`
  const word =
    mode === 'startNow'
      ? 'starting now'
      : `${mode === 'readyBy' ? 'dry by' : 'starting at'} ${(time ?? '').slice(0, 5)}${on}`
  return (
    <FieldsWord label="When" word={word}>
      <div className="grid gap-4">
        <ChoiceField
          label="When"
          value={mode}
          choices={modes}
          onChoose={(next) =>
            onChange({
              when: next === 'startNow' ? { mode: next } : { ...wish.when, mode: next, time: time ?? '18:00:00' },
            })
          }
        />
        {mode !== 'startNow' && (
          <>
            <TextField
              label="Time"
              type="time"
              value={(time ?? '').slice(0, 5)}
              onChange={(event) =>
                event.target.value && onChange({ when: { ...wish.when, time: `${event.target.value}:00` } })
              }
            />
            <TextField
              label="Day"
              type="date"
              min={now?.date}
              value={date ?? now?.date ?? ''}
              onChange={(event) => onChange({ when: { ...wish.when, date: event.target.value || null } })}
            />
          </>
        )}
      </div>
    </FieldsWord>
  )
}
