import { useTheme, type Theme } from '@/app/theme'
import { ChoiceField, SwitchField } from '@/kit/Field'
import { Sheet } from '@/kit/Sheet'
import { QuickCode } from '@/places/devices/QuickCode'
import { canShake, canSpeak, say, useSignals, type Awake } from './signals'
import { signalsSheet as words } from './words'

const themes: { value: Theme; word: string }[] = [
  { value: 'clock', word: words.byTheClock },
  { value: 'day', word: words.day },
  { value: 'night', word: words.night },
]

const awakeWords: Record<Awake, string> = {
  awake: words.theScreenIsKeptAwake,
  cannot: words.thisBrowserDoesNotKeep,
  asleep: words.theScreenIsNotKept,
}

/** What the big button does, sound, voice, vibration, light, and another screen. */
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
    <Sheet title={words.settingsOfThisDevice} open={open} onClose={onClose}>
      <div className="mt-4 grid gap-x-6 gap-y-3 sm:grid-cols-[1fr_auto]">
        <div className="grid content-start gap-3">
          <SwitchField
            label={words.goesOn}
            hint={words.goesOnHint}
            checked={signals.goesOn}
            onChange={(goesOn) => change({ goesOn })}
          />
          <SwitchField
            label={words.bySection}
            hint={words.bySectionHint}
            checked={signals.bySection}
            onChange={(bySection) => change({ bySection })}
          />
          <SwitchField
            label={words.sound}
            hint={words.chimesAtTheEarliestAnd}
            checked={signals.sound}
            onChange={(sound) => change({ sound })}
          />
          <SwitchField
            label={words.voice}
            hint={canSpeak() ? words.saysEachStepAndEvery : words.thisBrowserCannotSpeak}
            checked={signals.voice && canSpeak()}
            onChange={(voice) => {
              change({ voice })
              say(words.theVoiceIsOn)
            }}
          />
          <SwitchField
            label={words.vibration}
            hint={canShake() ? words.vibratesAtEveryMark : words.thisDeviceCannotVibrate}
            checked={signals.shake && canShake()}
            onChange={(shake) => change({ shake })}
          />
          <ChoiceField label={words.light} value={theme} choices={themes} onChoose={choose} />
          <p className="text-quiet">{awakeWords[awake]}</p>
        </div>
        <div className="border-t border-rule pt-3 sm:w-56 sm:border-0 sm:pt-0">
          <h3 className="text-lg font-semibold">{words.onAnotherDeviceToo}</h3>
          {open && <QuickCode page={`/run/${session}`} />}
        </div>
      </div>
    </Sheet>
  )
}
