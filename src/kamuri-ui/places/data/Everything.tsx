import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { sent, type ArchiveImportView } from '@/api/client'
import { day } from '@/app/time'
import { Button } from '@/kit/Button'
import { SwitchField, FileField } from '@/kit/Field'
import { Trouble } from '@/kit/Trouble'

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
        Export and import
      </h2>
      <p className="mt-2">
        An archive holds everything of this household, to keep elsewhere or to take to another computer.
      </p>
      <a className="mt-2 inline-flex min-h-12 items-center font-semibold" href="/api/archive" download>
        <span className="thread-line">Export everything</span>
      </a>
      <div className="mt-3">
        <FileField
          label="Import an archive"
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
          Reading the archive…
        </p>
      )}
      <Trouble error={error} />
      {file && look.data && (
        <div className="mt-4 border-l-4 border-accent pl-4" role="region" aria-label="What the import would do">
          <p className="font-semibold">
            {look.data.intoEmpty
              ? `There is nothing here yet. Everything of the archive of ${day(look.data.madeAt)} comes just as it is.`
              : `This is what the archive of ${day(look.data.madeAt)} would do here:`}
          </p>
          <ul className="mt-2 grid gap-1">
            {look.data.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          {look.data.changes > 0 && (
            <div className="mt-2">
              <SwitchField
                label="Where both differ, take what the archive says"
                checked={theirs}
                onChange={setTheirs}
              />
            </div>
          )}
          <div className="mt-3 flex flex-wrap gap-3">
            <Button tone="main" disabled={take.isPending} onClick={() => take.mutate(file)}>
              {take.isPending ? 'Importing…' : 'Import'}
            </Button>
            <Button
              onClick={() => {
                setFile(null)
                look.reset()
              }}
            >
              Cancel
            </Button>
          </div>
        </div>
      )}
      {take.data && (
        <div role="status" className="mt-4 border-l-4 border-done pl-4">
          <p className="font-semibold">Imported. A backup of what was there before is in the list.</p>
          {take.data.lines.map((line) => (
            <p key={line}>{line}</p>
          ))}
        </div>
      )}
    </section>
  )
}
