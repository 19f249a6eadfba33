import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link, useNavigate, useParams } from 'react-router'
import { api, told, type Ratings, type SessionReviewView } from '@/api/client'
import { Day, clock, spell } from '@/app/time'
import { Button } from '@/kit/Button'
import { Removing } from '@/kit/Removing'
import { listed } from '@/kit/texts'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { ratingNames } from '../today/run/ratings'
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
  if (review.error) return <Trouble error={review.error} />
  if (!review.data) return null
  const { heads, tasks, notes, ...session } = review.data
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
          {heads.map((head) => (
            <div key={head.headId}>
              {several && (
                <p className="pt-3">
                  <strong>{head.headName}</strong> <span className="text-quiet">{head.sentence}</span>
                </p>
              )}
              <Knots ratings={head.ratings} />
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
              onRemoved={() => {
                void navigate('/behind')
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

/** Ratings as knots on a thread: as many tied as points given. */
function Knots({ ratings }: { ratings: Ratings }) {
  return (
    <dl>
      {ratingNames.map(({ name, points }) => {
        const value = points(ratings)
        return (
          <div key={name} className="flex items-center justify-between border-b border-rule py-2">
            <dt>{name}</dt>
            <dd aria-label={value ? words.valueOf5({ value }) : words.notAnswered}>
              <svg width="112" height="20" aria-hidden>
                <line x1="6" x2="106" y1="10" y2="10" stroke="var(--strand)" strokeWidth="2" />
                {[1, 2, 3, 4, 5].map((n) => (
                  <circle
                    key={n}
                    cx={n * 20 - 4}
                    cy="10"
                    r="6.5"
                    fill={value && n <= value ? 'var(--accent)' : 'var(--paper)'}
                    stroke="var(--strand)"
                    strokeWidth="2"
                  />
                ))}
              </svg>
            </dd>
          </div>
        )
      })}
    </dl>
  )
}
