import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import { api, told, type SessionLine, type Treatment } from '@/api/client'
import { useWallClock } from '@/app/household'
import { Day, monthName, spell } from '@/app/time'
import { Button } from '@/kit/Button'
import { PageHeading } from '@/kit/PageHeading'
import { Rich } from '@/kit/texts'
import { ChoiceWord } from '@/kit/Word'
import { Trouble } from '@/kit/Trouble'
import { Underway } from '../today/Underway'
import { behindPlace as words, treatments } from './words'

/** Days read at once. */
const page = 40

/** Behind: what was done, and how long it really took. */
export function BehindPlace() {
  // In the address, so that a link can ask for one head and the way back finds the list as it was.
  const [search, setSearch] = useSearchParams()
  const [head, month] = [search.get('head') ?? '', search.get('month') ?? '']
  const treatment = (treatments.find((each) => each.value === search.get('step'))?.value ?? 'any') as Treatment | 'any'
  const filter = (name: 'head' | 'step' | 'month') => (value: string) =>
    setSearch(
      (before) => {
        if (value === '' || value === 'any') before.delete(name)
        else before.set(name, value)
        return before
      },
      { replace: true },
    )
  const heads = useQuery({ queryKey: ['heads'], queryFn: () => told(api.GET('/api/heads')) })
  const now = useWallClock()
  const query = {
    take: page,
    ...(head && { head }),
    ...(treatment !== 'any' && { treatment }),
    ...(month && { month }),
  }
  const sessions = useInfiniteQuery({
    queryKey: ['sessions', 'pages', query],
    placeholderData: keepPreviousData,
    initialPageParam: null as string | null,
    queryFn: ({ pageParam }) =>
      told(api.GET('/api/sessions', { params: { query: { ...query, ...(pageParam && { before: pageParam }) } } })),
    getNextPageParam: (last) => (last.length < page ? undefined : last.at(-1)!.startedAt),
  })
  if (sessions.error) return <Trouble error={sessions.error} />
  if (!sessions.data) return null
  const done = sessions.data.pages.flat().filter((session) => session.status === 'finished')
  const longest = Math.max(1, ...done.map((session) => Math.max(session.plannedMinutes, session.actualMinutes)))
  return (
    <section className="mt-5">
      <PageHeading title={words.behind}>
        <Rich
          of={words.washDays}
          parts={{
            heads: (
              <ChoiceWord
                label={words.head}
                value={head}
                choices={[
                  { value: '', word: words.everyone },
                  ...(heads.data ?? []).map((each) => ({ value: each.id, word: each.head.name })),
                ]}
                onChoose={filter('head')}
              />
            ),
            treatment: (
              <ChoiceWord label={words.step} value={treatment} choices={treatments} onChoose={filter('step')} />
            ),
            month: (
              <ChoiceWord
                label={words.month}
                value={month}
                choices={[{ value: '', word: words.always }, ...lastMonths(now?.date)]}
                onChoose={filter('month')}
              />
            ),
          }}
        />
      </PageHeading>
      <Underway className="mt-3" />
      {done.length === 0 ? (
        <p className="mt-8 text-lg text-quiet">
          {head || month || treatment !== 'any' ? words.noneOfThese : words.noWashDaysYetThe}
        </p>
      ) : (
        <p className="mt-2 text-quiet">{words.theThinLineIsThe}</p>
      )}
      <ol className="mt-6 border-t border-rule">
        {done.map((session) => (
          <li key={session.id + session.headId} className="border-b border-rule">
            <Link
              to={`/behind/${session.id}`}
              className="grid items-center gap-x-8 gap-y-1 py-3 hover:bg-raised md:grid-cols-[13rem_16rem_1fr_auto]"
            >
              <span className="font-semibold">{Day(session.startedAt)}</span>
              <span>
                <span className="font-display text-xl font-semibold">{session.headName}</span>
                <span className="block text-quiet">
                  {words.aimIntoStyle({ aim: session.aim, style: session.style })}
                </span>
              </span>
              <LengthLines session={session} longest={longest} />
              <span className="text-quiet md:w-56">
                {session.note ? `“${session.note}”` : session.sentence.replace(/\.[^.]*ran over.*$/, '.')}
              </span>
            </Link>
          </li>
        ))}
      </ol>
      {sessions.hasNextPage && (
        <Button className="mt-5" disabled={sessions.isFetchingNextPage} onClick={() => void sessions.fetchNextPage()}>
          {words.showEarlierDays}
        </Button>
      )}
    </section>
  )
}

/** This month and the two years before it. */
function lastMonths(today: string | undefined) {
  if (!today) return []
  const [year = 0, of = 1] = today.split('-').map(Number)
  return Array.from({ length: 25 }, (_, ago) => {
    const first = new Date(Date.UTC(year, of - 1 - ago, 1)).toISOString().slice(0, 10)
    return { value: first, word: words.inMonth({ month: monthName(first) }) }
  })
}

function LengthLines({ session, longest }: { session: SessionLine; longest: number }) {
  const width = (minutes: number) => (minutes / longest) * 100
  return (
    <svg
      className="h-11 w-full"
      viewBox="0 0 420 44"
      preserveAspectRatio="xMinYMid meet"
      role="img"
      aria-label={words.plannedPlannedMinutesTookActualMinutes({
        plannedMinutes: spell(session.plannedMinutes),
        actualMinutes: spell(session.actualMinutes),
      })}
    >
      <line
        x1="4"
        x2={4 + width(session.plannedMinutes) * 3.2}
        y1="13"
        y2="13"
        stroke="var(--strand)"
        strokeWidth="4"
        strokeLinecap="round"
      />
      <line
        x1="4"
        x2={4 + width(session.actualMinutes) * 3.2}
        y1="31"
        y2="31"
        stroke="var(--ink)"
        strokeWidth="6"
        strokeDasharray="9 3"
      />
      <text x={12 + width(session.actualMinutes) * 3.2} y="36" fontSize="14" fontWeight="600" fill="var(--ink)">
        {spell(session.actualMinutes)}
      </text>
    </svg>
  )
}
