import { PageTitle } from '@/kit/PageHeading'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, told, type SessionView } from '@/api/client'
import { minutesBetween, spell } from '@/app/time'
import { endings as words } from './words'

/** A day that is over. */
export function Over({ view }: { view: SessionView }) {
  const heads = useQuery({ queryKey: ['heads'], queryFn: () => told(api.GET('/api/heads')) })
  return (
    <main className="mx-auto max-w-2xl p-8 pt-24">
      <PageTitle title={words.theDayIsDone} />
      <h1 className="text-5xl font-bold">{words.theDayIsDone}</h1>
      <p className="mt-4 text-xl">
        {words.inAll({
          heads: view.heads
            .map((head) => words.nameAimIntoStyle({ name: head.name, aim: head.aim, style: head.style }))
            .join('; '),
          time: view.startedAt && view.finishedAt ? spell(minutesBetween(view.startedAt, view.finishedAt)) : '',
        })}
      </p>
      {!view.rehearsal &&
        heads.data
          ?.filter((head) => view.heads.some((each) => each.headId === head.id))
          .map((head) => (
            <p key={head.id} className="mt-2 text-lg text-quiet">
              {words.dueNext({ name: head.head.name, due: [head.due.sentence, ...head.upkeep].join(' ') })}
            </p>
          ))}
      <p className="mt-8">
        <Link
          to={view.rehearsal ? '/today' : `/behind/${view.id}`}
          className="inline-flex min-h-16 items-center rounded-lg bg-accent px-6 text-lg font-semibold text-on-accent"
        >
          {view.rehearsal ? words.backToThePlan : words.seePlannedAndActual}
        </Link>
      </p>
    </main>
  )
}

/** A session that is not here. */
export function Gone({ message }: { message: string }) {
  return (
    <main className="mx-auto max-w-2xl p-8 pt-24">
      <PageTitle title={words.noWashDayIsRunning} />
      <h1 className="text-4xl font-bold">{words.noWashDayIsRunning}</h1>
      <p className="mt-4">{message}</p>
      <p className="mt-6">
        <Link to="/today" className="thread-line font-semibold">
          {words.backToToday}
        </Link>
      </p>
    </main>
  )
}
