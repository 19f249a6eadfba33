import { AddRow } from '@/kit/AddRow'
import { X } from 'lucide-react'
import type { ReactNode } from 'react'
import type { HeadBody } from '@/api/client'
import { IconButton } from '@/kit/Button'
import { ChoiceField, ManyField, SwitchField, NumberField, TextField } from '@/kit/Field'
import { DateField, LengthField } from '@/kit/TypedField'
import { SchoolFields } from '../SchoolFields'
import { kindOf, WearFields } from '../WearFields'
import {
  ages,
  chemicals,
  densities,
  evidences,
  goals,
  porosities,
  scalpSigns,
  schools,
  strands,
  worn,
  zones,
} from '../words'
import { headForm as said } from '../words'

type Errors = Record<string, string[]>

/** What each part of a portrait is edited with. What is wrong stands next to its field; what was typed stays. */
interface Props {
  draft: HeadBody
  errors: Errors
  put: (next: Partial<HeadBody>) => void
}

const Pair = ({ children }: { children: ReactNode }) => <div className="grid gap-4 sm:grid-cols-2">{children}</div>

/** Who it is. */
export function WhoFields({ draft, errors, put }: Props) {
  return (
    <Pair>
      <TextField
        label={said.name}
        value={draft.name}
        autoComplete="off"
        error={errors.name?.[0]}
        onChange={(event) => put({ name: event.target.value })}
      />
      <ChoiceField
        label={said.age}
        value={draft.ageGroup ?? 'adult'}
        choices={ages}
        onChoose={(ageGroup) => put({ ageGroup })}
      />
    </Pair>
  )
}

/** How the hair is kept, and when it was last washed. */
export function TodayFields({ draft, errors, put }: Props) {
  return (
    <Pair>
      <WearFields wear={draft.wear ?? {}} errors={errors} onChange={(wear) => put({ wear })} />
      {kindOf(draft.wear ?? {}) === 'loose' && (
        <ChoiceField
          label={said.wornSinceThen}
          value={draft.wornAs ?? 'loose'}
          choices={worn}
          onChoose={(wornAs) => put({ wornAs })}
        />
      )}
      <DateField
        label={said.lastWash}
        value={draft.lastWash ?? null}
        error={errors.lastWash?.[0]}
        onChange={(lastWash) => put({ lastWash })}
      />
      <DateField
        label={said.lastDetangle}
        value={draft.lastDetangle ?? null}
        error={errors.lastDetangle?.[0]}
        onChange={(lastDetangle) => put({ lastDetangle })}
      />
    </Pair>
  )
}

/** Its lengths and its kind. */
export function HairFields({ draft, errors, put }: Props) {
  const length = (label: string, field: keyof HeadBody['lengths']) => (
    <LengthField
      label={label}
      value={draft.lengths[field]}
      error={errors[`lengths.${field}`]?.[0]}
      onChange={(value) => put({ lengths: { ...draft.lengths, [field]: value ?? Number.NaN } })}
    />
  )
  return (
    <>
      <p className="mb-3 text-quiet">{said.pullOneStrandStraightIn}</p>
      <Pair>
        {length(said.nape, 'napeCm')}
        {length(said.crown, 'crownCm')}
        {length(said.front, 'frontCm')}
        {length(said.sides, 'sidesCm')}
        <ChoiceField
          label={said.density}
          value={draft.density}
          choices={densities}
          onChoose={(density) => put({ density })}
        />
        <ChoiceField
          label={said.strand}
          value={draft.strand}
          choices={strands}
          onChoose={(strand) => put({ strand })}
        />
        <ChoiceField
          label={said.porosity}
          value={draft.porosity}
          choices={porosities}
          onChoose={(porosity) => put({ porosity })}
        />
        <ChoiceField
          label={said.howYouKnow}
          value={draft.porosityEvidence ?? 'guess'}
          choices={evidences}
          onChoose={(porosityEvidence) => put({ porosityEvidence })}
        />
        <NumberField
          label={said.coilWidth}
          unit="mm"
          placeholder={said.ifMeasured}
          value={draft.coilWidthMm}
          error={errors.coilWidthMm?.[0]}
          onChange={(coilWidthMm) => put({ coilWidthMm })}
        />
        <NumberField
          label={said.usualSections}
          placeholder={said.letKamuriChoose}
          whole
          value={draft.usualSections}
          error={errors.usualSections?.[0]}
          onChange={(usualSections) => put({ usualSections })}
        />
      </Pair>
    </>
  )
}

