import { LinkButton } from '@/kit/Button'
import { PageHeading } from '@/kit/PageHeading'
import { LookAround } from '@/places/looking-around/LookAround'
import { welcome as words } from './words'

/** An empty house: what this is, and the two ways on. */
export function Welcome() {
  return (
    <section className="grid max-w-4xl content-center py-16">
      <PageHeading className="!text-4xl sm:!text-5xl">{words.wash}</PageHeading>
      <p className="mt-4 max-w-2xl text-xl">{words.whatItDoes}</p>
      <div className="mt-8 flex flex-wrap gap-4">
        <LinkButton tone="main" to="/heads/new" className="min-h-16 px-6 text-lg">
          {words.describe}
        </LinkButton>
        <LookAround />
      </div>
    </section>
  )
}
