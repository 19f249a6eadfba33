import { useState } from 'react'
import { z } from 'zod'
import { Kept } from './kept'

export type Theme = 'day' | 'night' | 'clock'

const kept = new Kept<Theme>('kamuri.theme', 1, z.enum(['day', 'night', 'clock']))

const applied = (theme: Theme) => {
  const hour = new Date().getHours()
  return theme === 'clock' ? (hour >= 20 || hour < 7 ? 'night' : 'day') : theme
}

/** The chosen theme, kept on this device. */
export function useTheme() {
  const [theme, setTheme] = useState<Theme>(() => kept.read() ?? 'clock')
  const choose = (next: Theme) => {
    kept.write(next)
    document.documentElement.dataset.theme = applied(next)
    setTheme(next)
  }
  return { theme, shown: applied(theme), choose }
}
