const bySubstance: Record<string, string> = {
  prePoo: 'var(--pre-poo)',
  slipMist: 'var(--pre-poo)',
  shampoo: 'var(--clean)',
  clarifier: 'var(--clean)',
  tea: 'var(--tea)',
  conditioner: 'var(--condition)',
  deepConditioner: 'var(--condition)',
  protein: 'var(--protein)',
}

/** The colour of what lies on the hair or stands on the stove. Never the only sign: every band has its name. */
export const bandColour = (task: { strand: string; substance: string | null }) =>
  task.strand === 'kitchen' ? 'var(--kitchen)' : (bySubstance[task.substance ?? ''] ?? 'var(--dry)')
