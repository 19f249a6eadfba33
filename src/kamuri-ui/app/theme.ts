import { useState } from 'react'

export type Theme = 'day' | 'night' | 'clock'

const applied = (theme: Theme) => {
  const hour = new Date().getHours()
  return theme === 'clock' ? (hour >= 20 || hour < 7 ? 'night' : 'day') : theme
}

/** The chosen theme, kept on this device. */
export function useTheme() {
  const [theme, setTheme] = useState<Theme>(() => (localStorage.getItem('kamuri.theme') as Theme | null) ?? 'clock')
  const choose = (next: Theme) => {
    localStorage.setItem('kamuri.theme', next)
    document.documentElement.dataset.theme = applied(next)
    setTheme(next)
  }
  return { theme, shown: applied(theme), choose }
}
