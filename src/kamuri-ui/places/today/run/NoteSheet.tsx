import { useState } from 'react'
import { Button } from '@/kit/Button'
import { Sheet } from '@/kit/Sheet'
import { noteSheet as said } from './words'

/** A note in the person's own words. */
export function NoteSheet({
  open,
  onClose,
  onKeep,
}: {
  open: boolean
  onClose: () => void
  onKeep: (text: string) => void
}) {
  const [text, setText] = useState('')
  return (
    <Sheet title={said.writeANote} open={open} onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault()
          if (!text.trim()) return
          onKeep(text.trim())
          setText('')
          onClose()
        }}
      >
        <textarea
          aria-label={said.note}
          value={text}
          maxLength={2000}
          rows={4}
          onChange={(event) => setText(event.target.value)}
          className="mt-4 block w-full rounded-lg border-2 border-strand bg-paper p-3 text-lg"
        />
        <Button type="submit" tone="main" className="mt-4 min-h-16 text-lg">
          {said.saveNote}
        </Button>
      </form>
    </Sheet>
  )
}
