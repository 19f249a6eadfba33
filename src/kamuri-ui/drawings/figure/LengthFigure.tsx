/** How far apart the landmarks stand, and where the first is, in the units of the drawing. */
export const landmarkGap = 48
export const firstLandmark = 64

const crown = 16
const hairHalf = 42

/**
 * Somebody seen from behind, with hair that reaches down to a landmark.
 * @param reaches The landmark's place in the row from the ear down; null for none.
 */
export function LengthFigure({ reaches, className }: { reaches: number | null; className?: string }) {
  const end = reaches === null ? 0 : firstLandmark + landmarkGap * reaches
  const hair =
    reaches === null
      ? `M62 62 C56 26 78 ${crown} 100 ${crown} C122 ${crown} 144 26 138 62 Q100 44 62 62 Z`
      : `M100 ${crown} C62 ${crown} 56 46 ${100 - hairHalf} 70 L${100 - hairHalf} ${end - 8} Q100 ${end + 8} ${100 + hairHalf} ${end - 8} L${100 + hairHalf} 70 C144 46 138 ${crown} 100 ${crown} Z`
  const strands = [-30, -18, -6, 6, 18, 30]
  return (
    <svg viewBox="0 0 200 330" aria-hidden className={className}>
      <path
        d="M100 26 C74 26 66 48 67 72 C68 96 80 112 86 118 L86 138 C60 146 34 152 28 178 L20 326 L44 326 L52 214 L58 256 L54 326 L146 326 L142 256 L148 214 L156 326 L180 326 L172 178 C166 152 140 146 114 138 L114 118 C120 112 132 96 133 72 C134 48 126 26 100 26 Z"
        className="fill-raised stroke-strand"
        strokeWidth="2"
        strokeLinejoin="round"
      />
      <path d={hair} className="fill-ink" />
      {(reaches === null ? [] : strands).map((x) => (
        <path
          key={x}
          d={`M100 ${crown + 6} Q${100 + x * 1.1} ${Math.min(40, end)} ${100 + x} ${Math.max(end - 6, 30)}`}
          className="fill-none stroke-paper"
          strokeWidth="1.2"
          opacity="0.35"
        />
      ))}
      {[0, 1, 2, 3, 4, 5].map((n) => (
        <path
          key={n}
          d={`M${n === reaches ? 100 + hairHalf : 176} ${firstLandmark + landmarkGap * n} H200`}
          className={n === reaches ? 'stroke-accent' : 'stroke-strand'}
          strokeWidth={n === reaches ? 3 : 1.5}
          strokeDasharray={n === reaches ? undefined : '3 4'}
        />
      ))}
    </svg>
  )
}
