import { Button } from '@/kit/Button'
import { notTaken as words } from './words'

/** What was pressed while Kamuri was out of reach, and came too late: said above everything else until it is read. */
export function NotTaken({ sentences, onRead }: { sentences: string[]; onRead: () => void }) {
  if (sentences.length === 0) return null
  return (
    <div
      role="status"
      className="mb-2 flex flex-wrap items-center justify-between gap-x-6 border-l-4 border-warn pl-3 text-lg"
      data-not-taken
    >
      <div>
        <p className="font-semibold">{words.pressedWhileKamuriWasOut}</p>
        {sentences.map((sentence, n) => (
          <p key={n}>{sentence}</p>
        ))}
      </div>
      <Button tone="quiet" className="min-h-16 max-sm:-ml-4" onClick={onRead}>
        {words.gotIt}
      </Button>
    </div>
  )
}
