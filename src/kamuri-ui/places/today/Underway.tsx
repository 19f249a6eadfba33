import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, told } from '@/api/client'
import { underway as words } from './words'
import { listed } from '@/kit/texts'

/** Every wash day there is on record, as lines: one for each head of it. */
export const useSessions = () => useQuery({ queryKey: ['sessions'], queryFn: () => told(api.GET('/api/sessions')) })

/** Days that were begun and are not finished, each with the way back to it. */
export function Underway({ className = '' }: { className?: string }) {
  const open = (useSessions().data ?? []).filter((session) => session.status !== 'finished')
  const days = [...new Set(open.map((session) => session.id))].map((id) => open.filter((line) => line.id === id))
  return days.map((lines) => (
    <p key={lines[0]!.id} className={`border-l-4 border-accent pl-3 ${className}`}>
      {(lines[0]!.status === 'paused' ? words.paused : words.underWay)({
        names: listed(lines.map((line) => line.headName)),
      })}{' '}
      <Link className="inline-flex min-h-12 items-center font-semibold" to={`/run/${lines[0]!.id}`}>
        <span className="thread-line">{words.openTheRun}</span>
      </Link>
    </p>
  ))
}
