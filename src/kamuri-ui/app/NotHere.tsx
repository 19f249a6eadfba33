import { PageTitle } from '@/kit/PageHeading'
import { Link } from 'react-router'
import { notHere as words } from './words'

export function NotHere() {
  return (
    <section className="py-16">
      <PageTitle title={words.pageNotFound} />
      <h1 className="text-4xl">{words.thisPageDoesNotExist}</h1>
      <p className="mt-4">
        <Link className="thread-line text-accent" to="/today">
          {words.backToToday}
        </Link>
      </p>
    </section>
  )
}
