import { useQueries } from '@tanstack/react-query'
import { api, told } from '@/api/client'
import { useHousehold } from '@/app/household'
import { clockBeside } from '@/app/time'
import { Button } from '@/kit/Button'
import { bodyOf, isHousehold, type Day, type Wish } from './wish'
import { soonerWays as words } from './words'

interface Way {
  name: string
  change: Partial<Wish>
}

const quick: Partial<Wish> = { aim: 'quick', routine: null, asLastTime: false, templateId: null, edits: [] }

/** What would keep the day out of the night: each way is planned, and only those that do are offered, with their end. */
export function SoonerWays({ day, today, onTake }: { day: Day; today: string; onTake: (day: Day) => void }) {
  const house = useHousehold().data?.house
  const { wish } = day.heads[0]!
  const some = (is: (wish: Wish) => boolean) => day.heads.some((head) => is(head.wish))
  const all: (Way | false | undefined)[] = [
    some((each) => each.aim !== 'quick') && { name: words.quick, change: quick },
    some((each) => each.dryingAir !== 'fan') && { name: words.fan, change: { dryingAir: 'fan' } },
    some((each) => each.dryingAir !== 'hoodLow') &&
      !!house?.hoods && { name: words.hood, change: { dryingAir: 'hoodLow' } },
    wish.when.mode === 'startNow' && { name: words.morning, change: { when: { mode: 'soonest' } } },
  ]
  const ways = all
    .filter((way) => !!way)
    .map((way) => ({
      ...way,
      day: { ...day, heads: day.heads.map((head) => ({ ...head, wish: { ...head.wish, ...way.change } })) },
    }))
  const plans = useQueries({
    queries: ways.map((way) => ({
      queryKey: ['plan', 'sooner', way.day],
      queryFn: () => planned(way.day),
      retry: false,
      staleTime: 60_000,
    })),
  })
  const good = ways.flatMap((way, n) => {
    const plan = plans[n]?.data
    const isSooner = plan && !plan.nightSentence && plan.canStart && (!plan.putOff || way.change.when)
    return isSooner ? [{ ...way, end: plan.end }] : []
  })
  // One line that is there at once, so that nothing below it moves when they come.
  return (
    <p className="mt-3 flex min-h-12 gap-2 overflow-x-auto [&>*]:shrink-0">
      {good.map((way) => (
        <Button key={way.name} onClick={() => onTake(way.day)}>
          {words.doneBy({ way: way.name, time: clockBeside(way.end, `${today}T12:00:00`) })}
        </Button>
      ))}
    </p>
  )
}

const planned = async (day: Day) =>
  isHousehold(day)
    ? told(api.POST('/api/household-plans/preview', { body: bodyOf(day) }))
    : told(api.POST('/api/plans/preview', { body: day.heads[0]!.wish }))
