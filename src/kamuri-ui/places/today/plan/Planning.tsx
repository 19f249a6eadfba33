import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { api, Refused, told, type ChoicesView, type HeadView, type PlanView, type UseBody } from '@/api/client'
import { useHousehold, useWallClock } from '@/app/household'
import { useKeys } from '@/app/keys'
import { useLast } from '@/app/useLast'
import { useTitled } from '@/app/measures'
import { minutesBetween } from '@/app/time'
import { Plait } from '@/drawings/plait/Plait'
import type { PlaitTask } from '@/drawings/plait/layout'
import { wallClock } from '@/drawings/plait/wallClock'
import { Button } from '@/kit/Button'
import { Tabs } from '@/kit/Tabs'
import { ChoiceWord } from '@/kit/Word'
import { AllFields } from './AllFields'
import { DayActions } from './DayActions'
import { DayNeeds } from './DayNeeds'
import { AtNight, HouseholdPlait, HouseholdWords, PlacingLine } from './Household'
import { hairOf } from './hair'
import { HairComes } from './HairComes'
import { InTheKitchen } from './InTheKitchen'
import { LookLonger } from './LookLonger'
import { MoreAbout } from './MoreAbout'
import { KeptDays, useTemplates } from './KeptDays'
import { PorosityQuestion } from './PorosityQuestion'
import { SoonerWays } from './SoonerWays'
import { StepList } from './StepList'
import { TypeIt } from './TypeIt'
import { WaterSheet } from './WaterSheet'
import { WhyNot } from './WhyNot'
import { WhoIsThere } from './WhoIsThere'
import { bodyOf, handsOf, isHousehold, mostHeads, useWish, withoutNight, withSecond, type Day } from './wish'
import { WishSentence } from './WishSentence'
import { WorthKnowing } from './WorthKnowing'
import { planning as said } from './words'
import { listed } from '@/kit/texts'

type Asking = ReturnType<typeof useWish> & { day: Day }

