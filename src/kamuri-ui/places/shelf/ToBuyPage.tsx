import { useQuery } from '@tanstack/react-query'
import { api, told } from '@/api/client'
import { date } from '@/app/time'
import { Button } from '@/kit/Button'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { roleWord } from './words'
import { toBuyPage as said, shelfPlace } from './words'

/** Shelf, to buy: what runs out, by what the heads of the house take. */
export function ToBuyPage() {
  const list = useQuery({ queryKey: ['shopping'], queryFn: () => told(api.GET('/api/shopping')) })
  const lines = list.data?.lines ?? []
  const needed = list.data?.needed ?? []
  const count = lines.length + needed.length
  return (
    <section className="mt-2 max-w-4xl">
      <PageHeading title={shelfPlace.shoppingList}>
        {list.data &&
          (count === 0 ? said.nothingToBuy : count === 1 ? said.oneThingToBuy : said.countThingsToBuy({ count }))}
      </PageHeading>
      {list.data && <p className="mt-1 text-quiet">{said.dayProductsWithLessThan({ day: date(list.data.today) })}</p>}
      <Trouble error={list.error} />
      <ul className="mt-4 border-t border-rule" aria-label={said.shoppingList}>
        {lines.map((line) => (
          <li key={line.productId} className="grid grid-cols-[1.75rem_1fr] gap-x-3 border-b border-rule py-3">
            <span aria-hidden className="mt-1 size-5 rounded-sm border-2 border-ink" />
            <span>
              <span className="text-lg font-semibold">{line.name}</span>{' '}
              <span className="text-quiet">{roleWord(line.role).toLowerCase()}</span>
              <span className="block">{line.why}</span>
            </span>
          </li>
        ))}
        {needed.map((line) => (
          <li key={line.name + line.why} className="grid grid-cols-[1.75rem_1fr] gap-x-3 border-b border-rule py-3">
            <span aria-hidden className="mt-1 size-5 rounded-sm border-2 border-ink" />
            <span>
              <span className="text-lg font-semibold first-letter:uppercase">{line.name}</span>
              <span className="block">{line.why}</span>
            </span>
          </li>
        ))}
      </ul>
      {count > 0 && (
        <div className="mt-4 flex flex-wrap items-center gap-4 print:hidden">
          <Button tone="main" onClick={() => window.print()}>
            {said.print}
          </Button>
          <a className="thread-line" href="/api/shopping/list.md" download>
            {said.exportAsMarkdown}
          </a>
        </div>
      )}
    </section>
  )
}
