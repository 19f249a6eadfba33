import { useQuery } from '@tanstack/react-query'
import { Fragment, type ReactNode } from 'react'
import type { ChoicesView, HeadView, TemplateView } from '@/api/client'
import { useWallClock } from '@/app/household'
import { date } from '@/app/time'
import { ChoiceWord, FieldsWord } from '@/kit/Word'
import { lastDay } from './lastDay'
import type { Day, Wish } from './wish'
import { teas } from './words'
import { wishSentence as said } from './words'
import { Rich } from '@/kit/texts'
import { DateField, TimeField } from '@/kit/TypedField'
import { writtenTime } from '@/app/style'

const leaveOut = 'leave-out'

/** The sentence a plan is asked for in. Its underlined words are the controls; it grows a clause with each head. */
export function WishSentence({
  day,
  heads,
  choices,
  templates,
  usesTea,
  onChange,
  onHead,
  onLeaveOut,
}: {
  day: Day
  heads: readonly HeadView[]
  choices: ChoicesView
  templates: readonly TemplateView[]
  /** Where nothing is said about it, for a day of one head. */
  usesTea: boolean
  onChange: (at: number, next: Partial<Wish>) => void
  onHead: (at: number, head: HeadView) => void
  onLeaveOut: (at: number) => void
}) {
  const several = day.heads.length > 1
  const asked = day.heads.map((each) => each.wish.headId)
  return (
    <h1
      className={`font-semibold ${day.heads.length > 2 ? '' : 'max-w-5xl'} ${day.heads.length > 3 ? 'text-[1.35rem] leading-[1.4] sm:text-[1.5rem] sm:leading-[1.45]' : several ? 'text-[1.4rem] leading-[1.4] sm:text-[1.75rem] sm:leading-[1.35]' : 'text-[1.65rem] leading-[1.35] sm:text-[2.1rem] sm:leading-[1.3]'}`}
    >
      {day.heads.map(({ wish }, at) => {
        const head = (
          <ChoiceWord
            label={several ? said.headAt({ at: at + 1 }) : said.head}
            value={wish.headId}
            choices={[
              ...heads
                .filter((head) => head.id === wish.headId || !asked.includes(head.id))
                .map((head) => ({ value: head.id, word: head.head.name, hint: head.due.sentence })),
              ...(several ? [{ value: leaveOut, word: said.removeThisHead }] : []),
            ]}
            onChoose={(id) =>
              id === leaveOut
                ? onLeaveOut(at)
                : onHead(
                    at,
                    heads.find((head) => head.id === id)!,
                  )
            }
          />
        )
        return (
          <Fragment key={wish.headId}>
            <Clause
              wish={wish}
              head={head}
              whose={heads.find((each) => each.id === wish.headId)}
              first={at === 0}
              several={several}
              usesTea={wish.teaRinse ?? usesTea}
              choices={choices}
              templates={templates}
              onChange={(next) => onChange(at, next)}
            />{' '}
          </Fragment>
        )
      })}
      <WithMark mark=".">
        <WhenWord wish={day.heads[0]!.wish} onChange={(next) => onChange(0, next)} />
      </WithMark>
    </h1>
  )
}

/** What is wanted for one head. Among several the tea is left to the list of steps, so that the sentence stays short. */
function Clause({
  wish,
  head: named,
  whose,
  first,
  several,
  usesTea,
  choices,
  templates,
  onChange,
}: Changing & {
  head: ReactNode
  whose: HeadView | undefined
  first: boolean
  several: boolean
  usesTea: boolean
  choices: ChoicesView
  templates: readonly TemplateView[]
}) {
  const of = several ? whose?.head.name : undefined
  const kind = wish.takesDown ? 'takenDown' : (whose?.kind ?? 'loose')
  const made = whose?.head.wear?.style?.made
  const head = made ? (
    <>
      {named} <WornWord made={made} wish={wish} choices={choices} onChange={onChange} of={of} />
    </>
  ) : (
    named
  )
  if (wish.templateId)
    return (
      <>
        <Rich
          of={first ? said.washAsIn : said.andAsIn}
          parts={{ head, plan: <KeptWord wish={wish} templates={templates} onChange={onChange} of={of} /> }}
        />
      </>
    )
  if (wish.aim === 'refresh' || wish.aim === 'patchTest')
    return (
      <>
        <Rich
          of={first ? said.giveHead : said.andGiveHead}
          parts={{
            head,
            aim: (
              <>
                <AimWord wish={wish} choices={choices} kind={kind} onChange={onChange} of={of} />
                <WithMark mark=",">
                  <RoutineWord
                    wish={wish}
                    choices={choices}
                    templates={templates}
                    kind={kind}
                    onChange={onChange}
                    of={of}
                  />
                </WithMark>
              </>
            ),
          }}
        />
      </>
    )
  return (
    <>
      <Rich
        of={first ? said.washFor : said.andFor}
        parts={{
          head,
          aim: (
            <>
              <AimWord wish={wish} choices={choices} kind={kind} onChange={onChange} of={of} />
              <WithMark mark={kind === 'style' ? ',' : ''}>
                <RoutineWord
                  wish={wish}
                  choices={choices}
                  templates={templates}
                  kind={kind}
                  onChange={onChange}
                  of={of}
                />
              </WithMark>
            </>
          ),
        }}
      />{' '}
      <HowWords
        wish={wish}
        choices={choices}
        kind={kind}
        usesTea={several || kind === 'style' || kind === 'locs' ? null : usesTea}
        onChange={onChange}
        of={of}
      />
    </>
  )
}

