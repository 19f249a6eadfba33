const families: Record<string, string[]> = {
  'var(--pre-poo)': ['prePoo', 'slipMist', 'plantGel', 'herbJuice', 'onionJuice', 'grainWater', 'hotOil', 'heavyOil'],
  'var(--clean)': ['shampoo', 'clarifier', 'dilutedCleanser', 'coWash', 'locSoak', 'clay', 'herbPaste'],
  'var(--tea)': ['tea', 'acidicRinse', 'oilRinse'],
  'var(--condition)': ['conditioner', 'deepConditioner', 'endShield', 'lightSpray'],
  'var(--protein)': ['protein', 'strongProtein', 'egg', 'proteinConditioner'],
}

const bySubstance: Record<string, string> = Object.fromEntries(
  Object.entries(families).flatMap(([colour, substances]) => substances.map((substance) => [substance, colour])),
)

/** The colour of what lies on the hair or stands on the stove. Never the only sign: every band has its name. */
export const bandColour = (task: { strand: string; substance: string | null }) =>
  task.strand === 'kitchen' ? 'var(--kitchen)' : (bySubstance[task.substance ?? ''] ?? 'var(--dry)')
