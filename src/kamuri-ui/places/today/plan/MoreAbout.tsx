import type { ReactNode } from 'react'
import { FoldLine } from '@/kit/FoldLine'
import { moreAbout as words } from './words'

/** What there is to know behind the end of a plan, folded away: how good it is, what sets the pace, a longer search. */
export function MoreAbout({ sentences, children }: { sentences: readonly string[]; children?: ReactNode }) {
  if (sentences.length === 0) return null
  return (
    <details className="max-w-4xl" data-more>
      <FoldLine>{words.moreAboutThisPlan}</FoldLine>
      <ul className="list-disc pl-5 text-quiet">
        {sentences.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
      {children}
    </details>
  )
}