interface Changing {
  wish: Wish
  onChange: (next: Partial<Wish>) => void
  /** Whose, where there are several. */
  of?: string
}

/** Whether hair in a style is washed in it, or after it has come down. */
function WornWord({
  made,
  wish,
  choices,
  onChange,
  of,
}: Changing & { made: keyof typeof said.worn; choices: ChoicesView }) {
  const usual = (kind: HeadView['kind']) => choices.usual.find((each) => each.kind === kind)
  return (
    <ChoiceWord
      label={of ? said.wornOrDownOf({ of }) : said.wornOrDown}
      value={wish.takesDown ? 'down' : 'in'}
      choices={[
        { value: 'in', word: said.worn[made].in, hint: said.stays },
        { value: 'down', word: said.worn[made].down, hint: said.comesDown },
      ]}
      onChoose={(way) =>
        onChange(
          way === 'down'
            ? {
                takesDown: true,
                starts: null,
                aim: usual('takenDown')?.aim ?? 'recovery',
                style: choices.again.find((each) => each.worn === made)?.style ?? 'asItIs',
                edits: [],
              }
            : { takesDown: false, aim: usual('style')?.aim ?? 'quick', style: 'asItIs', edits: [] },
        )
      }
    />
  )
}

const AimWord = ({
  wish,
  choices,
  kind,
  onChange,
  of,
}: Changing & { choices: ChoicesView; kind: HeadView['kind'] }) => (
  <ChoiceWord
    label={of ? said.aimOf({ of }) : said.aim}
    value={wish.aim}
    choices={choices.aims.filter((each) => each.kinds.includes(kind) || each.value === wish.aim)}
    onChoose={(aim) => onChange({ aim })}
  />
)

/** The routine, where there is more than one for this aim. */
function RoutineWord({
  wish,
  choices,
  templates,
  kind,
  onChange,
  of,
}: Changing & { choices: ChoicesView; templates: readonly TemplateView[]; kind: HeadView['kind'] }) {
  const last = useQuery(lastDay(wish.headId)).data
  const suiting = choices.routines.filter((each) => each.kinds.includes(kind))
  const best = suiting.find((each) => each.proposed.some((for_) => for_.kind === kind && for_.aims.includes(wish.aim)))
  const offered = suiting.filter((each) => each === best || each.serves.includes(wish.aim))
  if (!best) return null
  const shipped = [{ ...best, hint: said.bestFor({ hint: best.hint }) }, ...offered.filter((each) => each !== best)]
  const own = templates
    .filter((each) => each.kinds.includes(kind))
    .map((each) => ({ value: ownPrefix + each.id, word: each.name, hint: said.madeForHairThatWas(each) }))
  const again = last
    ? [{ value: lastTime, word: said.asLastTime, hint: said.onDayFor({ ...last, day: date(last.startedAt) }) }]
    : []
  if (shipped.length + own.length + again.length < 2) return null
  return (
    <>
      {' '}
      <ChoiceWord
        label={of ? said.routineOf({ of }) : said.routine}
        value={wish.asLastTime ? lastTime : (shipped.find((each) => each.value === wish.routine)?.value ?? best.value)}
        choices={[...shipped, ...again, ...own]}
        onChoose={(chosen) =>
          onChange({
            edits: [],
            asLastTime: chosen === lastTime,
            templateId: chosen.startsWith(ownPrefix) ? chosen.slice(ownPrefix.length) : null,
            routine: chosen === best.value || chosen === lastTime || chosen.startsWith(ownPrefix) ? null : chosen,
          })
        }
      />
    </>
  )
}

