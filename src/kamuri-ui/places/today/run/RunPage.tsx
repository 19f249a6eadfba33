import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useMemo, useRef, useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import {
  api,
  told,
  type HandsView,
  type Mishap,
  type RunHeadView,
  type RunTaskView,
  type SessionView,
} from '@/api/client'
import { useHousehold } from '@/app/household'
import { useKeys } from '@/app/keys'
import { useTitled } from '@/app/measures'
import { clock, spell } from '@/app/time'
import { HeadMap } from '@/drawings/head-map/HeadMap'
import { bandColour } from '@/drawings/plait/colours'
import { MeasureWord } from '@/kit/Amount'
import { Button } from '@/kit/Button'
import { PageTitle } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { MadeUpNotice } from '@/places/looking-around/LookAround'
import { withRemoved } from '../../data/JustRemoved'
import { useAsking } from './asking'
import { AwayQuestion } from './AwayQuestion'
import { useBounce } from './useBounce'
import { openSound } from './chime'
import { CountingBar, CountingLines } from './Counting'
import { Gone, Over } from './Endings'
import { DoingNow } from './DoingNow'
import { FinishSheet } from './FinishSheet'
import { Lanes } from './Lanes'
import { handsOf, mainPress, nameOf } from './mainPress'
import { MishapSheet } from './MishapSheet'
import { NotTaken } from './NotTaken'
import { NoteSheet } from './NoteSheet'
import { OtherOrder } from './OtherOrder'
import { ReadingSheet } from './ReadingSheet'
import { RunKeys } from './RunKeys'
import { sectionKeys } from './sectionKeys'
import { say, useAwake, useSignals } from './signals'
import { SignalsSheet } from './SignalsSheet'
import { spokenOf } from './spoken'
import { RunButton } from './RunButton'
import { RunHeader } from './RunHeader'
import { useSession, useSessionNow } from './useSession'
import { WholeDay } from './WholeDay'
import { runPage as texts } from './words'
import { listed, Rich } from '@/kit/texts'

const none: RunTaskView[] = []

