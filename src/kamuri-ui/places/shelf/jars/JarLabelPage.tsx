import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { api, told, type MeasuredWords } from '@/api/client'
import { useMeasure, written } from '@/app/measures'
import { writtenLength } from '@/app/style'
import { Button } from '@/kit/Button'
import { sentences } from '@/kit/texts'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { jarLabelPage as words } from './words'

/** The label of a jar, at the size it is printed: on paper there is nothing else on the page. */
export function JarLabelPage() {
  const { id = '' } = useParams()
  const label = useQuery({
    queryKey: ['jar-label', id],
    queryFn: () => told(api.GET('/api/batches/{id}/label', { params: { path: { id } } })),
  })
  return (
    <main className="mx-auto max-w-3xl p-5 print:p-0">
      <div className="print:hidden">
        <PageHeading>{words.jarLabel}</PageHeading>
        <p className="mt-1 text-quiet">{words.sizeAndScan({ width: writtenLength(9), height: writtenLength(5) })}</p>
        <div className="my-4 flex flex-wrap items-center gap-4">
          <Button tone="main" disabled={!label.data} onClick={() => window.print()}>
            {words.print}
          </Button>
          <Link className="thread-line" to={`/shelf/jars?batch=${id}`}>
            {words.backToTheJar}
          </Link>
        </div>
      </div>
      <Trouble error={label.error} />
      {label.data && <Drawn {...label.data} />}
    </main>
  )
}

/** Words that do not fit on one line are broken where a person would. */
function lines(text: string, most: number): string[] {
  const out: string[] = []
  for (const word of text.split(' ')) {
    const last = out.at(-1)
    if (last !== undefined && last.length + word.length < most) out[out.length - 1] = `${last} ${word}`
    else out.push(word)
  }
  return out
}

function Drawn({
  label,
  code,
  codeSize,
  madeOf,
}: {
  madeOf: readonly MeasuredWords[]
  label: { name: string; made: string; useBy: string; holds: string; notFor: readonly string[] }
  code: string
  codeSize: number
}) {
  const { measure } = useMeasure()
  const parts = madeOf.map((each) => written(each, measure)).join(', ')
  // Whom it is not for first, then what is in it: five lines are left under the code.
  const warnings = label.notFor.flatMap((each) => lines(each, 56)).slice(0, 3)
  const small = [
    ...warnings.map((line) => ({ line, weight: 700 })),
    ...lines(parts, 60)
      .slice(0, 5 - warnings.length)
      .map((line) => ({ line, weight: 400 })),
  ]
  return (
    <svg
      viewBox="0 0 90 50"
      className="h-[50mm] w-[90mm] max-w-full rounded-md bg-white print:rounded-none"
      role="img"
      aria-label={sentences([label.name, label.made, label.useBy, label.holds, ...label.notFor, parts])}
      data-jar-label
      fontFamily="Figtree Variable, sans-serif"
      fill="#1c1513"
    >
      <rect x="0.5" y="0.5" width="89" height="49" rx="3" fill="#fff" stroke="#1c1513" strokeWidth="0.6" />
      <text x="5" y="10" fontSize="6.2" fontWeight="700" fontFamily="Bricolage Grotesque Variable, sans-serif">
        {lines(label.name, 20)[0]}
      </text>
      {lines(label.name, 20)[1] && (
        <text x="5" y="16" fontSize="6.2" fontWeight="700" fontFamily="Bricolage Grotesque Variable, sans-serif">
          {lines(label.name, 20)[1]}
        </text>
      )}
      <text x="5" y="22" fontSize="4">
        {label.made}
      </text>
      {lines(label.useBy, 22).map((line, n) => (
        <text key={line} x="5" y={27.5 + n * 4.8} fontSize="4.400" fontWeight="700">
          {line}
        </text>
      ))}
      <text x="5" y="35.5" fontSize="3">
        {label.holds}
      </text>
      {small.map(({ line, weight }, n) => (
        <text key={line} x="5" y={39 + n * 2.4} fontSize="2.300" fontWeight={weight}>
          {line}
        </text>
      ))}
      <svg x="61" y="5" width="25" height="25" viewBox={`0 0 ${codeSize} ${codeSize}`} shapeRendering="crispEdges">
        <path d={code} fill="#000" />
      </svg>
    </svg>
  )
}
