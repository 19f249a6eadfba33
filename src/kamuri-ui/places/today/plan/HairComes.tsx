import type { ChoicesView, HeadView } from '@/api/client'
import { useWallClock } from '@/app/household'
import { TimeField } from '@/kit/TypedField'
import { ChoiceWord, FieldsWord } from '@/kit/Word'
import { writtenTime } from '@/app/style'
import type { Wish } from './wish'
import { hairComes as words } from './words'

/** How the hair comes to the day: as it is worn, unless somebody says otherwise. */
export function HairComes({
  wish,
  head,
  choices,
  onChange,
}: {
  wish: Wish
  head: HeadView
  choices: ChoicesView
  onChange: (next: Partial<Wish>) => void
}) {
  const now = useWallClock()
  const all = choices.starts
    .filter((each) => each.kinds.includes(head.kind))
    .map((each) => ({ ...each, value: each.on ?? each.comes }))
  const starts = all.find((each) => each.value === (wish.starts?.on ?? wish.starts?.comes ?? head.comes)) ?? all[0]!
  const since = (wish.starts?.since ?? '').slice(0, 5)
  return (
    <span className="py-3">
      {words.hairIs({ name: head.head.name })}{' '}
      <ChoiceWord
        small
        label={words.hairOf({ name: head.head.name })}
        value={starts.value}
        choices={all}
        onChoose={(value) => {
          const { comes, on } = all.find((each) => each.value === value)!
          onChange({
            starts: comes === head.comes ? null : { comes, on, since: on && now ? now.time : null },
            edits: [],
          })
        }}
      />{' '}
      {wish.starts?.on && (
        <FieldsWord small label={words.since} word={words.sinceTime({ time: writtenTime(since) })}>
          <TimeField
            label={words.since}
            value={since}
            onChange={(time) => time && onChange({ starts: { ...wish.starts!, since: time } })}
          />
        </FieldsWord>
      )}
    </span>
  )
}
