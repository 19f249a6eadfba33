import { useMutation } from '@tanstack/react-query'
import { api, done } from '@/api/client'
import { Button } from '@/kit/Button'
import { Trouble } from '@/kit/Trouble'
import { lookingAround as words } from './words'

/** Everything on the screen belongs to one household, so it is all read anew. */
const afresh = () => window.location.assign('/today')

/** Opens the made-up household. */
export function LookAround() {
  const open = useMutation({ mutationFn: () => done(api.POST('/api/looking-around')), onSuccess: afresh })
  return (
    <>
      <Button className="min-h-16 px-6 text-lg" disabled={open.isPending} onClick={() => open.mutate()}>
        {open.isPending ? words.opening : words.lookAround}
      </Button>
      <Trouble error={open.error} />
    </>
  )
}

/** Says on every page that the household is made up, and leaves it with one press. */
export function MadeUpNotice() {
  const leave = useMutation({ mutationFn: () => done(api.DELETE('/api/looking-around')), onSuccess: afresh })
  return (
    <p className="flex flex-wrap items-center gap-x-4 bg-ink px-4 text-paper sm:px-6">
      {words.madeUp}
      <button
        type="button"
        className="min-h-12 cursor-pointer font-semibold underline underline-offset-4"
        onClick={() => leave.mutate()}
      >
        {words.leave}
      </button>
    </p>
  )
}
