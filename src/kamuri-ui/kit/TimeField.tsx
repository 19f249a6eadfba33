import { useState } from 'react'
import { api, Refused, told } from '@/api/client'
import { writtenTime } from '@/app/clock'
import { TextField } from './Field'
import { timeField as words } from './words'

/** A time of day, typed as people say it. It is read when it is left, and says what was understood. */
export function TimeField({
  label,
  value,
  error,
  onChange,
}: {
  label: string
  /** "18:00:00"; empty when there is none. */
  value: string
  error?: string | undefined
  onChange: (value: string) => void
}) {
  const [typed, setTyped] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const read = async () => {
    if (typed === null) return
    if (typed.trim() === '') {
      setTyped(null)
      setWrong(null)
      onChange('')
      return
    }
    try {
      const understood = await told(api.GET('/api/typed/time', { params: { query: { text: typed } } }))
      setTyped(null)
      setWrong(null)
      onChange(understood.value)
    } catch (refused) {
      setWrong(refused instanceof Refused ? (refused.fields['text']?.[0] ?? refused.message) : words.cannotRead)
    }
  }
  return (
    <TextField
      label={label}
      value={typed ?? (value && writtenTime(value.slice(0, 5)))}
      error={wrong ?? error}
      placeholder={words.example}
      autoComplete="off"
      onChange={(event) => setTyped(event.target.value)}
      onBlur={() => void read()}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' || typed === null) return
        // The first Enter reads the time; only then is there something to send.
        event.preventDefault()
        void read()
      }}
    />
  )
}