const ownPrefix = 'own:'
const lastTime = 'last-time'

const anew = 'anew'

function KeptWord({ wish, templates, onChange, of }: Changing & { templates: readonly TemplateView[] }) {
  return (
    <WithMark mark=",">
      <ChoiceWord
        label={of ? said.savedPlanOf({ of }) : said.savedPlan}
        value={wish.templateId ?? anew}
        choices={[
          ...templates.map((each) => ({
            value: each.id,
            word: each.name,
            hint: said.madeForHairThatWas({ madeFor: each.madeFor }),
          })),
          // Forgotten on another screen meanwhile; the plan below says what to do.
          ...(templates.some((each) => each.id === wish.templateId)
            ? []
            : [{ value: wish.templateId ?? anew, word: said.aRemovedPlan }]),
          { value: anew, word: said.aNewPlan },
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
  of,
}: Changing & { choices: ChoicesView; kind: HeadView['kind']; usesTea: boolean | null }) {
  const fitting = choices.styles.filter((style) => style.kinds.includes(kind) || style.value === wish.style)
  return (
    <>
      {kind !== 'style' && (
        <>
          {wish.style === 'asItIs' || wish.style === 'retwist' ? said.andLeaveIt : said.into}{' '}
          <WithMark mark=",">
            <ChoiceWord
              label={of ? said.styleOf({ of }) : said.style}
              value={wish.style}
              choices={fitting}
              onChoose={(style) => onChange({ style })}
            />
          </WithMark>
        </>
      )}
      {usesTea !== null && (
        <>
          {' '}
          <WithMark mark=",">
            <ChoiceWord
              label={said.teaRinse}
              value={usesTea ? 'yes' : 'no'}
              choices={teas}
              onChoose={(tea) => onChange({ teaRinse: tea === 'yes' })}
            />
          </WithMark>
        </>
      )}
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
  { value: 'soonest', word: said.outOfTheNight },
  { value: 'readyBy', word: said.readyAndDryBy },
  { value: 'startAt', word: said.startAt },
  { value: 'startNow', word: said.startNow },
] as const

function WhenWord({ wish, onChange }: { wish: Wish; onChange: (next: Partial<Wish>) => void }) {
  const now = useWallClock()
  const { mode, time, date } = wish.when
  const at = writtenTime((time ?? '').slice(0, 5))
  const day = date && now && date !== now.date ? near(date, now.date) : null
  const word =
    mode === 'soonest'
      ? said.startingSoon
      : mode === 'startNow'
        ? said.startingNow
        : mode === 'readyBy'
          ? day
            ? said.dryByTimeOn({ time: at, day })
            : said.dryByTime({ time: at })
          : day
            ? said.startingAtTimeOn({ time: at, day })
            : said.startingAtTime({ time: at })
  return (
    <FieldsWord label={said.when} word={word}>
      <div className="grid gap-4">
        <fieldset>
          <legend className="sr-only">{said.when}</legend>
          {modes.map((each) => (
            <label key={each.value} className="flex min-h-12 cursor-pointer items-center gap-3">
              <input
                type="radio"
                name="when"
                className="size-5 accent-accent"
                checked={mode === each.value}
                onChange={() =>
                  onChange({
                    when:
                      each.value === 'startNow' || each.value === 'soonest'
                        ? { mode: each.value }
                        : { ...wish.when, mode: each.value, time: time ?? '18:00:00' },
                  })
                }
              />
              {each.word}
            </label>
          ))}
        </fieldset>
        {(mode === 'startAt' || mode === 'readyBy') && (
          <>
            <TimeField
              label={said.time}
              value={time ?? ''}
              onChange={(next) => next && onChange({ when: { ...wish.when, time: next } })}
            />
            <DateField
              label={said.day}
              value={date ?? now?.date ?? null}
              onChange={(next) => onChange({ when: { ...wish.when, date: next } })}
            />
          </>
        )}
      </div>
    </FieldsWord>
  )
}

/** Tomorrow and the days of this week by name, later days with their date. */
function near(on: string, today: string): string {
  const days = Math.round((Date.parse(on) - Date.parse(today)) / 86_400_000)
  return days === 1 ? said.tomorrow : said.onDay({ day: days < 7 ? date(on).split(' ')[0]! : date(on) })
}
