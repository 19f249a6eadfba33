import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useRef, useState } from 'react'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { api, Refused, told, type PlanView } from '@/api/client'
import { useKeys } from '@/app/keys'
import { minutesBetween } from '@/app/time'
import { Plait } from '@/drawings/plait/Plait'
import type { HairMoment } from '@/drawings/plait/HairStrip'
import type { PlaitTask } from '@/drawings/plait/layout'
import { Button } from '@/kit/Button'
import { Trouble } from '@/kit/Trouble'
import { AllFields } from './plan/AllFields'
import { StepList } from './plan/StepList'
import { useWish, type Wish } from './plan/wish'
import { WishSentence } from './plan/WishSentence'
import { WorthKnowing } from './plan/WorthKnowing'

/** Today: what to do, in what order, until when, and why. */
export function TodayPlace() {
  const heads = useQuery({ queryKey: ['heads'], queryFn: () => told(api.GET('/api/heads')) })
  const [search, setSearch] = useSearchParams()
  const { wish, change, edit, undo, wash, washOneOf } = useWish()
  const living = useMemo(() => heads.data?.filter((head) => !head.archived) ?? [], [heads.data])
  const asked = search.get('head')
  const taken = useRef<string | null>(null)

  // A link may name the head. It is taken up once, then the address is only /today again.
  useEffect(() => {
    if (living.length === 0) return
    const named = living.find((head) => head.id === asked)
    if (named && asked !== taken.current) {
      taken.current = asked
      wash(named)
      setSearch({}, { replace: true })
    } else if (!asked) {
      taken.current = null
      washOneOf(living)
    }
  }, [asked, living, setSearch, wash, washOneOf])

  if (heads.error) return <Trouble error={heads.error} />
  if (!heads.data) return <p className="py-16 text-quiet">One moment.</p>
  if (living.length === 0)
    return (
      <section className="max-w-2xl py-16">
        <h1 className="text-4xl font-semibold">Whose hair is it?</h1>
        <p className="mt-4 text-lg">
          A plan begins with a head: how long, how dense, what it likes. It takes two minutes.
        </p>
        <Link
          to="/heads/new"
          className="mt-6 inline-flex min-h-12 items-center rounded-lg bg-accent px-5 font-semibold text-on-accent"
        >
          Describe the first head
        </Link>
      </section>
    )
  if (!wish || !living.some((head) => head.id === wish.headId)) return null
  return <Planning wish={wish} change={change} edit={edit} undo={undo} wash={wash} heads={living} />
}

