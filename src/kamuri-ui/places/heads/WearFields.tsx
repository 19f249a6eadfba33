import type { HeadBody } from '@/api/client'
import { ChoiceField, NumberField } from '@/kit/Field'
import { DateField } from '@/kit/TypedField'
import { kinds, locStages, stylesMade } from './words'
import { wearFields as said } from './words'

type Wear = NonNullable<HeadBody['wear']>

/** The kind of hair that is being described. */
export const kindOf = (wear: Wear) => (wear.locs ? 'locs' : wear.style ? 'style' : wear.down ? 'takenDown' : 'loose')

/** What is first assumed of each kind. */
export const firstWear: Record<ReturnType<typeof kindOf>, Wear> = {
  loose: {},
  locs: { locs: { stage: 'mature', count: 100, thicknessMillimetres: 8 } },
  style: { style: { made: 'braids', putIn: null, addedHairGrams: 0 } },
  takenDown: { down: { made: 'braids', wornDays: 42 } },
}

/** How the hair is kept: loose, locs, in a style, or just out of one, each with what has to be known of it. */
export function WearFields({
  wear,
  errors,
  onChange,
}: {
  wear: Wear
  errors: Record<string, string[]>
  onChange: (wear: Wear) => void
}) {
  const { locs, style, down } = wear
  return (
    <>
      <ChoiceField
        label={said.keptAs}
        value={kindOf(wear)}
        choices={kinds}
        error={errors.wear?.[0]}
        onChoose={(kind) => onChange(firstWear[kind])}
      />
      {locs && (
        <>
          <ChoiceField
            label={said.stage}
            value={locs.stage}
            choices={locStages}
            onChoose={(stage) => onChange({ locs: { ...locs, stage } })}
          />
          <NumberField
            label={said.howManyLocs}
            whole
            value={locs.count}
            error={errors['wear.locs.count']?.[0]}
            onChange={(count) => onChange({ locs: { ...locs, count: count ?? NaN } })}
          />
          <NumberField
            label={said.thicknessOfOne}
            unit="mm"
            value={locs.thicknessMillimetres}
            error={errors['wear.locs.thicknessMillimetres']?.[0]}
            onChange={(thickness) => onChange({ locs: { ...locs, thicknessMillimetres: thickness ?? NaN } })}
          />
        </>
      )}
      {style && (
        <>
          <ChoiceField
            label={said.madeOf}
            value={style.made}
            choices={stylesMade}
            onChoose={(made) => onChange({ style: { ...style, made } })}
          />
          <DateField
            label={said.putInOn}
            value={style.putIn ?? null}
            error={errors['wear.style.putIn']?.[0]}
            onChange={(putIn) => onChange({ style: { ...style, putIn } })}
          />
          <NumberField
            label={said.addedHair}
            unit="g"
            value={style.addedHairGrams}
            error={errors['wear.style.addedHairGrams']?.[0]}
            onChange={(grams) => onChange({ style: { ...style, addedHairGrams: grams ?? NaN } })}
          />
        </>
      )}
      {down && (
        <>
          <ChoiceField
            label={said.itWas}
            value={down.made}
            choices={stylesMade}
            onChoose={(made) => onChange({ down: { ...down, made } })}
          />
          <NumberField
            label={said.wornFor}
            unit="days"
            whole
            value={down.wornDays}
            error={errors['wear.down.wornDays']?.[0]}
            onChange={(wornDays) => onChange({ down: { ...down, wornDays: wornDays ?? NaN } })}
          />
        </>
      )}
    </>
  )
}
