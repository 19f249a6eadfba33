import type { ReactNode } from 'react'
import { flushSync } from 'react-dom'
import { Button } from './Button'

const fields = 'input, select, textarea'

/** Adds a row to the list it stands under, and puts the keyboard into the new row's first field. */
export function AddRow({
  tone = 'quiet',
  className = '',
  onAdd,
  children,
}: {
  tone?: 'plain' | 'quiet'
  className?: string
  onAdd: () => void
  children: ReactNode
}) {
  return (
    <Button
      tone={tone}
      className={className}
      onClick={({ currentTarget }) => {
        const list = currentTarget.parentElement!
        const before = new Set(list.querySelectorAll(fields))
        flushSync(onAdd)
        const added = [...list.querySelectorAll<HTMLElement>(fields)].find((field) => !before.has(field))
        added?.focus()
      }}
    >
      {children}
    </Button>
  )
}
