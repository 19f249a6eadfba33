import type { HandsView, SessionView } from '@/api/client'
import { clockBeside } from '@/app/time'
import { nameOf } from './mainPress'

/** Something to say aloud, and what it is about: the same is not said again because a time in it has moved. */
export interface Spoken {
  about: string
  words: string
}

/** What these hands come to: the step and how it is done; when they are free, until when and what comes next. */
export function spokenOf(view: SessionView, hands: HandsView): Spoken | null {
  if (view.status === 'paused')
    return view.parkedAt
      ? { about: 'put up', words: 'The hair is put up. Go on when you are back.' }
      : { about: 'paused', words: 'Paused. What is on the hair goes on working.' }
  const several = view.heads.length > 1
  const find = (id: string | null | undefined) => view.tasks.find((task) => task.id === id)
  const doing = find(hands.doing)
  if (doing) {
    const step = view.steps.find((each) => each.id === doing.step)
    return {
      about: doing.id,
      words: `${several ? `${nameOf(view, doing.head)}: ` : ''}${doing.title}. ${step?.instruction ?? ''}`.trimEnd(),
    }
  }
  const next = find(hands.next)
  if (next) {
    const then = `${several ? ` for ${nameOf(view, next.head)}` : ''}: ${next.title}.`
    return {
      about: `next ${next.id}`,
      words: hands.restUntil
        ? `A break until ${clockBeside(hands.restUntil, view.now)}. Then${then}`
        : hands.nextFrom
          ? `${hands.keeping ?? `Hands are free until ${clockBeside(hands.nextFrom, view.now)}.`} Then${then}`
          : `Next${then}`,
    }
  }
  return view.allDone ? { about: 'all done', words: 'All of it is done.' } : null
}
