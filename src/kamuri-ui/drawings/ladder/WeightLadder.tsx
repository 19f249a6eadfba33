/** A layer on the ladder: its weight from 1 (water) to 5 (butter), its name and how much of it. */
export interface Rung {
  name: string
  weight: number
  amount: string
}

const words: Record<number, string> = { 1: 'water', 2: 'light', 3: 'middling', 4: 'sealing', 5: 'heavy' }

/**
 * Layers from water at the foot to butter at the top, each rung as thick as it is heavy: what goes on first stands
 * lowest, and nothing light can be put on over something thick.
 */
export function WeightLadder({ rungs, label }: { rungs: readonly Rung[]; label: string }) {
  const sorted = [...rungs].sort((a, b) => b.weight - a.weight)
  const row = 58
  const height = sorted.length * row + 16
  return (
    <svg viewBox={`0 0 340 ${height}`} className="w-full max-w-sm" role="img" aria-label={label}>
      <line x1="20" x2="20" y1="4" y2={height - 4} stroke="var(--strand)" strokeWidth="4" strokeLinecap="round" />
      <line x1="108" x2="108" y1="4" y2={height - 4} stroke="var(--strand)" strokeWidth="4" strokeLinecap="round" />
      {sorted.map((rung, n) => {
        const thickness = 3 + rung.weight * 4
        const y = n * row + row / 2 + 4
        return (
          <g key={rung.name}>
            <rect
              x="10"
              y={y - thickness / 2}
              width="108"
              height={thickness}
              rx={thickness / 2}
              fill="var(--accent)"
              opacity={0.35 + rung.weight * 0.13}
            />
            <text x="132" y={y - 2} fontSize="17" fontWeight="650" fill="var(--ink)" fontFamily="var(--font-display)">
              {rung.name[0]!.toUpperCase() + rung.name.slice(1)}
            </text>
            <text x="132" y={y + 17} fontSize="14" fill="var(--quiet)">
              {rung.amount}, {words[Math.floor(rung.weight)] ?? ''}
            </text>
          </g>
        )
      })}
    </svg>
  )
}
