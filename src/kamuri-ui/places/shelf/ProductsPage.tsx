import { writtenAmount } from '@/app/style'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told, type ProductView } from '@/api/client'
import { Button } from '@/kit/Button'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { ProductSheet } from './ProductSheet'
import { ProductTable } from './ProductTable'
import { roles, roleWord } from './words'
import { productsPage as said } from './words'

export const useProducts = () => useQuery({ queryKey: ['products'], queryFn: () => told(api.GET('/api/products')) })

/** Shelf, what there is: products by what they are for, how much is left, and whether they are still good. */
export function ProductsPage() {
  const products = useProducts()
  const queries = useQueryClient()
  const [open, setOpen] = useState<ProductView | 'new' | null>(null)
  const [table, setTable] = useState(false)
  const living = products.data?.filter((each) => !each.archived) ?? []
  const away = products.data?.filter((each) => each.archived) ?? []
  return (
    <section className="mt-2">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <PageHeading>{said.onTheShelf}</PageHeading>
        <div className="flex flex-wrap gap-3">
          <Button onClick={() => setTable(true)}>{said.importOrExport}</Button>
          <Button tone="main" onClick={() => setOpen('new')}>
            {said.addAProduct}
          </Button>
        </div>
      </div>
      <Trouble error={products.error} />
      {products.data && living.length === 0 && (
        <p className="mt-4 max-w-3xl text-lg text-quiet">{said.noProductsYetAddWhat}</p>
      )}
      {roles
        .map((role) => ({ ...role, list: living.filter((each) => each.product.role === role.value) }))
        .filter((group) => group.list.length > 0)
        .map((group) => (
          <section key={group.value} className="mt-6">
            <h2 className="text-xl font-semibold">{group.word}</h2>
            <ul className="mt-1 border-t border-rule">
              {group.list.map((each) => (
                <li key={each.id} className="border-b border-rule">
                  <Line view={each} onOpen={() => setOpen(each)} />
                </li>
              ))}
            </ul>
          </section>
        ))}
      {away.length > 0 && (
        <section className="mt-8">
          <h2 className="text-xl font-semibold">{said.archived}</h2>
          <ul className="mt-1 flex flex-wrap gap-x-6">
            {away.map((each) => (
              <li key={each.id}>
                <Button tone="quiet" onClick={() => setOpen(each)}>
                  {each.product.name}
                </Button>
              </li>
            ))}
          </ul>
        </section>
      )}
      {table && <ProductTable onClose={() => setTable(false)} />}
      {open && (
        <ProductSheet
          key={open === 'new' ? 'new' : `${open.id} ${open.product.version}`}
          saved={open === 'new' ? null : open}
          onClose={() => setOpen(null)}
          onSaved={() => {
            setOpen(null)
            void queries.invalidateQueries({ queryKey: ['products'] })
          }}
        />
      )}
    </section>
  )
}

/** One product: name, what it mostly does, how full it is, how long it is good. */
function Line({ view, onOpen }: { view: ProductView; onOpen: () => void }) {
  const { product } = view
  const share = product.leftMl != null && product.sizeMl ? product.leftMl / product.sizeMl : null
  return (
    <button
      type="button"
      onClick={onOpen}
      className="grid min-h-12 w-full grid-cols-[1fr_auto] items-center gap-x-6 gap-y-1 py-3 text-left hover:bg-raised md:grid-cols-[16rem_1fr_13rem_14rem]"
    >
      <span className="font-semibold">{product.name}</span>
      <span className="order-last col-span-2 text-quiet md:order-none md:col-span-1">
        {product.label
          ? [
              view.mostlyDoes,
              said.weight({ weight: view.weight }),
              ...(view.protein === 'light'
                ? [said.lightProtein]
                : view.protein === 'strong'
                  ? [said.strongProtein]
                  : []),
              ...(view.buildsUp ? [said.buildsUp] : []),
            ].join(' ')
          : said.noLabelEntered}{' '}
        {view.unread > 0 && said.unreadNotRead({ unread: view.unread })}
        {view.fits?.map((fit) => (
          <span key={fit.sentence} className={`block ${fit.isAgainst ? 'font-semibold text-stop' : ''}`}>
            {fit.sentence}
          </span>
        ))}
      </span>
      <span className="flex items-center gap-3">
        {share !== null && (
          <svg
            viewBox="0 0 24 40"
            className="h-10 w-6"
            role="img"
            aria-label={said.shareLeft({ share: Math.round(share * 100) })}
          >
            <path d="M8 3h8v5l4 5v24H4V13l4-5Z" fill="none" stroke="var(--strand)" strokeWidth="2" />
            <clipPath id={`fill-${view.id}`}>
              <rect x="0" y={37 - share * 24} width="24" height={share * 24} />
            </clipPath>
            <path d="M9 13.500h6l4 0v23H5v-23Z" fill="var(--condition)" clipPath={`url(#fill-${view.id})`} />
          </svg>
        )}
        <span>{product.leftMl == null ? '' : said.amountLeft({ left: writtenAmount(product.leftMl) })}</span>
      </span>
      <span className={view.goodness.isPast ? 'text-stop' : 'text-quiet'}>{view.goodness.sentence}</span>
      <span className="sr-only">{roleWord(product.role)}</span>
    </button>
  )
}
