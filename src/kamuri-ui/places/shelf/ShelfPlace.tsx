import { NavLink, Outlet } from 'react-router'

const pages = [
  { to: '/shelf', name: 'What there is' },
  { to: '/shelf/jars', name: 'What was made' },
  { to: '/shelf/formulas', name: 'Formulas' },
  { to: '/shelf/amounts', name: 'How much a day takes' },
  { to: '/shelf/labels', name: 'Read a label' },
  { to: '/shelf/warmth', name: 'Is it warm?' },
  { to: '/shelf/to-buy', name: 'To buy' },
]

/** Shelf: what have I got, is it still good, how much do I need, what is in it? */
export function ShelfPlace() {
  return (
    <>
      <nav aria-label="On the shelf" className="mt-2 flex print:hidden flex-wrap gap-x-6">
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