/** The day that is asked for: its sentence, its drawing, its steps, and what is worth knowing. */
export function Planning({
  asking,
  choices,
  heads,
}: {
  asking: Asking
  choices: ChoicesView
  heads: readonly HeadView[]
}) {
  const { day, edit, undo, change } = asking
  const wish = day.heads[day.at]!.wish
  const now = useWallClock()
  const templates = useTemplates().data ?? []
  const ofHouse = useHousehold().data?.hands ?? ['You']
  const head = heads.find((each) => each.id === wish.headId)!
  const [focus, setFocus] = useState<string | null>(null)
  const [sheet, setSheet] = useState<'fields' | 'kept' | 'water' | 'who' | null>(null)
  const together = isHousehold(day)
  const asIs = useMemo(() => (together ? bodyOf(day) : null), [day, together])
  // A better plan was found for this very day; any change to it asks a new question.
  const question = JSON.stringify(asIs)
  const [better, setBetter] = useState('')
  const body = useMemo(
    () => (asIs ? { ...asIs, fromLongerSearch: better === question } : null),
    [asIs, better, question],
  )
  const alone = useQuery({
    queryKey: ['plan', wish],
    queryFn: () => told(api.POST('/api/plans/preview', { body: wish })),
    placeholderData: keepPreviousData,
    refetchInterval: 60_000,
    retry: false,
    enabled: !together,
  })
  const household = useQuery({
    queryKey: ['plan', 'household', body],
    queryFn: () => told(api.POST('/api/household-plans/preview', { body: body! })),
    // What stood before is only of use while it is of the same heads.
    placeholderData: (before) => (before?.heads.length === day.heads.length ? before : undefined),
    refetchInterval: 120_000,
    retry: false,
    enabled: together,
  })
  const asked = together ? household : alone
  const wrong = asked.error instanceof Refused ? asked.error : null
  useKeys({ z: () => undo?.() })
  // What was refused has no plan: an older one would not be of what stands in the sentence.
  const isRefused = wrong !== null && wrong.status >= 400 && wrong.status < 500
  const whole = together && !isRefused ? household.data : undefined
  const shown = together ? whole?.heads[day.at]?.plan : isRefused ? undefined : alone.data
  const isThere = useLast(!!(whole ?? shown ?? wrong) || undefined)
  const usesTea = useLast(shown?.usesTea) ?? true
  const canStart = together ? whole?.canStart : shown?.canStart
  const others = heads.filter((each) => !day.heads.some((there) => there.wish.headId === each.id))
  const key = whole?.heads[day.at]?.key
  const atNight = together ? whole : shown
  const night = atNight?.night

  return (
    <>
      <div className="mt-5">
        <a href="#steps" className="sr-only focus:not-sr-only focus:absolute focus:z-10 focus:bg-raised focus:p-3">
          {said.skipToTheSteps}
        </a>
        <WishSentence
          day={day}
          heads={heads}
          choices={choices}
          templates={templates}
          usesTea={usesTea}
          onChange={asking.changeAt}
          onHead={(at, next) => asking.swap(choices, next, at)}
          onLeaveOut={asking.leaveOut}
        />
        <p className="mt-2 flex flex-wrap gap-x-6 text-lg [&>*]:!my-0">
          {others.length > 0 && day.heads.length < mostHeads && (
            <ChoiceWord
              small
              label={said.washAnotherHeadToo}
              value=""
              word={said.addAHead}
              choices={others.map((each) => ({ value: each.id, word: each.head.name, hint: each.due.sentence }))}
              onChoose={(id) =>
                asking.add(
                  choices,
                  heads.find((each) => each.id === id)!,
                )
              }
            />
          )}
          {!wish.takesDown && <HairComes wish={wish} head={head} choices={choices} onChange={change} />}
          <TypeIt onTake={(typed) => asking.write(choices, heads, typed)} />
          <button
            type="button"
            className="group -my-3 cursor-pointer py-3 text-left hover:text-accent"
            onClick={() => setSheet('who')}
          >
            <span className="thread-line">{whoWords(day, ofHouse)}</span>
          </button>
        </p>
        {wrong ? (
          <p role="alert" className="mt-3 max-w-4xl border-l-4 border-stop pl-3 text-stop">
            {wrong.message}
          </p>
        ) : whole ? (
          <HouseholdWords plan={whole} />
        ) : (
          shown && (
            <p className="mt-3 max-w-5xl text-lg text-quiet" aria-live="polite">
              {shown.finishSentence}
            </p>
          )
        )}
        {atNight?.nightSentence && !wrong && (
          <AtNight
            sentence={atNight.nightSentence}
            byHour={day.heads[0]!.wish.when.mode === 'readyBy'}
            onLeaveOut={
              night ? () => asking.arrange({ ...day, hands: withoutNight(handsOf(day, ofHouse), night) }) : null
            }
          />
        )}
        {atNight?.putOff && !wrong && <p className="mt-1 max-w-4xl border-l-4 border-strand pl-3">{atNight.putOff}</p>}
        {whole && !wrong && (whole.minutesLate > 0 || whole.beyond.length > 0) && body && (
          <WhyNot
            body={body}
            onHands={(mayDo) =>
              asking.arrange({
                ...day,
                hands: withSecond(handsOf(day, ofHouse)[0]!, mayDo),
              })
            }
            onDry={(at, dryingAir) => asking.changeAt(at, { dryingAir })}
            onLeaveOut={asking.editAt}
          />
        )}
        {asked.isFetching && together && <PlacingLine />}
        {!together && shown?.timeTrouble && !wrong && (
          <p className="mt-1 max-w-4xl border-l-4 border-warn pl-3 text-warn">{shown.timeTrouble}</p>
        )}
        {!wrong && (whole ?? shown) && (
          <MoreAbout sentences={whole?.more ?? shown?.more ?? []}>
            {whole?.mayBeBetter && asIs && better !== question && !household.isPlaceholderData && (
              <LookLonger key={question} body={asIs} onTake={() => setBetter(question)} />
            )}
          </MoreAbout>
        )}
        {/* Below what is said of the plan, which nobody knows the height of before. */}
        {isThere && (
          <DayActions
            body={body ? { household: body } : { plan: wish }}
            kept={asIs ? { household: asIs } : { plan: wish }}
            begins={whole?.start ?? shown?.start ?? null}
            canStart={!!canStart && !wrong}
            canKeep={!!shown && !wrong}
            planned={day.planned}
            onSaved={asking.savedAs}
            onBegun={asking.begun}
            onFromNow={() => change({ when: { mode: 'startNow' } })}
          >
            <Button tone="quiet" onClick={() => setSheet('fields')}>
              {said.options}
            </Button>
            <Button tone="quiet" onClick={() => setSheet('kept')}>
              {said.savedPlans}
            </Button>
            <Button tone="quiet" onClick={() => setSheet('water')}>
              {said.waterBeadsOff}
            </Button>
            <Button tone="quiet" disabled={!undo} onClick={() => undo?.()}>
              {said.undo}
            </Button>
            {(wish.edits.length > 0 || wish.templateId) && (
              <Button tone="quiet" onClick={() => change({ edits: [], templateId: null })}>
                {said.resetSteps}
              </Button>
            )}
          </DayActions>
        )}
      </div>
      {shown && (
        <div className={wrong ? 'opacity-40' : ''}>
          {(atNight?.nightSentence || atNight?.putOff) && !wrong && now && (
            <SoonerWays day={day} today={now.date} onTake={asking.arrange} />
          )}
          {!together && !wrong && shown.porosityQuestion && (
            <PorosityQuestion head={head} question={shown.porosityQuestion} />
          )}
          <div className="mt-6">
            {whole ? (
              <HouseholdPlait
                plan={whole}
                at={day.at}
                focus={focus && key ? `${key}/${focus}` : null}
                onFocus={(step) =>
                  setFocus(step && key && step.startsWith(`${key}/`) ? step.slice(key.length + 1) : null)
                }
              />
            ) : (
              <PlanPlait plan={shown} focus={focus} onFocus={setFocus} />
            )}
          </div>
          {day.heads.length > 1 && (
            <div className="mt-6">
              <Tabs
                label={said.whoseStepsAreShown}
                tabs={day.heads.map((each, n) => ({
                  key: String(n),
                  name: heads.find((head) => head.id === each.wish.headId)?.head.name ?? '',
                }))}
                at={String(day.at)}
                onLook={(at) => {
                  setFocus(null)
                  asking.look(Number(at))
                }}
              />
            </div>
          )}
          <div className="mt-6 grid gap-x-10 gap-y-8 lg:grid-cols-[1fr_23rem]">
            <StepList
              plan={shown}
              uses={wish.uses ?? {}}
              focus={focus}
              onFocus={setFocus}
              onEdit={edit}
              onUse={(step, use) => change({ uses: withUse(wish.uses ?? {}, step, use) })}
            />
            <div>
              <WorthKnowing plan={shown} onEdit={edit} />
              <DayNeeds needs={whole?.needs ?? shown.needs ?? []} several={day.heads.length > 1} onChange={openStep} />
              <InTheKitchen plan={shown} />
            </div>
          </div>
        </div>
      )}
      <AllFields wish={wish} head={head} open={sheet === 'fields'} onClose={() => setSheet(null)} onChange={change} />
      <WhoIsThere
        day={day}
        heads={heads}
        ofHouse={ofHouse}
        open={sheet === 'who'}
        onClose={() => setSheet(null)}
        onArrange={(next) => {
          setSheet(null)
          asking.arrange(next)
        }}
      />
      <KeptDays
        wish={wish}
        templates={templates}
        open={sheet === 'kept'}
        onClose={() => setSheet(null)}
        onTake={(template) => {
          setSheet(null)
          change({ templateId: template.id, edits: [] })
        }}
      />
      <WaterSheet
        head={head}
        open={sheet === 'water'}
        onClose={() => setSheet(null)}
        onPlan={(next) => {
          setSheet(null)
          change(next)
        }}
      />
    </>
  )
}

