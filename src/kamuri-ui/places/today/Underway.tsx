import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, told, type SessionLine } from '@/api/client'

/** Every wash day there is on record, as lines: one for each head of it. */
export const useSessions = () => useQuery({ queryKey: ['sessions'], queryFn: () => told(api.GET('/api/sessions')) })

/** Days that were begun and are not finished, each with the way back to it. */
export function Underway({ className = '' }: { className?: string }) {
  const open = (useSessions().data ?? []).filter((session) => session.status !== 'finished')
  const days = [...new Set(open.map((session) => session.id))].map((id) => open.filter((line) => line.id === id))
  return days.map((lines) => (
    <p key={lines[0]!.id} className={`border-l-4 border-accent pl-3 ${className}`}>
      {named(lines)} {lines[0]!.status === 'paused' ? 'waiting for you to go on' : 'under way'}.{' '}
      <Link className="inline-flex min-h-12 items-center font-semibold" to={`/run/${lines[0]!.id}`}>
        <span className="thread-line">Go back to it</span>
      </Link>
    </p>
  ))
}

/** "Oriel’s wash day is", "The wash day of Oriel and Wren is". */
const named = (lines: SessionLine[]) => {
  const names = lines.map((line) => line.headName)
  return names.length === 1
    ? `${names[0]}’s wash day is`
    : `The wash day of ${names.slice(0, -1).join(', ')} and ${names.at(-1)} is`
}
