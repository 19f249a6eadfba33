import { useQuery } from '@tanstack/react-query'
import { api, Refused, told } from '@/api/client'
import { useAccess } from './access'
import { quickCode as words } from './words'

/** A square code that opens a page of Kamuri on a phone, with its address for those who type. */
export function QuickCode({ page }: { page: string }) {
  const access = useAccess()
  const code = useQuery({
    queryKey: ['code', page],
    queryFn: () => told(api.GET('/api/access/code', { params: { query: { page } } })),
    retry: false,
    enabled: access.data?.lan === true,
  })
  if (access.data?.lan === false) return <p className="mt-2 text-quiet">{words.kamuriAnswersThisComputerAlone}</p>
  if (code.error) return <p className="mt-2 text-quiet">{code.error instanceof Refused ? code.error.message : ''}</p>
  if (!code.data) return null
  const { address, code: path, size } = code.data
  return (
    <figure className="mt-3">
      <svg
        viewBox={`-2 -2 ${size + 4} ${size + 4}`}
        className="w-56 max-w-full bg-white"
        role="img"
        aria-label={words.codeForAddress({ address })}
      >
        <path d={path} fill="#000" shapeRendering="crispEdges" />
      </svg>
      <figcaption className="mt-1 break-all" data-address>
        {address}
      </figcaption>
    </figure>
  )
}
