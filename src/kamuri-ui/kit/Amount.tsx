import type { MeasuredAmount } from '@/api/client'
import { measures, useMeasure, written } from '@/app/measures'
import { ChoiceWord } from './Word'

/** An amount as this device writes amounts, with the exact figure beside it when asked for. */
export function Amount({ of, exact = false }: { of: MeasuredAmount; exact?: boolean }) {
  const { measure } = useMeasure()
  return (
    <span title={`Exactly ${of.exact}`}>
      {written(of, measure)}
      {exact && <span className="ml-2 text-sm font-normal text-quiet">{of.exact}</span>}
    </span>
  )
}

/** The word that switches how amounts are written. */
export function MeasureWord() {
  const { measure, choose } = useMeasure()
  return <ChoiceWord label="Amounts in" value={measure} choices={measures} onChoose={choose} small />
}
