import { PageHeading } from '@/kit/PageHeading'
import { Backups, useBackups } from './Backups'
import { Everything } from './Everything'
import { Removed } from './Removed'
import { SetAside } from './SetAside'
import { dataPage as words } from './words'

/** What this household has on record: kept safe, taken along, brought back. */
export function DataPage() {
  const isRead = useBackups().isFetched
  return (
    <section className="mt-5">
      <PageHeading>{words.yourData}</PageHeading>
      <SetAside />
      {isRead && (
        <div className="mt-6 grid gap-x-12 gap-y-10 lg:grid-cols-2">
          <Backups />
          <div className="grid content-start gap-10">
            <Everything />
            <Removed />
          </div>
        </div>
      )}
    </section>
  )
}