/** What is fragile, what was done to it, and what it is for. */
export function SuitsFields({ draft, errors, put }: Props) {
  return (
    <div className="grid gap-4">
      <ManyField
        label={said.scalpToday}
        values={draft.scalp ?? []}
        choices={scalpSigns}
        onChange={(scalp) => put({ scalp })}
      />
      <ManyField
        label={said.goals}
        values={draft.goals ?? []}
        choices={goals}
        onChange={(next) => put({ goals: next })}
      />
      <FragileZones draft={draft} errors={errors} put={put} />
      <Chemicals draft={draft} errors={errors} put={put} />
    </div>
  )
}

/** What must never touch it. */
export function NeverFields({ draft, errors, put }: Props) {
  return (
    <div className="grid gap-4">
      <TextField
        label={said.mustNeverTouchThisHead}
        hint={said.ingredientsOrGroupsSeparatedBy}
        defaultValue={(draft.sensitivities ?? []).join(', ')}
        error={errors.sensitivities?.[0]}
        onChange={(event) =>
          put({
            sensitivities: event.target.value
              .split(',')
              .map((each) => each.trim())
              .filter(Boolean),
          })
        }
      />
      <SwitchField
        label={said.maySitUnderAHood}
        checked={draft.canSitUnderHeat ?? true}
        onChange={(canSitUnderHeat) => put({ canSitUnderHeat })}
      />
      <SwitchField
        label={said.askAClinicianFirst}
        hint={said.pregnancyOrAnythingElseTo}
        checked={draft.askClinician ?? false}
        onChange={(askClinician) => put({ askClinician })}
      />
    </div>
  )
}

/** The sides it takes where practitioners disagree. */
export function LikesFields({ draft, put }: Props) {
  return (
    <>
      <p className="mb-3 text-quiet">{said.practitionersDisagreeOnTheseChoose}</p>
      <Pair>
        <ChoiceField
          label={said.layers}
          value={draft.layering ?? 'loc'}
          choices={schools}
          onChoose={(layering) => put({ layering })}
        />
        <SchoolFields
          schools={draft.schools ?? {}}
          kind={kindOf(draft.wear ?? {})}
          onChange={(next) => put({ schools: next })}
        />
      </Pair>
    </>
  )
}

function FragileZones({ draft, errors, put }: Props) {
  const list = draft.fragileZones ?? []
  return (
    <fieldset>
      <legend className="font-semibold">{said.fragileZones}</legend>
      {list.map((fragile, n) => (
        <div key={n} className="mt-2 grid grid-cols-[10rem_1fr_auto] items-end gap-2">
          <ChoiceField
            label={said.zone}
            value={fragile.zone}
            choices={zones}
            onChoose={(zone) => put({ fragileZones: list.map((each, at) => (at === n ? { ...each, zone } : each)) })}
          />
          <TextField
            label={said.note}
            value={fragile.note}
            error={errors[`fragileZones[${n}]`]?.[0]}
            onChange={(event) =>
              put({ fragileZones: list.map((each, at) => (at === n ? { ...each, note: event.target.value } : each)) })
            }
          />
          <IconButton
            label={said.removeZone({ zone: fragile.zone })}
            onClick={() => put({ fragileZones: list.filter((_, at) => at !== n) })}
          >
            <X aria-hidden />
          </IconButton>
        </div>
      ))}
      <AddRow onAdd={() => put({ fragileZones: [...list, { zone: 'edges', note: '' }] })}>
        {said.addAFragileZone}
      </AddRow>
    </fieldset>
  )
}

function Chemicals({ draft, errors, put }: Props) {
  const list = draft.chemicalHistory ?? []
  return (
    <fieldset>
      <legend className="font-semibold">{said.colourRelaxerHeatDamage}</legend>
      {list.map((chemical, n) => (
        <div key={n} className="mt-2 grid grid-cols-[10rem_1fr_auto] items-end gap-2">
          <ChoiceField
            label={said.what}
            value={chemical.kind}
            choices={chemicals}
            onChoose={(kind) => put({ chemicalHistory: list.map((each, at) => (at === n ? { ...each, kind } : each)) })}
          />
          <DateField
            label={said.when}
            value={chemical.date}
            error={errors[`chemicalHistory[${n}]`]?.[0]}
            onChange={(date) =>
              date && put({ chemicalHistory: list.map((each, at) => (at === n ? { ...each, date } : each)) })
            }
          />
          <IconButton
            label={said.removeKind({ kind: chemical.kind })}
            onClick={() => put({ chemicalHistory: list.filter((_, at) => at !== n) })}
          >
            <X aria-hidden />
          </IconButton>
        </div>
      ))}
      <AddRow
        onAdd={() =>
          put({ chemicalHistory: [...list, { kind: 'colour', date: new Date().toISOString().slice(0, 10) }] })
        }
      >
        {said.addAnEvent}
      </AddRow>
    </fieldset>
  )
}
