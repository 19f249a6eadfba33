import type { Section } from '@/api/client'

/** The head from above: an egg with the forehead at the top. Everything is in a box of 300 by 380. */
export const box = { width: 300, height: 380 }
const middle = 150
const crown = 190

/** Half the width of the head at a height, 0 at the forehead. */
export function halfWidth(y: number): number {
  const t = (y - 14) / (box.height - 28)
  if (t <= 0 || t >= 1) return 0
  // Rounder at the back than at the forehead, and widest behind the ears, as heads are.
  return (130 + 26 * (t - 0.5)) * (1 - Math.abs(2 * t - 1) ** 2.15) ** 0.52
}

/** The outline of the head as a closed path. */
export function outline(): string {
  const steps = 48
  const points: string[] = []
  for (let n = 0; n <= steps; n++) {
    const y = 14 + ((box.height - 28) * n) / steps
    points.push(`${(middle + halfWidth(y)).toFixed(1)} ${y.toFixed(1)}`)
  }
  for (let n = steps; n >= 0; n--) {
    const y = 14 + ((box.height - 28) * n) / steps
    points.push(`${(middle - halfWidth(y)).toFixed(1)} ${y.toFixed(1)}`)
  }
  return `M${points.join('L')}Z`
}

/** Partings run ear to ear and bow towards the forehead; row 0 lies at the nape. */
const parting = (row: number, rows: number) => box.height - 14 - ((box.height - 28) * row) / rows
const bow = (y: number) => 26 * Math.sin((Math.PI * (y - 14)) / (box.height - 28))

/** The shape of one section, to be clipped by the outline. */
export function sectionPath(section: Section): string {
  const below = parting(section.row, section.rows)
  const above = parting(section.row + 1, section.rows)
  const [left, right] = section.side < 0 ? [0, middle] : section.side > 0 ? [middle, box.width] : [0, box.width]
  const at = (y: number, x: number) => {
    const reach = Math.min(1, Math.abs(x - middle) / 150)
    return (y - bow(y) * (1 - reach ** 2) + bow(y) * 0.35).toFixed(1)
  }
  const steps = 10
  const across = Array.from({ length: steps + 1 }, (_, n) => left + ((right - left) * n) / steps)
  const lower = section.row === 0 ? across.map((x) => `${x} ${box.height}`) : across.map((x) => `${x} ${at(below, x)}`)
  const upper =
    section.row === section.rows - 1 ? across.map((x) => `${x} 0`) : across.map((x) => `${x} ${at(above, x)}`)
  return `M${lower.join('L')}L${upper.reverse().join('L')}Z`
}

/** Where the number of a section stands. */
export function sectionCentre(section: Section): { x: number; y: number } {
  const y = (parting(section.row, section.rows) + parting(section.row + 1, section.rows)) / 2
  const lifted = y - bow(y) * 0.5
  return { x: middle + section.side * halfWidth(Math.min(Math.max(lifted, 30), box.height - 30)) * 0.48, y: lifted }
}

/** Where a fragile zone is marked. */
export const zoneMark: Record<string, { x: number; y: number } | null> = {
  nape: { x: middle, y: box.height - 30 },
  crown: { x: middle, y: crown },
  front: { x: middle, y: 44 },
  sides: { x: middle + 122, y: crown + 20 },
  edges: null,
  ends: null,
}
