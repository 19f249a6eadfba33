import { ChevronDown } from 'lucide-react'
import type { ReactNode } from 'react'

/** The line of something folded away, with the sign that it opens. */
export function FoldLine({ children }: { children: ReactNode }) {
  return (
    <summary className="flex min-h-12 cursor-pointer items-center gap-2 font-semibold [details[open]>&>svg]:rotate-180">
      {children}
      <ChevronDown aria-hidden size={18} className="text-quiet" />
    </summary>
  )
}
