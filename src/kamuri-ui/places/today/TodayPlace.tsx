import { useQueries, useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useRef } from 'react'
import { useSearchParams } from 'react-router'
import { api, told } from '@/api/client'
import { useChoices } from '@/app/choices'
import { PageTitle } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { useLast } from '@/app/useLast'
import { useTemplates } from './plan/KeptDays'
import { lastDay } from './plan/lastDay'
import { Planning } from './plan/Planning'
import { useWish } from './plan/wish'
import { Underway } from './Underway'
import { Welcome } from './Welcome'
import { todayPlace as words } from './words'

/** Today: what to do, in what order, until when, and why. */
export function TodayPlace() {
  const heads = useQuery({ queryKey: ['heads'], queryFn: () => told(api.GET('/api/heads')) })
  const choices = useChoices()
  const [search, setSearch] = useSearchParams()
  const asking = useWish()
  const { wash, washOneOf } = asking
  const living = useMemo(() => heads.data?.filter((head) => !head.archived) ?? [], [heads.data])
  const asked = search.get('head')
  const taken = useRef<string | null>(null)
  // What the sentence offers is there before the sentence, so that no word comes in between others later.
  const days = useQueries({ queries: (asking.day?.heads ?? []).map((each) => lastDay(each.wish.headId)) })
  const isFetched =
    useTemplates().isFetched && days.length > 0 && days.every((each) => each.isFetched || each.failureCount > 0)
  const canSpeak = useLast(isFetched || undefined)

  // A link may name the head. It is taken up once, then the address is only /today again.
  useEffect(() => {
    if (living.length === 0 || !choices) return
    const named = living.find((head) => head.id === asked)
    if (named && asked !== taken.current) {
      taken.current = asked
      wash(choices, named)
      setSearch({}, { replace: true })
    } else if (!asked) {
      taken.current = null
      // Whoever is due first, by the usual day of each.
      washOneOf(
        choices,
        living.toSorted((one, other) => (one.due.usual ?? '').localeCompare(other.due.usual ?? '')),
      )
    }
  }, [asked, choices, living, setSearch, wash, washOneOf])

  if (heads.error) return <Trouble error={heads.error} />
  if (!heads.data) return <Moment />
  if (living.length === 0) return <Welcome />
  if (
    !canSpeak ||
    !asking.day ||
    !choices ||
    !asking.day.heads.every((each) => living.some((head) => head.id === each.wish.headId))
  )
    return <Moment />
  return (
    <>
      <PageTitle title={words.today} />
      <Underway className="mt-4" />
      <Planning asking={{ ...asking, day: asking.day }} choices={choices} heads={living} />
    </>
  )
}

const Moment = () => <p className="py-16 text-quiet">{words.loading}</p>