function Planning({
  wish,
  change,
  edit,
  undo,
  wash,
  heads,
}: {
  wish: Wish
  heads: Parameters<typeof WishSentence>[0]['heads']
} & Pick<ReturnType<typeof useWish>, 'change' | 'edit' | 'undo' | 'wash'>) {
  const navigate = useNavigate()
  const [focus, setFocus] = useState<string | null>(null)
  const [fields, setFields] = useState(false)
  const plan = useQuery({
    queryKey: ['plan', wish],
    queryFn: () => told(api.POST('/api/plans/preview', { body: wish })),
    placeholderData: keepPreviousData,
    refetchInterval: 60_000,
    retry: false,
  })
  const start = useMutation({
    mutationFn: (rehearsal: boolean) =>
      told(api.POST('/api/sessions', { body: { plan: wish, rehearsal, speed: rehearsal ? 60 : 1 } })),
    onSuccess: (session) => navigate(`/run/${session.id}`),
  })
  useKeys({ z: () => undo?.() })
  const shown = plan.data
  const wrong = plan.error instanceof Refused ? plan.error : null

  return (
    <>
      <div className="mt-5">
        <WishSentence wish={wish} heads={heads} plan={shown} onChange={change} onHead={wash} />
        {wrong ? (
          <p role="alert" className="mt-3 max-w-4xl border-l-4 border-stop pl-3 text-stop">
            {wrong.message}
          </p>
        ) : (
          shown && (
            <p className="mt-3 max-w-5xl text-lg text-quiet" aria-live="polite">
              {shown.finishSentence}
            </p>
          )
        )}
        {shown?.timeTrouble && !wrong && (
          <p className="mt-1 max-w-4xl border-l-4 border-warn pl-3 text-warn">{shown.timeTrouble}</p>
        )}
        <div className="mt-4 flex flex-wrap items-center gap-3">
          <Button
            tone="main"
            disabled={!shown?.canStart || !!wrong || start.isPending}
            onClick={() => start.mutate(false)}
          >
            Begin now
          </Button>
          <Button disabled={!shown?.canStart || !!wrong || start.isPending} onClick={() => start.mutate(true)}>
            Rehearse it
          </Button>
          <Button tone="quiet" onClick={() => setFields(true)}>
            How it is done
          </Button>
          <Button tone="quiet" disabled={!undo} onClick={() => undo?.()}>
            Take back
          </Button>
          {wish.edits.length > 0 && (
            <Button tone="quiet" onClick={() => change({ edits: [] })}>
              As composed
            </Button>
          )}
        </div>
        <Trouble error={start.error} />
      </div>
      {shown && (
        <div className={wrong ? 'opacity-40' : ''}>
          <div className="mt-6">
            <PlanPlait plan={shown} focus={focus} onFocus={setFocus} />
          </div>
          <div className="mt-6 grid gap-x-10 gap-y-8 lg:grid-cols-[1fr_23rem]">
            <StepList plan={shown} focus={focus} onFocus={setFocus} onEdit={edit} />
            <WorthKnowing plan={shown} onEdit={edit} />
          </div>
        </div>
      )}
      <AllFields
        wish={wish}
        head={heads.find((head) => head.id === wish.headId)!}
        open={fields}
        onClose={() => setFields(false)}
        onChange={change}
      />
    </>
  )
}

/** The hair from each step to the next. */
const hairOf = (plan: PlanView): HairMoment[] =>
  plan.steps.map((step, n) => ({
    from: minutesBetween(plan.start, step.start),
    to: minutesBetween(plan.start, plan.steps[n + 1]?.start ?? plan.end),
    wetness: step.after.wetness,
    onHair: step.after.onHair.map((name) => ({ name, substance: substanceOf(plan, name) })),
    onScalp: step.after.onScalp,
    isWarm: step.after.warmth !== 'none',
  }))

/** The substance behind a name, for its colour: the wait that works under that name. */
const substanceOf = (plan: PlanView, name: string) =>
  plan.tasks.find((task) => task.substance && task.title.toLowerCase().startsWith(name.split(' ')[0]!))?.substance ??
  null

function PlanPlait({
  plan,
  focus,
  onFocus,
}: {
  plan: PlanView
  focus: string | null
  onFocus: (step: string | null) => void
}) {
  const tasks: PlaitTask[] = plan.tasks.map((task) => ({
    ...task,
    start: minutesBetween(plan.start, task.start),
    end: minutesBetween(plan.start, task.end),
  }))
  const strands = [
    { id: 'head', name: plan.headName, note: `${plan.kindWords.split(',')[0]}, ${Math.round(plan.size.massGrams)} g` },
  ]
  if (tasks.some((task) => task.strand === 'kitchen'))
    strands.push({ id: 'kitchen', name: 'Kitchen', note: 'stove, bowl' })
  return (
    <Plait
      tasks={tasks}
      startsAt={Number(plan.start.slice(11, 13)) * 60 + Number(plan.start.slice(14, 16))}
      strands={strands}
      readyBy={plan.readyBy ? minutesBetween(plan.start, plan.readyBy) : null}
      focus={focus}
      onFocus={onFocus}
      hair={hairOf(plan)}
      summary={`Plan for ${plan.headName}. ${plan.finishSentence}`}
    />
  )
}
