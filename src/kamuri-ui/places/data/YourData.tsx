import { Backups, useBackups } from './Backups'
import { Everything } from './Everything'
import { Removed } from './Removed'
import { SetAside } from './SetAside'
import { dataPage as words } from './words'

/** What this household has on record: kept safe, taken along, brought back. */
export function YourData() {
  const isRead = useBackups().isFetched
  return (
    <section id="your-data" className="mt-10 border-t border-rule pt-4" aria-label={words.yourData}>
      <h2 className="text-[1.35rem] font-semibold sm:text-[1.65rem]">{words.yourData}</h2>
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
