import { useTheme, type Theme } from '@/app/theme'
import { ChoiceField, SwitchField } from '@/kit/Field'
import { Sheet } from '@/kit/Sheet'
import { QuickCode } from '@/places/devices/QuickCode'
import { canShake, canSpeak, say, useSignals, type Awake } from './signals'

const themes: { value: Theme; word: string }[] = [
  { value: 'clock', word: 'By the clock' },
  { value: 'day', word: 'Day' },
  { value: 'night', word: 'Night' },
]

const awakeWords: Record<Awake, string> = {
  awake: 'The screen is kept awake while this page is in sight.',
  cannot: 'This browser does not keep the screen awake. Set the device so that it stays on.',
  asleep: 'The screen is not kept awake just now.',
}

/** Sound, voice, shaking, light, and another screen. */
export function SignalsSheet({
  open,
  onClose,
  awake,
  session,
}: {
  open: boolean
  onClose: () => void
  awake: Awake
  session: string
}) {
  const { signals, change } = useSignals()
  const { theme, choose } = useTheme()
  return (
    <Sheet title="Sound, light and other screens" open={open} onClose={onClose}>
      <div className="mt-4 grid gap-x-6 gap-y-3 sm:grid-cols-[1fr_auto]">
        <div className="grid content-start gap-3">
          <SwitchField
            label="Sound"
            hint="A chime at the earliest and at the latest of every wait."
            checked={signals.sound}
            onChange={(sound) => change({ sound })}
          />
          <SwitchField
            label="Voice"
            hint={canSpeak() ? 'Says each step and every mark aloud.' : 'This browser cannot speak.'}
            checked={signals.voice && canSpeak()}
            onChange={(voice) => {
              change({ voice })
              say('The voice is on.')
            }}
          />
          <SwitchField
            label="Shaking"
            hint={canShake() ? 'Shakes the phone at every mark.' : 'This device cannot shake.'}
            checked={signals.shake && canShake()}
            onChange={(shake) => change({ shake })}
          />
          <ChoiceField label="Light" value={theme} choices={themes} onChoose={choose} />
          <p className="text-quiet">{awakeWords[awake]}</p>
        </div>
        <div className="border-t border-rule pt-3 sm:w-56 sm:border-0 sm:pt-0">
          <h3 className="text-lg font-semibold">On another device too</h3>
          {open && <QuickCode page={`/run/${session}`} />}
        </div>
      </div>
    </Sheet>
  )
}
