import { LinkButton } from '@/kit/Button'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, told } from '@/api/client'
import { date, day } from '@/app/time'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { PlannedDays, ToBegin } from './ToBegin'
import { aheadPlace as words } from './words'
import { Rich } from '@/kit/texts'

const dayMs = 86_400_000

/** Ahead: what does each head need, and when? */
export function AheadPlace() {
  const ahead = useQuery({ queryKey: ['ahead'], queryFn: () => told(api.GET('/api/ahead')) })
  if (ahead.error) return <Trouble error={ahead.error} />
  if (!ahead.data) return null
  const { today, heads } = ahead.data
  return (
    <section className="mt-5">
      <PageHeading>{words.whoIsDueForA}</PageHeading>
      <p className="mt-2 text-lg text-quiet">{words.todayIsDayEachBar({ day: date(today) })}</p>
      {heads.length === 0 && (
        <p className="mt-8">
          <Rich
            of={words.noHeadsYet}
            parts={{
              add: (
                <Link className="thread-line font-semibold" to="/heads/new">
                  {words.addTheFirstOne}
                </Link>
              ),
            }}
          />
        </p>
      )}
      <ol className="mt-6 border-t border-rule">
        {heads.map((line) => (
          <li
            key={line.headId}
            className="grid items-center gap-x-8 gap-y-3 border-b border-rule py-5 md:grid-cols-[16rem_1fr_auto]"
          >
            <div>
              <h2 className="text-2xl font-semibold">{line.headName}</h2>
              <p>{line.due.sentence}</p>
              {line.treatments.map((sentence) => (
                <p key={sentence}>{sentence}</p>
              ))}
              {line.lastAim && (
                <p className="text-quiet">
                  {words.lastTimeLastAimIntoLastStyle({ lastAim: line.lastAim, lastStyle: line.lastStyle ?? '' })}
                </p>
              )}
            </div>
            <DueBar today={today} earliest={line.due.earliest} usual={line.due.usual} latest={line.due.latest} />
            {line.openSession ? (
              <LinkButton
                tone="main"
                to={`/run/${line.openSession}`}
                aria-label={words.backToTheRunningDayOf({ name: line.headName })}
              >
                {words.backToTheRunningDay}
              </LinkButton>
            ) : (
              <LinkButton to={`/today?head=${line.headId}`} aria-label={words.planAWashDayFor({ name: line.headName })}>
                {words.planAWashDay}
              </LinkButton>
            )}
          </li>
        ))}
      </ol>
      <PlannedDays planned={ahead.data.planned} />
      <ToBegin planned={ahead.data.planned} batches={ahead.data.batches} patches={ahead.data.patchTests} />
    </section>
  )
}

/** Two weeks back to three weeks on, with the window of the next wash on it. */
function DueBar({
  today,
  earliest,
  usual,
  latest,
}: {
  today: string
  earliest: string
  usual: string
  latest: string
}) {
  const days = (date: string) => (Date.parse(date) - Date.parse(today)) / dayMs
  const [least, most] = [-7, 21]
  const x = (n: number) => ((Math.min(most, Math.max(least, n)) - least) / (most - least)) * 560 + 10
  return (
    <svg
      viewBox="0 0 580 70"
      className="w-full max-w-2xl"
      role="img"
      aria-label={words.fromDayUsuallyDay2Day3({ day: day(earliest), day2: day(usual), day3: day(latest) })}
    >
      <line x1="10" x2="570" y1="30" y2="30" stroke="var(--strand)" strokeWidth="3" strokeLinecap="round" />
      {Array.from({ length: most - least + 1 }, (_, n) => (
        <line
          key={n}
          x1={x(least + n)}
          x2={x(least + n)}
          y1="26"
          y2={(least + n) % 7 === 0 ? 40 : 34}
          stroke="var(--strand)"
          strokeWidth="2"
        />
      ))}
      <rect
        x={x(days(earliest))}
        y="18"
        width={Math.max(4, x(days(latest)) - x(days(earliest)))}
        height="24"
        rx="5"
        fill="var(--condition)"
        opacity="0.75"
      />
      <line
        x1={x(days(usual))}
        x2={x(days(usual))}
        y1="14"
        y2="46"
        stroke="var(--ink)"
        strokeWidth="4"
        strokeLinecap="round"
      />
      <line x1={x(0)} x2={x(0)} y1="6" y2="50" stroke="var(--accent)" strokeWidth="3" />
      <text x={x(0)} y="66" textAnchor="middle" fontSize="17" fontWeight="650" fill="var(--accent)">
        {words.today}
      </text>
      {[7, 14, 21].map((n) => (
        <text key={n} x={x(n)} y="66" textAnchor={n === 21 ? 'end' : 'middle'} fontSize="16" fill="var(--quiet)">
          {words.nWk({ n: n / 7 })}
        </text>
      ))}
    </svg>
  )
}
