import { jar as words } from './words'
/** A jar with as much in it as there is left. Its colour never stands alone: what it means is written beside it. */
export function Jar({
  share,
  state,
  frozen = false,
}: {
  /** How full it is, 0 to 1. */
  share: number
  state: 'good' | 'lastDay' | 'frozen' | 'past' | 'spoiled' | 'gone'
  frozen?: boolean
}) {
  const full = Math.min(1, Math.max(0, share)) * 40
  const wrong = state === 'past' || state === 'spoiled'
  return (
    <svg
      viewBox="0 0 44 64"
      className="h-16 w-11 shrink-0"
      role="img"
      aria-label={words.shareLeft({ share: Math.round(share * 100) })}
      data-jar={state}
    >
      <rect x="10" y="2" width="24" height="8" rx="2" fill="none" stroke="var(--ink)" strokeWidth="2" />
      <path d="M11 12h22l5 7v37q0 5-5 5H11q-5 0-5-5V19Z" fill="var(--raised)" stroke="var(--ink)" strokeWidth="2" />
      <path
        d={`M8 ${58 - full}h28v${full - 3}q0 3-3 3H11q-3 0-3-3Z`}
        fill={wrong ? 'none' : 'var(--kitchen)'}
        stroke={wrong ? 'var(--stop)' : 'none'}
        strokeDasharray="3 3"
        strokeWidth="2"
      />
      {wrong && <path d="M12 24 32 54M32 24 12 54" stroke="var(--stop)" strokeWidth="3" strokeLinecap="round" />}
      {state === 'lastDay' && <path d="M6 34h32" stroke="var(--warn)" strokeWidth="3" strokeDasharray="6 3" />}
      {frozen && (
        <g stroke="var(--ink)" strokeWidth="1.8" strokeLinecap="round">
          <path d="M22 26v20M13.300 31l17.400 10M30.700 31 13.300 41" />
        </g>
      )}
    </svg>
  )
}
