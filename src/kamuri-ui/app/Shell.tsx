import { Moon, Sun } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import { Link, NavLink, Outlet, useLocation, useNavigate } from 'react-router'
import { IconButton } from '@/kit/Button'
import { JustRemoved } from '@/places/data/JustRemoved'
import { SetAsideNotice } from '@/places/data/SetAside'
import { MadeUpNotice } from '@/places/looking-around/LookAround'
import { useHousehold, useWallClock } from './household'
import { useKeys } from './keys'
import { places } from './places'
import { ShortcutSheet } from './ShortcutSheet'
import { useTheme } from './theme'
import { shell as words } from './words'
import { useStyle, writtenTime } from './style'

/** The frame around the five places. */
export function Shell() {
  const navigate = useNavigate()
  const now = useWallClock()
  const { shown, choose } = useTheme()
  const [help, setHelp] = useState(false)
  const style = useStyle()
  const isMadeUp = useHousehold().data?.madeUp
  const { pathname } = useLocation()
  const page = useRef<HTMLElement>(null)
  const shownPath = useRef(pathname)
  useEffect(() => {
    if (shownPath.current === pathname) return
    shownPath.current = pathname
    // A link of the page that was left is gone; one of the frame keeps the keyboard.
    if (!document.activeElement?.closest('header, footer')) page.current?.focus({ preventScroll: true })
  }, [pathname])
  useKeys({
    ...Object.fromEntries(places.map((place) => [place.key, () => void navigate(place.path)])),
    f: () => void navigate('/figures'),
    '?': () => setHelp(true),
  })

  return (
    <>
      {isMadeUp && <MadeUpNotice />}
      <div className="mx-auto flex min-h-dvh max-w-[1480px] flex-col px-4 sm:px-6">
        <a href="#place" className="sr-only focus:not-sr-only focus:absolute focus:z-10 focus:bg-raised focus:p-3">
          {words.skipToThePage}
        </a>
        <header className="flex min-h-16 print:hidden flex-wrap items-center gap-x-8 pt-2">
          <Link to="/today" className="font-display text-2xl font-bold tracking-tight">
            {words.kamuri}
          </Link>
          <nav
            aria-label={words.places}
            className="order-last flex w-full flex-wrap justify-between sm:order-none sm:w-auto sm:justify-start sm:gap-6"
          >
            {places.map((place) => (
              <NavLink
                key={place.path}
                to={place.path}
                aria-keyshortcuts={place.key}
                className="group flex min-h-12 min-w-12 items-center justify-center"
              >
                {({ isActive }) => (
                  <span
                    className={isActive ? 'stitch-line pb-1.5 font-semibold' : 'pb-1.5 text-quiet group-hover:text-ink'}
                  >
                    {place.name}
                  </span>
                )}
              </NavLink>
            ))}
          </nav>
          <div className="ml-auto flex items-center gap-1">
            <time className="mr-2 font-display text-xl font-semibold" aria-label={words.householdTime}>
              {now ? writtenTime(now.time) : ''}
            </time>
            <IconButton
              label={shown === 'night' ? words.dayTheme : words.nightTheme}
              onClick={() => choose(shown === 'night' ? 'day' : 'night')}
            >
              {shown === 'night' ? <Sun aria-hidden /> : <Moon aria-hidden />}
            </IconButton>
            <IconButton label={words.keyboardShortcuts} onClick={() => setHelp(true)}>
              <span aria-hidden className="font-display text-xl font-semibold">
                ?
              </span>
            </IconButton>
          </div>
        </header>
        <main ref={page} id="place" tabIndex={-1} className="flex-1 pb-16 outline-none max-sm:min-h-dvh">
          <SetAsideNotice />
          <JustRemoved />
          <Outlet key={`${style.clock} ${style.lengths} ${style.temperatures} ${style.currency}`} />
        </main>
        <footer className="flex flex-wrap print:hidden gap-x-6 border-t border-rule py-2 text-quiet">
          <Link to="/figures" aria-keyshortcuts="f" className="inline-flex min-h-12 items-center hover:text-ink">
            {words.craftFigures}
          </Link>
          <Link to="/household" className="inline-flex min-h-12 items-center hover:text-ink">
            {words.thisHousehold}
          </Link>
          <Link to="/devices" className="inline-flex min-h-12 items-center hover:text-ink">
            {words.devices}
          </Link>
          <span className="inline-flex min-h-12 items-center text-sm">{words.productLabelsLocalRulesAnd}</span>
        </footer>
        <ShortcutSheet open={help} onClose={() => setHelp(false)} />
      </div>
    </>
  )
}
