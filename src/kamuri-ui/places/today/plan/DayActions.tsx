import { useMutation, useQueryClient } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { Link, useNavigate } from 'react-router'
import { api, done, told, type HouseholdPlanBody, type PlanBody, type SavedDay } from '@/api/client'
import { useWallClock } from '@/app/household'
import { newId } from '@/app/newId'
import { minutesBetween } from '@/app/time'
import { Button, LinkButton } from '@/kit/Button'
import { Trouble } from '@/kit/Trouble'
import { useSessions } from '../Underway'
import { dayActions as said } from './words'
import { Rich } from '@/kit/texts'

type Asked = { plan: PlanBody } | { household: HouseholdPlanBody }

/** Minutes; who would begin a day so much earlier wants another day. */
const worthWaitingFor = 30

/** What can be done with a plan: begun, rehearsed, kept for its hour. */
export function DayActions({
  body,
  kept,
  begins,
  canStart,
  canKeep,
  planned,
  onSaved,
  onBegun,
  onFromNow,
  children,
}: {
  body: Asked
  /** The day as it was asked for, without what a longer search found. */
  kept: Asked
  /** When the plan begins; null while there is none. */
  begins: string | null
  canStart: boolean
  canKeep: boolean
  /** The planned day this is; null while it is none. */
  planned: string | null
  onSaved: (planned: string | null) => void
  onBegun: () => void
  onFromNow: () => void
  children: ReactNode
}) {
  const navigate = useNavigate()
  const queries = useQueryClient()
  const wall = useWallClock()
  const start = useMutation({
    mutationFn: (rehearsal: boolean) =>
      told(
        api.POST('/api/sessions', { body: { ...body, plannedDayId: planned, rehearsal, speed: rehearsal ? 60 : 1 } }),
      ),
    onSuccess: (session) => {
      if (!session.rehearsal) onBegun()
      void navigate(`/run/${session.id}`)
    },
  })
  const keep = useMutation({
    mutationFn: () => {
      const id = planned ?? newId()
      onSaved(id)
      return told(api.PUT('/api/planned-days/{id}', { params: { path: { id } }, body: atItsHour(kept, begins) }))
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: ['ahead'] }),
    onError: () => onSaved(planned),
  })
  const back = useMutation({
    mutationFn: async ({ day, before }: SavedDay) => {
      const path = { params: { path: { id: day.id } } }
      if (before) await told(api.PUT('/api/planned-days/{id}', { ...path, body: before }))
      else await done(api.DELETE('/api/planned-days/{id}', path))
      return before
    },
    onSuccess: (before) => {
      if (!before) onSaved(null)
      keep.reset()
      void queries.invalidateQueries({ queryKey: ['ahead'] })
    },
  })
  const heads = 'plan' in kept ? [kept.plan.headId] : kept.household.heads.map((head) => head.plan.headId)
  const underWay = useSessions().data?.find((line) => line.status !== 'finished' && heads.includes(line.headId))
  const when = 'plan' in kept ? kept.plan.when : kept.household.when
  const hasHour = when.mode === 'startAt' || when.mode === 'readyBy'
  // While clock or plan are on their way an hour is taken for a later one, and nothing can be pressed that may turn into something else.
  const until = wall && begins ? minutesBetween(`${wall.date}T${wall.time}Z`, `${begins.slice(0, 16)}Z`) : null
  const isLater = (hasHour && until === null) || (until !== null && until > worthWaitingFor)
  const keeping = (
    <Button
      tone={isLater ? 'main' : 'plain'}
      disabled={!canKeep || until === null || keep.isPending}
      onClick={() => keep.mutate()}
    >
      {said.saveTheDay}
    </Button>
  )
  return (
    <>
      <div className="mt-4 flex flex-wrap items-center gap-3">
        {isLater ? (
          keeping
        ) : underWay ? (
          <LinkButton tone="main" to={`/run/${underWay.id}`}>
            {said.openTheRun}
          </LinkButton>
        ) : (
          <Button tone="main" disabled={!canStart || start.isPending} onClick={() => start.mutate(false)}>
            {said.beginNow}
          </Button>
        )}
        <Button disabled={!canStart || start.isPending} onClick={() => start.mutate(true)}>
          {said.rehearse}
        </Button>
        {!isLater && hasHour && keeping}
        {/* In a row of their own on a phone, their words in line with everything else. */}
        <div className="-ml-4 flex basis-full flex-wrap items-center gap-x-3 sm:contents">
          {isLater && (
            <Button tone="quiet" onClick={onFromNow}>
              {said.planAgainFromNow}
            </Button>
          )}
          {children}
        </div>
      </div>
      <Trouble error={start.error ?? keep.error ?? back.error} />
      {keep.isSuccess && (
        <p role="status" className="mt-3 border-l-4 border-done pl-3">
          <Rich
            of={keep.data.before ? said.changedForThen : said.savedForThen}
            parts={{
              ahead: (
                <Link className="thread-line" to="/ahead">
                  {said.ahead}
                </Link>
              ),
            }}
          />{' '}
          <Button tone="quiet" onClick={() => back.mutate(keep.data)}>
            {said.undo}
          </Button>
        </p>
      )}
    </>
  )
}

/** The day with the hour it was planned for, when nobody said one. */
const atItsHour = (kept: Asked, begins: string | null): Asked => {
  const named = (when: PlanBody['when']): PlanBody['when'] =>
    when.mode === 'soonest' && begins
      ? { mode: 'startAt', date: begins.slice(0, 10), time: begins.slice(11, 19) }
      : when
  return 'plan' in kept
    ? { plan: { ...kept.plan, when: named(kept.plan.when) } }
    : { household: { ...kept.household, when: named(kept.household.when) } }
}