/** Opens what a step can be done with where it stands, with the keyboard on it. */
const openStep = (step: string) => {
  const row = document.querySelector<HTMLElement>(`li[data-step="${step}"] button[aria-expanded]`)
  if (row?.getAttribute('aria-expanded') === 'false') row.click()
  // The row is drawn by the next frame.
  requestAnimationFrame(() => {
    const use = document.querySelector<HTMLDetailsElement>(`li[data-step="${step}"] details[data-use]`)
    if (use) use.open = true
    const to = use?.querySelector('summary') ?? row
    to?.focus()
    to?.scrollIntoView({ block: 'center' })
  })
}

/** Who does it, in the words that open its fields. */
const whoWords = (day: Day, ofHouse: readonly string[]) => {
  const names = handsOf(day, ofHouse).map((each) => each.name)
  const hands =
    names.length < 2
      ? said.onePairOfHands
      : day.hands.length > 0
        ? said.namedHands({ names: listed(names) })
        : said.twoPairsOfHands
  const isAround =
    day.heads.some((each) => each.present.length > 0) ||
    day.hands.some((each) => each.away?.length) ||
    day.taken.length > 0
  return (isAround ? said.handsWithLimits : said.handsEveryoneHome)({ hands })
}

/** What is used with one step changed; null takes it away. */
const withUse = (uses: Record<string, UseBody>, step: string, use: UseBody | null): Record<string, UseBody> =>
  Object.fromEntries([...Object.entries(uses).filter(([id]) => id !== step), ...(use ? [[step, use] as const] : [])])

function PlanPlait({
  plan,
  focus,
  onFocus,
}: {
  plan: PlanView
  focus: string | null
  onFocus: (step: string | null) => void
}) {
  const tasks: PlaitTask[] = useTitled(plan.tasks).map((task) => ({
    ...task,
    start: minutesBetween(plan.start, task.start),
    end: minutesBetween(plan.start, task.end),
  }))
  const strands = [
    { id: 'head', name: plan.headName, note: `${plan.kindWords.split(',')[0]}, ${Math.round(plan.size.massGrams)} g` },
  ]
  if (tasks.some((task) => task.strand === 'kitchen'))
    strands.push({ id: 'kitchen', name: said.kitchen, note: said.stoveAndBowl })
  return (
    <Plait
      tasks={tasks}
      clock={wallClock(plan.start, plan.clocksChange)}
      strands={strands}
      finishes={[
        {
          strand: 'head',
          likely: minutesBetween(plan.start, plan.end),
          nineInTen: minutesBetween(plan.start, plan.nineInTenBy),
        },
      ]}
      readyBy={plan.readyBy ? minutesBetween(plan.start, plan.readyBy) : null}
      focus={focus}
      onFocus={onFocus}
      hair={hairOf(plan)}
      summary={said.planForHeadNameFinishSentence({ headName: plan.headName, finishSentence: plan.finishSentence })}
    />
  )
}
