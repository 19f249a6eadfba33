import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { sent, type ArchiveImportView } from '@/api/client'
import { date } from '@/app/time'
import { Button } from '@/kit/Button'
import { SwitchField, FileField } from '@/kit/Field'
import { Trouble } from '@/kit/Trouble'
import { everything as words } from './words'

/** Everything out in one file, everything in from one, with a look at what would happen first. */
export function Everything() {
  const queries = useQueryClient()
  const [file, setFile] = useState<File | null>(null)
  const [theirs, setTheirs] = useState(false)
  const look = useMutation({
    mutationFn: (archive: File) => sent<ArchiveImportView>('/api/archive/preview', archive, 'application/zip'),
  })
  const take = useMutation({
    mutationFn: (archive: File) =>
      sent<ArchiveImportView>(`/api/archive/import?theirs=${theirs}`, archive, 'application/zip'),
    onSuccess: () => {
      setFile(null)
      look.reset()
      return queries.invalidateQueries()
    },
  })
  const error = look.error ?? take.error
  return (
    <section aria-labelledby="everything">
      <h2 id="everything" className="text-2xl font-semibold">
        {words.exportAndImport}
      </h2>
      <p className="mt-2">{words.anArchiveHoldsEverythingOf}</p>
      <a className="mt-2 inline-flex min-h-12 items-center font-semibold" href="/api/archive" download>
        <span className="thread-line">{words.exportEverything}</span>
      </a>
      <div className="mt-3">
        <FileField
          label={words.importAnArchive}
          accept=".zip,application/zip"
          onChoose={(chosen) => {
            take.reset()
            setFile(chosen)
            if (chosen) look.mutate(chosen)
          }}
        />
      </div>
      {look.isPending && (
        <p role="status" className="mt-3 text-quiet">
          {words.readingTheArchive}
        </p>
      )}
      <Trouble error={error} />
      {file && look.data && (
        <div className="mt-4 border-l-4 border-accent pl-4" role="region" aria-label={words.whatTheImportWouldDo}>
          <p className="font-semibold">
            {look.data.intoEmpty
              ? words.thisHouseholdIsEmptyEverything({ day: date(look.data.madeAt) })
              : words.theArchiveOfDayWould({ day: date(look.data.madeAt) })}
          </p>
          <ul className="mt-2 grid gap-1">
            {look.data.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          {look.data.changes > 0 && (
            <div className="mt-2">
              <SwitchField label={words.whereTheTwoDifferUse} checked={theirs} onChange={setTheirs} />
            </div>
          )}
          <div className="mt-3 flex flex-wrap gap-3">
            <Button tone="main" disabled={take.isPending} onClick={() => take.mutate(file)}>
              {take.isPending ? words.importing : words.import}
            </Button>
            <Button
              onClick={() => {
                setFile(null)
                look.reset()
              }}
            >
              {words.cancel}
            </Button>
          </div>
        </div>
      )}
      {take.data && (
        <div role="status" className="mt-4 border-l-4 border-done pl-4">
          <p className="font-semibold">{words.importedABackupFromBefore}</p>
          {take.data.lines.map((line) => (
            <p key={line}>{line}</p>
          ))}
        </div>
      )}
    </section>
  )
}
