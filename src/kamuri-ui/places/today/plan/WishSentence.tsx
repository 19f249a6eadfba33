import type { ReactNode } from 'react'
import type { ChoicesView, HeadView, PlanView, TemplateView } from '@/api/client'
import { useWallClock } from '@/app/household'
import { day } from '@/app/time'
import { ChoiceField, TextField } from '@/kit/Field'
import { ChoiceWord, FieldsWord } from '@/kit/Word'
import type { Wish } from './wish'
import { teas } from './words'

/** The sentence a plan is asked for in. Its underlined words are the controls. */
export function WishSentence({
  wish,
  heads,
  choices,
  templates,
  plan,
  onChange,
  onHead,
}: {
  wish: Wish
  heads: readonly HeadView[]
  choices: ChoicesView
  templates: readonly TemplateView[]
  plan: PlanView | undefined
  onChange: (next: Partial<Wish>) => void
  onHead: (head: HeadView) => void
}) {
  const head = (
    <ChoiceWord
      label="Head"
      value={wish.headId}
      choices={heads.map((head) => ({ value: head.id, word: head.head.name, hint: head.due.sentence }))}
      onChoose={(headId) => onHead(heads.find((head) => head.id === headId)!)}
    />
  )
  const when = (
    <WithMark mark=".">
      <WhenWord wish={wish} onChange={onChange} />
    </WithMark>
  )
  return (
    <h1 className="max-w-5xl text-[1.65rem] leading-[1.35] font-semibold sm:text-[2.1rem] sm:leading-[1.3]">
      {wish.templateId ? (
        <>
          Wash {head} as in <KeptWord wish={wish} templates={templates} onChange={onChange} /> {when}
        </>
      ) : wish.aim === 'refresh' || wish.aim === 'patchTest' ? (
        <>
          Give {head}{' '}
          <WithMark mark=",">
            <AimWord wish={wish} choices={choices} onChange={onChange} />
          </WithMark>{' '}
          {when}
        </>
      ) : (
        <>
          Wash {head} for <AimWord wish={wish} choices={choices} onChange={onChange} />{' '}
          <HowWords
            wish={wish}
            choices={choices}
            kind={heads.find((each) => each.id === wish.headId)?.kind ?? 'loose'}
            usesTea={wish.teaRinse ?? plan?.usesTea ?? true}
            onChange={onChange}
          />{' '}
          {when}
        </>
      )}
    </h1>
  )
}

interface Changing {
  wish: Wish
  onChange: (next: Partial<Wish>) => void
}

const AimWord = ({ wish, choices, onChange }: Changing & { choices: ChoicesView }) => (
  <ChoiceWord label="Aim" value={wish.aim} choices={choices.aims} onChoose={(aim) => onChange({ aim })} />
)

const anew = 'anew'

function KeptWord({ wish, templates, onChange }: Changing & { templates: readonly TemplateView[] }) {
  return (
    <WithMark mark=",">
      <ChoiceWord
        label="Kept day"
        value={wish.templateId ?? anew}
        choices={[
          ...templates.map((each) => ({
            value: each.id,
            word: each.name,
            hint: `Made for hair that was ${each.madeFor}`,
          })),
          // Forgotten on another screen meanwhile; the plan below says what to do.
          ...(templates.some((each) => each.id === wish.templateId)
            ? []
            : [{ value: wish.templateId ?? anew, word: 'a day that is gone' }]),
          { value: anew, word: 'a day composed anew' },
        ]}
        onChoose={(id) => onChange({ templateId: id === anew ? null : id, edits: [] })}
      />
    </WithMark>
  )
}

/** How it is worn afterwards, and whether a tea is brewed. */
function HowWords({
  wish,
  choices,
  kind,
  usesTea,
  onChange,
}: Changing & { choices: ChoicesView; kind: HeadView['kind']; usesTea: boolean }) {
  const fitting = choices.styles.filter((style) => style.kinds.includes(kind) || style.value === wish.style)
  return (
    <>
      {wish.style === 'asItIs' || wish.style === 'retwist' ? 'and leave it' : 'into'}{' '}
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
      </WithMark>
    </>
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
  const on = !date || !now || date === now.date ? '' : ` ${near(date, now.date)}`
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

/** Tomorrow and the days of this week by name, later days with their date. */
function near(date: string, today: string): string {
  const days = Math.round((Date.parse(date) - Date.parse(today)) / 86_400_000)
  return days === 1 ? 'tomorrow' : `on ${days < 7 ? day(date).split(' ')[0] : day(date)}`
}
