import { useEffect, useState, useSyncExternalStore } from 'react'
import { z } from 'zod'
import { Kept } from '@/app/kept'
import { chime } from './chime'

/** How a run makes itself known, and what its big button does; kept on this device. */
export interface Signals {
  sound: boolean
  voice: boolean
  shake: boolean
  /** The big button ticks one section after the other; else the whole step. */
  bySection: boolean
  /** What is done leads on to the next step without another press. */
  goesOn: boolean
}

const usual: Signals = { sound: true, voice: false, shake: true, bySection: false, goesOn: true }

const kept = new Kept<Partial<Signals>>(
  'kamuri.signals',
  1,
  z
    .object({
      sound: z.boolean(),
      voice: z.boolean(),
      shake: z.boolean(),
      bySection: z.boolean(),
      goesOn: z.boolean(),
    })
    .partial() as z.ZodType<Partial<Signals>>,
)

let current: Signals = { ...usual, ...kept.read() }
const watching = new Set<() => void>()

/** Whether this browser can speak, and shake. */
export const canSpeak = () => 'speechSynthesis' in window
export const canShake = () => 'vibrate' in navigator

export function useSignals() {
  const signals = useSyncExternalStore(
    (changed) => {
      watching.add(changed)
      return () => watching.delete(changed)
    },
    () => current,
  )
  return { signals, change }
}

function change(next: Partial<Signals>) {
  current = { ...current, ...next }
  kept.write(current)
  watching.forEach((changed) => changed())
}

/** Says a sentence aloud, where somebody asked for it. */
export function say(words: string) {
  if (!current.voice || !canSpeak()) return
  const said = new SpeechSynthesisUtterance(words)
  said.lang = 'en'
  window.speechSynthesis.speak(said)
}

/** A mark of a wait is reached: heard, felt and said, as far as each is switched on. */
export function signal(kind: 'earliest' | 'latest', words: string) {
  if (current.sound) chime(kind)
  if (current.shake && canShake()) navigator.vibrate(kind === 'latest' ? [300, 120, 300, 120, 300] : [200, 100, 200])
  say(words)
}

export type Awake = 'awake' | 'cannot' | 'asleep'

/** Keeps the screen awake while the page is in sight, where the browser allows. */
export function useAwake(): Awake {
  const [awake, setAwake] = useState<Awake>(() => ('wakeLock' in navigator ? 'asleep' : 'cannot'))
  useEffect(() => {
    if (!('wakeLock' in navigator)) return
    let lock: WakeLockSentinel | null = null
    let gone = false
    const ask = async () => {
      if (document.visibilityState !== 'visible') return
      try {
        lock = await navigator.wakeLock.request('screen')
        if (gone) {
          void lock.release()
          return
        }
        lock.addEventListener('release', () => setAwake('asleep'))
        setAwake('awake')
      } catch {
        setAwake('cannot')
      }
    }
    const back = () => void ask()
    void ask()
    document.addEventListener('visibilitychange', back)
    return () => {
      gone = true
      document.removeEventListener('visibilitychange', back)
      void lock?.release()
    }
  }, [])
  return awake
}
