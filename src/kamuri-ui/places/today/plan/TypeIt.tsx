import { useMutation } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { api, told, type TypedWish } from '@/api/client'
import { TextField } from '@/kit/Field'
import { Trouble } from '@/kit/Trouble'
import { typeIt as words } from './words'

/** The sentence typed instead of chosen, word by word: what was understood of it is underlined, and asked for. */
export function TypeIt({ onTake }: { onTake: (typed: TypedWish) => void }) {
  const [isOpen, setOpen] = useState(false)
  const [text, setText] = useState('')
  const field = useRef<HTMLInputElement>(null)
  useEffect(() => {
    if (isOpen) field.current?.focus()
  }, [isOpen])
  const read = useMutation({
    mutationFn: (typed: string) => told(api.POST('/api/plans/typed', { body: { text: typed } })),
    onSuccess: onTake,
  })
  if (!isOpen)
    return (
      <button
        type="button"
        className="group -my-3 cursor-pointer py-3 text-left hover:text-accent"
        onClick={() => setOpen(true)}
      >
        <span className="thread-line">{words.writeIt}</span>
      </button>
    )
  return (
    <form
      className="w-full max-w-3xl text-base"
      onSubmit={(event) => {
        event.preventDefault()
        if (text.trim()) read.mutate(text)
      }}
    >
      <TextField
        ref={field}
        label={words.writeIt}
        hint={words.enterTakesIt}
        placeholder={words.example}
        maxLength={300}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      {read.data && (
        <p role="status" className="mt-1">
          {read.data.understood.length === 0 ? words.nothing : <Understood text={read.variables} of={read.data} />}
        </p>
      )}
      <Trouble error={read.error} />
    </form>
  )
}

function Understood({ text, of }: { text: string; of: TypedWish }) {
  const ends = [0, ...of.understood.map((part) => part.start + part.length)]
  return (
    <>
      {of.understood.map((part, n) => (
        <span key={part.start}>
          {text.slice(ends[n], part.start)}
          <u className="decoration-accent decoration-2 underline-offset-4">
            {text.slice(part.start, part.start + part.length)}
          </u>
        </span>
      ))}
      {text.slice(ends.at(-1))}
    </>
  )
}