/** Run: what to do now, on which section, how long still, and what next. Readable from two metres. */
export function RunPage() {
  const { id = '' } = useParams()
  const navigate = useNavigate()
  const queries = useQueryClient()
  const { view: sent, received, trouble, reaching, notTaken, read, press, run } = useSession(id)
  const tasks = useTitled(sent?.tasks ?? none)
  const view = useMemo(() => sent && { ...sent, tasks }, [sent, tasks])
  const now = useSessionNow(view, received)
  const [finishing, setFinishing] = useState(false)
  const [noting, setNoting] = useState(false)
  const [help, setHelp] = useState(false)
  const [off, setOff] = useState(false)
  const [reading, setReading] = useState(false)
  const [happened, setHappened] = useState<{ mishap: Mishap; head: string } | null>(null)
  const [calm, setCalm] = useState<string | null>(null)
  const [signalling, setSignalling] = useState(false)
  const [whose, setWhose] = useState<string | null>(() => sessionStorage.getItem(`kamuri.hands.${id}`))
  useEffect(() => {
    if (whose !== null) sessionStorage.setItem(`kamuri.hands.${id}`, whose)
  }, [id, whose])
  const awake = useAwake()
  const isMadeUp = useHousehold().data?.madeUp

  const finished = view?.status === 'finished'
  useEffect(() => {
    if (!finished) return
    void queries.invalidateQueries()
  }, [finished, queries])

  const hands = view ? handsOf(view, whose) : null
  const spoken = view && hands ? spokenOf(view, hands) : null
  const said = useRef<string | null>(null)
  useEffect(() => {
    if (!spoken || said.current === spoken.about) return
    said.current = spoken.about
    say(spoken.words)
  })
  const { signals, change } = useSignals()
  // Out of reach nobody knows what comes next, so each step is begun by a press of its own.
  const pressing = { ...signals, goesOn: signals.goesOn && reaching }
  const main = view && hands ? mainPress(view, hands, now, pressing) : null
  const subject = view && hands ? (task(view, hands.doing) ?? task(view, view.counting[0]?.task)) : undefined
  const asking = useAsking()
  const bounce = useBounce()
  const act = () => {
    openSound()
    if (!main || main.isHeld || bounce.isFresh) return
    if (main.asks && !asking.isAnswered(main.event?.task ?? '')) return
    asking.forget()
    bounce.pressed()
    if (main.event) press(main.event)
    else setFinishing(true)
  }
  const skip = view && hands ? (task(view, hands.doing) ?? task(view, hands.next)) : undefined
  const moment = hands ? `${hands.doing}/${hands.next}` : ''
  /** Something goes wrong in the rehearsal; time stands nearly still while it is dealt with. */
  const surprise = async () => {
    const got = await api.GET('/api/sessions/{id}/surprise', { params: { path: { id } } })
    if (got.response.status === 204) setCalm(moment)
    if (got.response.status !== 200 || !got.data) return
    run(1)
    setHappened(got.data)
    setOff(true)
  }
  const otherHands = () => {
    if (!view || !hands || view.hands.length < 2) return
    setWhose(view.hands.find((each) => each.name !== hands.name)!.name)
  }
  const presses = {
    more: () => subject && press({ kind: 'taskExtended', task: subject.id, minutes: 5 }),
    pause: () => press({ kind: view?.status === 'paused' ? 'resumed' : 'paused' }),
    skip: () => skip && press({ kind: 'taskSkipped', task: skip.id }),
    undo: () => view?.undo && press({ kind: 'undone', target: view.undo.event }),
  }
  useKeys(
    view && !finished
      ? {
          ' ': act,
          m: presses.more,
          p: presses.pause,
          k: presses.skip,
          u: presses.undo,
          n: () => setNoting(true),
          x: () => setOff(true),
          r: () => setReading(true),
          s: () => setSignalling(true),
          h: otherHands,
          f: () => setFinishing(true),
          '?': () => setHelp(true),
          ...sectionKeys(task(view, hands?.doing ?? null), (task, section) =>
            press({ kind: 'sectionDone', task, section, goesOn: pressing.goesOn }),
          ),
        }
      : {},
  )

  if (trouble && !view) return <Gone message={trouble.message} />
  if (!view || !hands) return <p className="p-8 text-quiet">{texts.loading}</p>
  if (view.status === 'finished') return <Over view={view} />

  const doing = task(view, hands.doing)
  const shown = doing ?? task(view, hands.next)
  // The head in hand, else the one that comes next.
  const head = view.heads.find((each) => each.key === shown?.head) ?? view.heads[0]!
  const several = view.heads.length > 1
  const step = view.steps.find((each) => each.id === shown?.step)
  const also = view.steps.filter((each) => shown?.also.includes(each.id))
  const section =
    doing && doing.sections > 0 && (signals.bySection || doing.sectionsDone.length > 0) ? nextSection(doing) : null
  // What was laid down shows how far it is before it is taken up again.
  const mapped = doing ?? (shown?.isLaidDown ? shown : undefined)
  const measured = view.steps.some((each) => each.amount) || view.tasks.some((each) => each.words)
  const worked = doing
    ? ((view.pausedAt ? Date.parse(view.pausedAt) : now) - Date.parse(doing.start)) / 60_000 +
      (doing.workedBesides ?? 0)
    : 0

  // Within reach of the thumb on a wide screen, below the day on a phone.
  const lesser = (
    <>
      <RunButton label={texts.note} hint="n" onClick={() => setNoting(true)} />
      <RunButton label={texts.reading} hint="r" onClick={() => setReading(true)} />
      <RunButton label={texts.settings} hint="s" onClick={() => setSignalling(true)} />
      <RunButton label={texts.finish} hint="f" onClick={() => setFinishing(true)} />
    </>
  )

  return (
    <>
      {isMadeUp && <MadeUpNotice />}
      <div className="mx-auto flex min-h-dvh max-w-[1480px] flex-col px-4 pb-4 sm:px-8" onPointerDown={openSound}>
        <PageTitle
          title={texts.runOf({
            title: shown?.title ?? texts.finish,
            names: listed(view.heads.map((each) => each.name)),
          })}
        />
        <RunHeader
          view={view}
          now={now}
          whose={hands.name}
          onWhose={setWhose}
          onRun={run}
          onPlay={(plays) => run(view.factor, plays)}
          onSurprise={() => void surprise()}
          isCalm={calm !== null && calm === moment}
          reaching={reaching}
        />
        {view.counting.length > 0 && (
          <CountingLines
            waits={view.counting}
            nameOf={(wait) => view.heads.find((each) => several && each.key === wait.strand)?.name ?? ''}
            now={now}
          />
        )}
        <Trouble error={trouble} />
        <NotTaken sentences={notTaken} onRead={read} />
        <AwayQuestion hands={hands} onTell={press} />
        <main className="grid flex-1 content-start gap-x-12 gap-y-2 md:grid-cols-[minmax(15rem,21rem)_1fr] md:grid-rows-[auto_auto_1fr]">
          <div
            className={`order-3 md:order-none md:row-span-3 ${mapped && mapped.sections > 0 ? '' : 'max-md:hidden'}`}
          >
            <HeadMap
              sections={sectionsOf(head, mapped)}
              fragile={head.fragileZones}
              done={mapped?.sectionsDone ?? []}
              current={section}
              label={
                mapped
                  ? texts.nameSectionsOfTitle({ name: head.name, title: mapped.title })
                  : texts.nameSections({ name: head.name })
              }
              onTick={
                doing && doing.sections > 0
                  ? (number) => press({ kind: 'sectionDone', task: doing.id, section: number, goesOn: pressing.goesOn })
                  : undefined
              }
              className={`mx-auto max-h-[29vh] w-full ${several ? 'md:max-h-[27vh]' : 'md:max-h-[44vh]'}`}
            />
          </div>
          <DoingNow
            view={view}
            hands={hands}
            doing={doing}
            shown={shown}
            head={head}
            section={section}
            resting={subject?.title ?? texts.rest}
          />
          <div className="order-4 md:order-none md:col-start-2">
            <p className="mt-1 text-lg text-quiet">
              {doing &&
                texts.workedAndPlanned({
                  worked: spell(Math.max(0, worked)),
                  planned: spell(doing.plannedMinutes + doing.extraMinutes),
                })}{' '}
              {doing?.pace} {measured && <Rich of={texts.amountsIn} parts={{ unit: <MeasureWord tall /> }} />}
            </p>
            {doing && doing.sections > 0 && (
              <Button tone="quiet" className="min-h-16 !px-0" onClick={() => change({ bySection: !signals.bySection })}>
                {signals.bySection ? texts.tickWholeStep : texts.tickBySection}
              </Button>
            )}
            {[...new Set([step, ...also].flatMap((each) => each?.cautions ?? []))].map((caution) => (
              <p key={caution} className="mt-2 border-l-4 border-warn pl-3">
                {caution}
              </p>
            ))}
            {!several && (
              <div className="mt-3">
                {view.counting.map((wait) => (
                  <CountingBar key={wait.task} wait={wait} now={now} colour={colourOf(view, wait.task)} />
                ))}
              </div>
            )}
            <Then view={view} hands={hands} />
            {view.readings.at(-1) && (
              <p
                className={`mt-2 text-lg ${view.readings.at(-1)!.warns ? 'border-l-4 border-stop pl-3 text-stop' : 'text-quiet'}`}
              >
                {view.readings.at(-1)!.sentence}
              </p>
            )}
            {view.beyond.map((sentence) => (
              <p key={sentence} className="mt-2 border-l-4 border-warn pl-3 text-lg text-warn" data-beyond>
                {sentence}
              </p>
            ))}
            <OtherOrder session={view} onTake={press} />
          </div>
        </main>

        {several && <Lanes view={view} now={now} />}
        <section aria-label={texts.theWholeDay} className="mt-2 border-t border-rule pt-2">
          <WholeDay view={view} now={now} />
        </section>

        <div className="mt-4 grid grid-cols-3 gap-2 lg:hidden">
          <RunButton label={texts.skip} hint="k" onClick={presses.skip} disabled={!skip} />
          {lesser}
        </div>
        <footer className="sticky bottom-0 grid grid-cols-[minmax(0,1.4fr)_repeat(3,minmax(0,1fr))] gap-2 bg-paper pt-3 pb-2 lg:grid-cols-[minmax(0,2.4fr)_minmax(0,1.3fr)_repeat(3,minmax(0,0.9fr))_minmax(0,1.5fr)_repeat(4,minmax(0,0.85fr))] lg:gap-3">
          <Button
            tone="main"
            // What it waits for is to be read, and nothing to be pressed: not faded like other buttons, but not filled.
            className="col-span-4 min-h-20 flex-col !gap-0 !py-1.5 text-2xl leading-tight disabled:border-2 disabled:border-dashed disabled:border-strand disabled:bg-paper disabled:text-ink disabled:!opacity-100 lg:col-span-1"
            onClick={act}
            disabled={!main || main.isHeld}
            data-main
            data-fresh={bounce.isFresh || undefined}
          >
            {main ? (main.asks && asking.about === main.event?.task ? main.asks : main.label) : texts.nothingToDo}
            {main && !main.isHeld && <span className="text-sm font-normal pointer-coarse:hidden">{texts.space}</span>}
          </Button>
          <RunButton label={texts.somethingsOff} hint="x" onClick={() => setOff(true)} />
          <RunButton label={texts.n5MinMore} hint="m" onClick={presses.more} disabled={!subject} />
          <RunButton label={view.status === 'paused' ? texts.resume : texts.pause} hint="p" onClick={presses.pause} />
          <RunButton className="max-lg:hidden" label={texts.skip} hint="k" onClick={presses.skip} disabled={!skip} />
          <RunButton
            label={texts.undo}
            hint={view.undo ? view.undo.label : 'u'}
            onClick={presses.undo}
            disabled={!view.undo}
          />
          <div className="contents max-lg:hidden">{lesser}</div>
        </footer>

        <NoteSheet
          open={noting}
          onClose={() => setNoting(false)}
          onKeep={(text) => press({ kind: 'note', text, task: hands.doing })}
        />
        <FinishSheet
          session={view}
          open={finishing}
          onClose={() => setFinishing(false)}
          onDiscard={() => {
            void told(api.DELETE('/api/sessions/{id}', { params: { path: { id } } })).then((removed) => {
              void queries.invalidateQueries()
              void navigate('/today', withRemoved(removed))
            })
          }}
          onFinish={(ratings, note) => {
            if (several)
              for (const [key, given] of Object.entries(ratings))
                press({ kind: 'headRated', head: key, ratings: given })
            press({ kind: 'finished', ratings: several ? {} : (ratings[head.key] ?? {}), text: note })
            setFinishing(false)
            if (view.rehearsal) void navigate('/today')
          }}
        />
        <MishapSheet
          session={view}
          head={head.key}
          happened={happened}
          open={off}
          onClose={() => {
            setOff(false)
            setHappened(null)
          }}
          onTake={press}
        />
        <ReadingSheet
          session={view}
          now={now}
          task={hands.doing}
          open={reading}
          onClose={() => setReading(false)}
          onTake={press}
        />
        <SignalsSheet open={signalling} onClose={() => setSignalling(false)} awake={awake} session={id} />
        <RunKeys open={help} onClose={() => setHelp(false)} />
      </div>
    </>
  )
}

