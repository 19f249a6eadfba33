import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import { api, told, type SessionLine } from '@/api/client'
import { Day, spell } from '@/app/time'
import { Button } from '@/kit/Button'
import { PageHeading } from '@/kit/PageHeading'
import { Rich } from '@/kit/texts'
import { ChoiceWord } from '@/kit/Word'
import { Trouble } from '@/kit/Trouble'
import { Underway } from '../today/Underway'
import { useRecord } from './useRecord'
import { behindPlace as words } from './words'

/** Days read at once. */
const page = 40

/** Behind: what was done, and how long it really took. */
export function BehindPlace() {
  const head = useSearchParams()[0].get('head') ?? ''
  const { asked, days: done, isChosen, choose, step, month } = useRecord(head, page)
  const heads = useQuery({ queryKey: ['heads'], queryFn: () => told(api.GET('/api/heads')) })
  if (asked.error) return <Trouble error={asked.error} />
  if (!done) return null
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
                onChoose={choose('head')}
              />
            ),
            treatment: step,
            month,
          }}
        />
      </PageHeading>
      <Underway className="mt-3" />
      {done.length === 0 ? (
        <p className="mt-8 text-lg text-quiet">{head || isChosen ? words.noneOfThese : words.noWashDaysYetThe}</p>
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
      {asked.hasNextPage && (
        <Button className="mt-5" onClick={() => void asked.fetchNextPage()}>
          {words.showEarlierDays}
        </Button>
      )}
    </section>
  )
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
