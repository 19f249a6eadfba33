import { Link } from 'react-router'
import type { MeasuredWords, MixtureView } from '@/api/client'
import { clock, day } from '@/app/time'
import { Amount, Words } from '@/kit/Amount'
import { mixtureLines as words } from './words'

/** A mixture that is made for a step: what goes in, how, and what had to be begun before. */
export function MixtureLines({ mixture }: { mixture: MixtureView }) {
  return (
    <div className="mt-3 border-l-4 border-[var(--kitchen)] pl-3" data-mixture={mixture.name}>
      <p className="font-semibold">
        {mixture.name}, <Amount of={mixture.makes} />
      </p>
      {mixture.beginBy && mixture.bestBegun && (
        <p className={mixture.tooLate ? 'text-stop' : ''}>
          {(mixture.tooLate ? words.tooLate : words.begin)({
            best: `${day(mixture.bestBegun)}, ${clock(mixture.bestBegun)}`,
            latest: `${day(mixture.beginBy)}, ${clock(mixture.beginBy)}`,
          })}
        </p>
      )}
      <ul>
        {mixture.lines.map((line) => (
          <li key={line.name}>
            <span className="font-semibold">
              <Amount of={line.amount} />
            </span>{' '}
            {line.name}
          </li>
        ))}
        {mixture.taken.map((sentence) => (
          <li key={sentence.metric}>
            <Words of={sentence} />
          </li>
        ))}
      </ul>
      {mixture.ahead.length > 0 && (
        <p className="mt-1">
          {words.beforeTheDay} <Sentences of={mixture.ahead} />
        </p>
      )}
      <p className="mt-1 text-quiet">
        <Sentences of={mixture.method} />
      </p>
      {mixture.remarks.map((remark) => (
        <p key={remark} className="mt-1 text-quiet">
          {remark}
        </p>
      ))}
      <p className="text-quiet">{mixture.keeps}</p>
      {mixture.cools && (
        <Link
          className="thread-line inline-flex min-h-12 items-center"
          to={`/shelf/warmth?vessel=${mixture.cools.vessel}&ml=${mixture.cools.volumeMl}&from=${mixture.cools.fromCelsius}`}
        >
          {words.howItCools}
        </Link>
      )}
    </div>
  )
}

function Sentences({ of }: { of: readonly MeasuredWords[] }) {
  return of.map((each, n) => (
    <span key={n}>
      {n > 0 && ' '}
      <Words of={each} />
    </span>
  ))
}