const task = (view: SessionView, id: string | null | undefined): RunTaskView | undefined =>
  view.tasks.find((each) => each.id === id)

const colourOf = (view: SessionView, id: string) => bandColour(task(view, id)!)

const nextSection = (doing: RunTaskView) =>
  Array.from({ length: doing.sections }, (_, n) => n + 1).find((n) => !doing.sectionsDone.includes(n)) ?? null

const sectionsOf = (head: RunHeadView, doing: RunTaskView | undefined) =>
  doing && doing.sections > 0 ? head.sections.slice(0, doing.sections) : head.sections

function Then({ view, hands }: { view: SessionView; hands: HandsView }) {
  const ahead = [hands.doing ? hands.next : null, ...hands.then]
    .map((id) => task(view, id))
    .filter((each) => each !== undefined)
  if (ahead.length === 0) return null
  return (
    <p className="mt-4 text-lg">
      {texts.then}{' '}
      {ahead.slice(0, 3).map((each, n) => (
        <span key={each.id}>
          {n > 0 && ', '}
          <strong className={n === 0 ? 'text-accent' : ''}>
            {view.heads.length > 1 && each.strand !== 'kitchen'
              ? texts.titleOn({ title: each.title, name: nameOf(view, each.head) })
              : each.title}
          </strong>
          <span className="text-quiet"> {clock(each.start)}</span>
        </span>
      ))}
    </p>
  )
}
