import { useQueries } from '@tanstack/react-query'
import { api, told } from '@/api/client'
import { useHousehold } from '@/app/household'
import { clockBeside } from '@/app/time'
import { Button } from '@/kit/Button'
import type { Wish } from './wish'
import { soonerWays as words } from './words'

interface Way {
  name: string
  change: Partial<Wish>
}

/** What would keep the day out of the night: each way is planned, and only those that do are offered, with their end. */
export function SoonerWays({
  wish,
  today,
  onTake,
}: {
  wish: Wish
  today: string
  onTake: (change: Partial<Wish>) => void
}) {
  const house = useHousehold().data?.house
  const all: (Way | false | undefined)[] = [
    wish.aim !== 'quick' && { name: words.quick, change: { aim: 'quick', edits: [] } },
    wish.dryingAir !== 'fan' && { name: words.fan, change: { dryingAir: 'fan' } },
    wish.dryingAir !== 'hoodLow' && !!house?.hoods && { name: words.hood, change: { dryingAir: 'hoodLow' } },
    wish.when.mode === 'startNow' && { name: words.morning, change: { when: { mode: 'soonest' } } },
  ]
  const ways = all.filter((way) => !!way)
  const plans = useQueries({
    queries: ways.map((way) => ({
      queryKey: ['plan', { ...wish, ...way.change }],
      queryFn: () => told(api.POST('/api/plans/preview', { body: { ...wish, ...way.change } })),
      retry: false,
      staleTime: 60_000,
    })),
  })
  const good = ways.flatMap((way, n) => {
    const plan = plans[n]?.data
    const isSooner = plan && !plan.night && plan.canStart && (!plan.putOff || way.change.when)
    return isSooner ? [{ ...way, end: plan.end }] : []
  })
  // One line that is there at once, so that nothing below it moves when they come.
  return (
    <p className="mt-3 flex min-h-12 gap-2 overflow-x-auto [&>*]:shrink-0">
      {good.map((way) => (
        <Button key={way.name} onClick={() => onTake(way.change)}>
          {words.doneBy({ way: way.name, time: clockBeside(way.end, `${today}T12:00:00`) })}
        </Button>
      ))}
    </p>
  )
}
