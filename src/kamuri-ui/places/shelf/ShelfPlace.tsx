import { NavLink, Outlet } from 'react-router'
import { shelfPlace as words } from './words'

const pages = [
  { to: '/shelf', name: words.onTheShelf },
  { to: '/shelf/jars', name: words.jars },
  { to: '/shelf/formulas', name: words.formulas },
  { to: '/shelf/amounts', name: words.amounts },
  { to: '/shelf/labels', name: words.labelReader },
  { to: '/shelf/warmth', name: words.warmOrCool },
  { to: '/shelf/to-buy', name: words.shoppingList },
]

/** Shelf: what have I got, is it still good, how much do I need, what is in it? */
export function ShelfPlace() {
  return (
    <>
      <nav aria-label={words.partsOfTheShelf} className="mt-2 flex print:hidden flex-wrap gap-x-6">
        {pages.map((page) => (
          <NavLink key={page.to} to={page.to} end={page.to === '/shelf'} className="flex min-h-12 items-center">
            {({ isActive }) => (
              <span className={isActive ? 'stitch-line pb-1 font-semibold' : 'pb-1 text-quiet hover:text-ink'}>
                {page.name}
              </span>
            )}
          </NavLink>
        ))}
      </nav>
      <Outlet />
    </>
  )
}
