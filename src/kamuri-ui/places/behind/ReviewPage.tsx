import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link, useNavigate, useParams } from 'react-router'
import { api, told, type Ratings, type SessionReviewView } from '@/api/client'
import { newId } from '@/app/newId'
import { Day, clock, spell } from '@/app/time'
import { Button } from '@/kit/Button'
import { Removing } from '@/kit/Removing'
import { listed } from '@/kit/texts'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { ratingNames } from '../today/run/ratings'
import { withRemoved } from '../data/JustRemoved'
import { Takings } from './Takings'
import { reviewPage as words } from './words'

/** One past wash day: planned against real, step by step. */
export function ReviewPage() {
  const { id = '' } = useParams()
  const review = useQuery({
    queryKey: ['review', id],
    queryFn: () => told(api.GET('/api/sessions/{id}/review', { params: { path: { id } } })),
  })
  const navigate = useNavigate()
  const queries = useQueryClient()
  const reopen = useMutation({
    mutationFn: () => told(api.POST('/api/sessions/{id}/reopen', { params: { path: { id } } })),
    onSuccess: () => {
      void queries.invalidateQueries()
      void navigate(`/run/${id}`)
    },
  })
  // How it turned out is often seen only later: every knot can be tied then.
  const rate = useMutation({
    mutationFn: (given: { head: string; ratings: Ratings }) =>
      told(
        api.POST('/api/sessions/{id}/events', {
          params: { path: { id } },
          body: { id: newId(), kind: 'headRated', ...given },
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  })
  if (review.error) return <Trouble error={review.error} />
  if (!review.data) return null
  const { heads, tasks, notes, keys, ...session } = review.data
  const several = heads.length > 1
  const longest = Math.max(...tasks.map((task) => Math.max(task.plannedMinutes, task.actualMinutes ?? 0)), 1)
  return (
    <section className="mt-5">
      <p className="text-quiet">
        <Link className="thread-line" to="/behind">
          {words.allWashDays}
        </Link>
      </p>
      <PageHeading className="mt-2" title={listed(heads.map((head) => head.headName))}>
        {heads
          .map((head) => words.headNameAimIntoStyle({ headName: head.headName, aim: head.aim, style: head.style }))
          .join('; ')}
      </PageHeading>
      <p className="mt-2 text-lg text-quiet">
        {words.whenItWas({
          day: Day(session.startedAt),
          from: clock(session.startedAt),
          to: session.finishedAt ? clock(session.finishedAt) : words.stillRunning,
          sentence: session.sentence,
          hands: spell(session.handsOnMinutes),
        })}
      </p>
      <div className="mt-8 grid gap-x-12 gap-y-8 lg:grid-cols-[1fr_20rem]">
        <div className="overflow-x-auto">
          <table className="w-full border-collapse text-left" aria-label={words.plannedAndActual}>
            <thead>
              <tr className="border-b-2 border-strand text-quiet">
                <th className="py-2 pr-3 font-semibold">{words.started}</th>
                <th className="pr-3 font-semibold">{words.what}</th>
                <th className="pr-3 text-right font-semibold">{words.planned}</th>
                <th className="pr-3 text-right font-semibold">{words.actual}</th>
                <th className="hidden w-2/5 sm:table-cell">
                  <span className="sr-only">{words.drawing}</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {tasks.map((task) => (
                <Row key={task.id} task={task} longest={longest} />
              ))}
            </tbody>
          </table>
        </div>
        <aside>
          <h2 className="border-b border-rule pb-2 text-xl font-semibold">{words.howItTurnedOut}</h2>
          {heads.map((head, at) => (
            <div key={head.headId}>
              {several && (
                <p className="pt-3">
                  <strong>{head.headName}</strong> <span className="text-quiet">{head.sentence}</span>
                </p>
              )}
              <Knots
                ratings={head.ratings}
                whose={several ? head.headName : null}
                onRate={
                  session.finishedAt
                    ? (given) => rate.mutate({ head: keys[at]!, ratings: { ...head.ratings, ...given } })
                    : null
                }
              />
            </div>
          ))}
          {session.note && <p className="border-b border-rule py-3">“{session.note}”</p>}
          {notes.map((note) => (
            <p key={note.at} className="border-b border-rule py-3">
              <span className="text-quiet">{clock(note.at)}</span> {note.text}
            </p>
          ))}
          <Takings session={id} />
          <div className="mt-6 flex flex-wrap gap-3">
            {session.finishedAt && (
              <Button disabled={reopen.isPending} onClick={() => reopen.mutate()}>
                {words.reopenThisDay}
              </Button>
            )}
            <Removing
              what={words.thisDay}
              look={() => told(api.GET('/api/sessions/{id}/removal', { params: { path: { id } } }))}
              remove={() => told(api.DELETE('/api/sessions/{id}', { params: { path: { id } } }))}
              onRemoved={(removed) => {
                void navigate('/behind', withRemoved(removed))
                void queries.invalidateQueries()
              }}
            />
          </div>
          {reopen.error && <Trouble error={reopen.error} />}
        </aside>
      </div>
    </section>
  )
}

function Row({ task, longest }: { task: SessionReviewView['tasks'][number]; longest: number }) {
  const width = (minutes: number) => `${(minutes / longest) * 100}%`
  return (
    <tr className="border-b border-rule">
      <td className="py-1.5 pr-3">{task.start ? clock(task.start) : ''}</td>
      <td className={`pr-3 ${task.isHandsOn ? 'font-semibold' : 'italic'}`}>
        {task.title}
        {task.headName && <span className="ml-2 font-normal text-quiet not-italic">{task.headName}</span>}
        {task.remark && <span className="ml-2 text-sm font-normal text-warn not-italic">{task.remark}</span>}
      </td>
      <td className="pr-3 text-right whitespace-nowrap text-quiet">{spell(task.plannedMinutes)}</td>
      <td className="pr-3 text-right whitespace-nowrap">
        {task.actualMinutes === null ? '' : spell(task.actualMinutes)}
      </td>
      <td aria-hidden className="hidden sm:table-cell">
        <svg width="100%" height="26" className="block">
          <line x1="2" x2={width(task.plannedMinutes)} y1="8" y2="8" stroke="var(--strand)" strokeWidth="4" />
          {task.actualMinutes !== null && (
            <line
              x1="2"
              x2={width(task.actualMinutes)}
              y1="18"
              y2="18"
              stroke="var(--ink)"
              strokeWidth="5"
              {...(task.isHandsOn && { strokeDasharray: '8 3' })}
            />
          )}
        </svg>
      </td>
    </tr>
  )
}

/** Ratings as knots on a thread: as many tied as points given. A finished day can be rated at any time. */
function Knots({
  ratings,
  whose,
  onRate,
}: {
  ratings: Ratings
  whose: string | null
  onRate: ((given: Partial<Ratings>) => void) | null
}) {
  return (
    <div>
      {ratingNames.map(({ name, points, rate }) => {
        const value = points(ratings) ?? 0
        const label = whose ? words.nameOfWhose({ name, whose }) : name
        return (
          <fieldset key={name} className="flex items-center justify-between border-b border-rule">
            <legend className="float-left mr-auto flex min-h-12 items-center">{name}</legend>
            <span className="relative flex">
              <span aria-hidden className="absolute inset-x-5 top-1/2 h-0.5 bg-strand" />
              {[1, 2, 3, 4, 5].map((n) => (
                <label key={n} className="relative flex h-12 w-11 items-center justify-center">
                  <input
                    type="radio"
                    name={label}
                    aria-label={words.pointsOf5({ label, points: n })}
                    checked={value === n}
                    disabled={!onRate}
                    onChange={() => onRate?.(rate(n))}
                    className="peer absolute inset-0 cursor-pointer opacity-0 disabled:cursor-default"
                  />
                  <span
                    aria-hidden
                    className={`size-4 rounded-full border-2 peer-focus-visible:outline-3 peer-focus-visible:outline-offset-2 peer-focus-visible:outline-accent ${n <= value ? 'border-accent bg-accent' : 'border-strand bg-paper'}`}
                  />
                </label>
              ))}
            </span>
          </fieldset>
        )
      })}
    </div>
  )
}
