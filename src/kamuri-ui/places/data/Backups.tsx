import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told, type BackupView } from '@/api/client'
import { Day, clock, day } from '@/app/time'
import { Button } from '@/kit/Button'
import { Sheet } from '@/kit/Sheet'
import { Trouble } from '@/kit/Trouble'
import { backups as words } from './words'
import { Rich } from '@/kit/texts'

const why: Record<BackupView['kind'], string> = {
  manual: words.madeByYou,
  daily: words.madeOnceADay,
  upgrade: words.madeBeforeAnUpdate,
  aside: words.madeBeforeARestoreOr,
}

export const useBackups = () => useQuery({ queryKey: ['backups'], queryFn: () => told(api.GET('/api/backups')) })

/** Copies of the household: when the last was made, one more, one to download, one to go back to. */
export function Backups() {
  const queries = useQueryClient()
  const backups = useBackups()
  const [asked, setAsked] = useState<BackupView | null>(null)
  const make = useMutation({
    mutationFn: () => told(api.POST('/api/backups')),
    onSuccess: (view) => queries.setQueryData(['backups'], view),
  })
  const restore = useMutation({
    mutationFn: (name: string) => told(api.POST('/api/backups/{name}/restore', { params: { path: { name } } })),
    onSuccess: () => {
      setAsked(null)
      return queries.invalidateQueries()
    },
  })
  if (backups.error) return <Trouble error={backups.error} />
  if (!backups.data) return null
  return (
    <section aria-labelledby="backups">
      <h2 id="backups" className="text-2xl font-semibold">
        {words.backups}
      </h2>
      <p className="mt-2 text-lg">{backups.data.sentence}</p>
      <p className="mt-1 text-quiet">
        <Rich of={words.oneADay} parts={{ folder: <span className="break-all">{backups.data.folder}</span> }} />
      </p>
      <div className="mt-4 flex flex-wrap items-center gap-4">
        <Button tone="main" disabled={make.isPending} onClick={() => make.mutate()}>
          {words.makeABackupNow}
        </Button>
        <span role="status" className="text-quiet">
          {make.isSuccess ? words.done : restore.isSuccess ? words.restored : ''}
        </span>
      </div>
      {make.error && <Trouble error={make.error} />}
      <ul className="mt-5">
        {backups.data.backups.map((backup) => {
          const when = `${Day(backup.madeAt)}, ${clock(backup.madeAt)}`
          return (
            <li key={backup.name} className="flex flex-wrap items-center gap-x-5 border-t border-rule py-1">
              <span className="min-w-52 flex-1 py-2">
                <strong>{when}</strong>
                <span className="block text-quiet">
                  {why[backup.kind]}, {size(backup.bytes)}
                </span>
              </span>
              <span className="flex items-center">
                <a
                  className="inline-flex min-h-12 items-center"
                  href={`/api/backups/${backup.name}`}
                  download
                  aria-label={words.downloadTheBackupOfWhen({ when })}
                >
                  <span className="thread-line">{words.download}</span>
                </a>
                <Button
                  tone="quiet"
                  aria-label={words.restoreTheBackupOfWhen({ when })}
                  onClick={() => setAsked(backup)}
                >
                  {words.restoreAsk}
                </Button>
              </span>
            </li>
          )
        })}
      </ul>
      <Sheet title={words.restoreThisBackup} open={asked !== null} onClose={() => setAsked(null)}>
        {asked && (
          <>
            <p className="mt-3 text-lg">
              {words.thisPutsTheHouseholdBack({ day: day(asked.madeAt), time: clock(asked.madeAt) })}
            </p>
            {restore.error && <Trouble error={restore.error} />}
            <div className="mt-5 flex flex-wrap gap-3">
              <Button tone="main" disabled={restore.isPending} onClick={() => restore.mutate(asked.name)}>
                {restore.isPending ? words.restoring : words.restoreNow}
              </Button>
              <Button onClick={() => setAsked(null)}>{words.cancel}</Button>
            </div>
          </>
        )}
      </Sheet>
    </section>
  )
}

const size = (bytes: number) => (bytes < 1e6 ? `${Math.ceil(bytes / 1e3)} kB` : `${(bytes / 1e6).toFixed(1)} MB`)
