import { Backups } from './Backups'
import { Everything } from './Everything'
import { Removed } from './Removed'
import { SetAside } from './SetAside'
import { dataPage as words } from './words'

/** What this household has on record: kept safe, taken along, brought back. */
export function DataPage() {
  return (
    <section className="mt-5">
      <h1 className="text-[1.65rem] font-semibold sm:text-[2.1rem]">{words.yourData}</h1>
      <SetAside />
      <div className="mt-6 grid gap-x-12 gap-y-10 lg:grid-cols-2">
        <Backups />
        <div className="grid content-start gap-10">
          <Everything />
          <Removed />
        </div>
      </div>
    </section>
  )
}
