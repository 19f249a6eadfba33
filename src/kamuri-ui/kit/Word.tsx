import { DropdownMenu, Popover } from 'radix-ui'
import type { ReactNode } from 'react'

const trigger =
  'thread-line inline cursor-pointer text-left whitespace-normal rounded-none font-[inherit] leading-[inherit] tracking-[inherit] text-ink hover:text-accent data-[state=open]:text-accent'

const smallTrigger = 'inline-block cursor-pointer hover:text-accent'

export interface Choice<T extends string> {
  value: T
  word: string
  hint?: string
}

/** A word in a sentence that is a choice: pressing it offers the other words that could stand there. */
export function ChoiceWord<T extends string>({
  label,
  value,
  choices,
  onChoose,
  small = false,
  tall = false,
  word: shown,
}: {
  label: string
  value: T
  choices: readonly Choice<T>[]
  onChoose: (value: T) => void
  /** Stands in small print, so that it needs room around it to be pressed. */
  small?: boolean
  /** Pressed with wet hands: more room still. */
  tall?: boolean
  /** Stands there when none of the choices is taken yet. */
  word?: string
}) {
  const word = shown ?? choices.find((choice) => choice.value === value)?.word ?? value
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        className={small ? `group ${smallTrigger} ${tall ? '-my-5 px-2 -mx-2 py-5' : '-my-3 py-3'}` : trigger}
        aria-label={shown ? label : `${label}: ${word}`}
      >
        {small ? <span className="thread-line text-ink group-hover:text-accent">{word}</span> : word}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={8}
          aria-label={label}
          className="z-30 max-h-96 min-w-56 max-w-[calc(100vw-1rem)] overflow-y-auto rounded-xl border border-rule bg-raised p-1.5 font-sans text-base tracking-normal text-ink shadow-xl"
        >
          <DropdownMenu.RadioGroup value={value} onValueChange={(next) => onChoose(next as T)}>
            {choices.map((choice) => (
              <DropdownMenu.RadioItem
                key={choice.value}
                value={choice.value}
                className="flex min-h-12 cursor-pointer flex-col justify-center rounded-lg border-l-4 border-transparent px-3 py-1.5 outline-none data-[highlighted]:bg-paper data-[state=checked]:border-accent data-[state=checked]:font-semibold"
              >
                {choice.word}
                {choice.hint && <span className="text-sm font-normal text-quiet">{choice.hint}</span>}
              </DropdownMenu.RadioItem>
            ))}
          </DropdownMenu.RadioGroup>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

/** A word in a sentence that opens a few fields. */
export function FieldsWord({
  label,
  word,
  small = false,
  children,
}: {
  label: string
  word: string
  /** Stands in small print, so that it needs room around it to be pressed. */
  small?: boolean
  children: ReactNode
}) {
  return (
    <Popover.Root>
      <Popover.Trigger className={small ? `${smallTrigger} -my-3 py-3` : trigger} aria-label={`${label}: ${word}`}>
        {small ? <span className="thread-line">{word}</span> : word}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={8}
          aria-label={label}
          className="z-30 w-80 max-w-[calc(100vw-2rem)] rounded-xl border border-rule bg-raised p-5 font-sans text-base tracking-normal text-ink shadow-xl"
        >
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
