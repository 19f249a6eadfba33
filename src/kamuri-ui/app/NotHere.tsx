import { Link } from 'react-router'

export function NotHere() {
  return (
    <section className="py-16">
      <h1 className="text-4xl">There is no such page.</h1>
      <p className="mt-4">
        <Link className="thread-line text-accent" to="/today">
          Back to today
        </Link>
      </p>
    </section>
  )
}
