import type { ReactNode } from 'react'
import { pageTitle as words } from './words'

/** What the tab of the browser says. */
export const PageTitle = ({ title }: { title: string }) => <title>{words.titleOfKamuri({ title })}</title>

/** The heading of a page, which is also its title; where the heading is a sentence, the title is said in a word. */
export function PageHeading({
  title,
  className = '',
  children,
}: {
  title?: string
  className?: string
  children: ReactNode
}) {
  return (
    <>
      <PageTitle title={title ?? (typeof children === 'string' ? children : '')} />
      <h1 className={`min-h-[1lh] text-[1.65rem] font-semibold sm:text-[2.1rem] ${className}`}>{children}</h1>
    </>
  )
}
