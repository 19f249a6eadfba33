import type { MeasuredAmount, MeasuredWords } from '@/api/client'
import { useMeasure, written } from '@/app/measures'
import { ChoiceWord } from './Word'
import { amount as words, measures } from './words'
import { Rich } from './texts'

/** An amount as the household writes amounts, with the exact figure beside it when asked for. */
export function Amount({ of, exact = false }: { of: MeasuredAmount; exact?: boolean }) {
  const { measure } = useMeasure()
  return (
    <span title={words.exactlyExact({ exact: of.exact })}>
      {written(of, measure)}
      {exact && <span className="ml-2 text-sm font-normal text-quiet">{of.exact}</span>}
    </span>
  )
}

/** A sentence with amounts in it, as the household writes amounts. */
export function Words({ of }: { of: MeasuredWords }) {
  const { measure } = useMeasure()
  return written(of, measure)
}

/** "Amounts in millilitres", a line of its own whose word switches how they are written. */
export const AmountsIn = () => (
  <p className="mt-1 text-quiet">
    <Rich of={words.amountsInUnit} parts={{ unit: <MeasureWord /> }} />
  </p>
)

/** The word that switches how amounts are written. */
export function MeasureWord({ tall = false }: { tall?: boolean }) {
  const { amounts, choose } = useMeasure()
  return <ChoiceWord label={words.amountsIn} value={amounts} choices={measures} onChoose={choose} small tall={tall} />
}
