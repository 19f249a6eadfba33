import type { HandsView, SessionView } from '@/api/client'
import { clockBeside } from '@/app/time'
import { nameOf } from './mainPress'
import { spoken as said } from './words'

/** Something to say aloud, and what it is about: the same is not said again because a time in it has moved. */
export interface Spoken {
  about: string
  words: string
}

/** What these hands come to: the step and how it is done; when they are free, until when and what comes next. */
export function spokenOf(view: SessionView, hands: HandsView): Spoken | null {
  if (view.status === 'paused')
    return view.parkedAt
      ? { about: 'put up', words: said.theHairIsPutUp }
      : { about: 'paused', words: said.pausedWhatIsOnThe }
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
    const parts = { title: next.title, name: nameOf(view, next.head) }
    const until = hands.restUntil
      ? said.aBreakUntilTime({ time: clockBeside(hands.restUntil, view.now) })
      : hands.nextFrom
        ? (hands.keeping ?? said.handsAreFreeUntilTime({ time: clockBeside(hands.nextFrom, view.now) }))
        : ''
    return {
      about: `next ${next.id}`,
      words: `${until} ${(several ? said.nextFor : said.next)(parts)}`.trimStart(),
    }
  }
  return view.allDone ? { about: 'all done', words: said.everythingIsDone } : null
}
