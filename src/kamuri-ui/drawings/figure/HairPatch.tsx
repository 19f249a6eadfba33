/** How many strands grow side by side in the drawn patch, and how thick each is. */
const counts = { low: 5, medium: 9, high: 15 }
const widths = { fine: 1, medium: 2.2, coarse: 4 }

/** A patch of scalp with its strands: how dense they grow. */
export function DensityPatch({ density }: { density: keyof typeof counts }) {
  const count = counts[density]
  return (
    <svg viewBox="0 0 96 44" aria-hidden className="h-11 w-20">
      <path d="M2 38 Q48 30 94 38" className="fill-none stroke-strand" strokeWidth="2" />
      {Array.from({ length: count }, (_, n) => {
        const x = 6 + (84 * (n + 0.5)) / count
        const y = 38 - 6 * Math.sin((Math.PI * (x - 2)) / 92)
        return (
          <path
            key={n}
            d={`M${x} ${y} q3 -8 0 -14 q-3 -7 1 -13`}
            className="fill-none stroke-ink"
            strokeWidth="1.6"
            strokeLinecap="round"
          />
        )
      })}
    </svg>
  )
}

/** One strand between two fingers’ breadth: how thick it is. */
export function StrandPatch({ strand }: { strand: keyof typeof widths }) {
  return (
    <svg viewBox="0 0 96 44" aria-hidden className="h-11 w-20">
      <path
        d="M4 26 q10 -16 22 -4 t22 0 t22 0 t22 -4"
        className="fill-none stroke-ink"
        strokeWidth={widths[strand]}
        strokeLinecap="round"
      />
    </svg>
  )
}
