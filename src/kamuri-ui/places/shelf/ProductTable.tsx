import { Refused, stream } from '@/api/client'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '@/kit/Button'
import { HowFar } from '@/kit/HowFar'
import { FileField } from '@/kit/Field'
import { Sheet } from '@/kit/Sheet'
import { productTable as words } from './words'

interface Problem {
  where: string
  field: string
  message: string
}

interface Progress {
  done: number
  of: number
  finished: boolean
  added: number
  problems: Problem[]
  wrong: number
}

/** A table of products taken in or handed out, with how far it has come and which rows are wrong. */
export function ProductTable({ onClose }: { onClose: () => void }) {
  const queries = useQueryClient()
  const [file, setFile] = useState<File | null>(null)
  const [progress, setProgress] = useState<Progress | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)

  const send = async (keepGood: boolean) => {
    if (!file) return
    setTrouble(null)
    setProgress({ done: 0, of: 1, finished: false, added: 0, problems: [], wrong: 0 })
    try {
      for await (const step of stream<Progress>(`/api/products/import?keepGood=${keepGood}`, {
        headers: { 'Content-Type': 'text/csv' },
        body: file,
      }))
        setProgress(step)
      await queries.invalidateQueries()
    } catch (refused) {
      setProgress(null)
      setTrouble(refused instanceof Refused ? refused.message : words.theTableCouldNotBe)
    }
  }

  return (
    <Sheet title={words.productsAsATable} open onClose={onClose} description={words.csvWithAFirstLine}>
      <div className="mt-4 grid gap-4">
        <a className="thread-line justify-self-start" href="/api/products/products.csv" download>
          {words.exportTheShelf}
        </a>
        <FileField
          label={words.importATable}
          accept=".csv,text/csv,text/plain"
          onChoose={(chosen) => {
            setFile(chosen)
            setProgress(null)
          }}
        />
        <div>
          <Button
            tone="main"
            disabled={!file || (progress !== null && !progress.finished)}
            onClick={() => void send(false)}
          >
            {words.import}
          </Button>
        </div>
        {trouble && (
          <p role="alert" className="border-l-4 border-stop pl-3 text-stop">
            {trouble}
          </p>
        )}
        {progress && !progress.finished && (
          <HowFar label={words.rowsRead} share={progress.of > 0 ? progress.done / progress.of : 0} />
        )}
        {progress?.finished && (
          <div role="status">
            <p className="font-semibold">
              {progress.added === 0
                ? words.nothingWasImported
                : progress.added === 1
                  ? words.oneProductWasAdded
                  : words.addedProductsWereAdded({ added: progress.added })}{' '}
              {progress.wrong > 0 && words.wrongOfDoneRowsCannot({ wrong: progress.wrong, done: progress.done })}
            </p>
            {progress.problems.length > 0 && (
              <ul className="mt-2 max-h-60 overflow-y-auto border-l-4 border-warn pl-3">
                {progress.problems.map((each, n) => (
                  <li key={n}>
                    <span className="font-semibold">
                      {each.where}
                      {each.field && `, ${each.field}`}:
                    </span>{' '}
                    {each.message}
                  </li>
                ))}
              </ul>
            )}
            {progress.added === 0 && progress.wrong > 0 && progress.wrong < progress.done && (
              <Button className="mt-3" onClick={() => void send(true)}>
                {progress.done - progress.wrong === 1
                  ? words.importTheGoodRow
                  : words.importTheDoneGoodRows({ done: progress.done - progress.wrong })}
              </Button>
            )}
          </div>
        )}
      </div>
    </Sheet>
  )
}
