import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { lazy, Suspense, useState } from 'react'
import { useSearchParams } from 'react-router'
import { api, Refused, told, type WarmthView } from '@/api/client'
import { writtenTemperature } from '@/app/style'
import { clock } from '@/app/time'
import { Button } from '@/kit/Button'
import { SwitchField } from '@/kit/Field'
import { AmountField, TemperatureField } from '@/kit/TypedField'
import { shelfPlace } from '../words'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { ChoiceWord } from '@/kit/Word'
import { vesselNouns, vessels } from '../formulas/words'
import { warmthPage as said } from './words'
import { counted, Rich } from '@/kit/texts'

const WarmthCurve = lazy(() => import('./WarmthCurve'))

type Vessel = (typeof vessels)[number]['value']

export interface Reading {
  at: string
  celsius: number
}

/** Shelf, is it warm?: when it is comfortable, and until when it is still warm, corrected by a thermometer. */
export function WarmthPage() {
  const [search] = useSearchParams()
  const [vessel, setVessel] = useState<Vessel>(
    vessels.find((each) => each.value === search.get('vessel'))?.value ?? 'wideBowl',
  )
  const [volumeMl, setVolume] = useState(Number(search.get('ml')) || 250)
  const [fromCelsius, setFrom] = useState(Number(search.get('from')) || 75)
  const [around, setAround] = useState<number | null>(null)
  const [began, setBegan] = useState(() => new Date().toISOString())
  const [readings, setReadings] = useState<Reading[]>([])
  const [typed, setTyped] = useState<number | null>(null)
  const body = { vessel, volumeMl, fromCelsius, aroundCelsius: around, began, readings }
  const warmth = useQuery({
    queryKey: ['warmth', body],
    queryFn: () => told(api.POST('/api/warmth', { body })),
    placeholderData: keepPreviousData,
    refetchInterval: 30_000,
    retry: false,
  })
  const probe = useQuery({
    queryKey: ['probe'],
    queryFn: () => told(api.GET('/api/probe')),
    refetchInterval: (query) => (query.state.data?.on ? 1_000 : false),
  })
  const place = useMutation({
    mutationFn: (on: boolean) =>
      told(api.PUT('/api/probe', { body: { on, vessel, volumeMl, fromCelsius, speed: 60 } })),
    onSuccess: (view) => {
      if (view.on) {
        setBegan(view.now)
        setReadings([])
      }
      void probe.refetch()
    },
  })
  const anew = () => {
    setBegan(new Date().toISOString())
    setReadings([])
  }
  const errors = warmth.error instanceof Refused ? warmth.error.fields : {}
  const view = warmth.data
  return (
    <section className="mt-2">
      <PageHeading className="max-w-5xl leading-snug" title={shelfPlace.warmOrCool}>
        <Rich
          of={said.isItWarm}
          parts={{
            vessel: <ChoiceWord label={said.vessel} value={vessel} choices={vesselNouns} onChoose={setVessel} />,
          }}
        />
      </PageHeading>
      <p className="mt-2 min-h-[2lh] text-xl sm:min-h-[1lh]" role="status" data-warmth>
        {view?.forecast.sentence}
      </p>
      {view?.forecast.doubt && <p className="mt-1 border-l-4 border-warn pl-3 text-warn">{view.forecast.doubt}</p>}
      {Object.keys(errors).length === 0 && <Trouble error={warmth.error} />}
      <div className="mt-4 grid gap-x-12 gap-y-6 lg:grid-cols-[22rem_1fr]">
        <div className="grid content-start gap-4">
          <div className="grid grid-cols-2 gap-3">
            <AmountField
              label={said.howMuch}
              value={volumeMl}
              error={errors.volumeMl?.[0]}
              onChange={(value) => setVolume(value ?? Number.NaN)}
            />
            <TemperatureField
              label={said.startingTemperature}
              value={fromCelsius}
              error={errors.fromCelsius?.[0]}
              onChange={(value) => {
                setFrom(value ?? Number.NaN)
                anew()
              }}
            />
            <TemperatureField
              label={said.roomOrWaterBath}
              placeholder={view ? writtenTemperature(view.aroundCelsius, 1) : ''}
              value={around}
              error={errors.aroundCelsius?.[0]}
              onChange={setAround}
            />
          </div>
          <Button onClick={anew}>{said.startNow}</Button>
          <div className="border-t border-rule pt-3">
            <SwitchField
              label={said.thermometerProbe}
              hint={said.simulatedProbeRunning60Times}
              checked={probe.data?.on ?? false}
              onChange={(on) => place.mutate(on)}
            />
            {probe.data?.on && probe.data.celsius != null && (
              <div className="mt-2 flex items-center gap-4">
                <output className="font-display text-3xl font-semibold" aria-label={said.theProbeShows}>
                  {writtenTemperature(probe.data.celsius, 1)}
                </output>
                <Button
                  onClick={() => setReadings([...readings, { at: probe.data.now, celsius: probe.data.celsius! }])}
                >
                  {said.useThisReading}
                </Button>
              </div>
            )}
            <form
              className="mt-3 flex items-end gap-2"
              onSubmit={(event) => {
                event.preventDefault()
                if (typed !== null) setReadings([...readings, { at: new Date().toISOString(), celsius: typed }])
                setTyped(null)
              }}
            >
              <TemperatureField
                label={said.orAReadingByHand}
                value={typed}
                error={errors.readings?.[0]}
                onChange={setTyped}
              />
              <Button type="submit">{said.useIt}</Button>
            </form>
            {readings.length > 0 && (
              <p className="mt-2 text-quiet">
                {counted(readings.length, said.reading, said.readings)}{' '}
                <Button tone="quiet" onClick={() => setReadings(readings.slice(0, -1))}>
                  {said.undoTheLastReading}
                </Button>
              </p>
            )}
          </div>
          {view?.forecast.isFitted && <KeepRate view={view} />}
        </div>
        {view && (
          <Suspense fallback={<p className="text-quiet">{said.drawingTheCurve}</p>}>
            <WarmthCurve view={view} readings={readings} />
          </Suspense>
        )}
      </div>
    </section>
  )
}

/** What the readings say about this vessel can become the house's own figure, which plans then use. */
function KeepRate({ view }: { view: WarmthView }) {
  const queries = useQueryClient()
  const value = Math.round(view.forecast.figure * 10_000) / 10_000
  const keep = useMutation({
    mutationFn: () => told(api.PUT('/api/figures/{id}', { params: { path: { id: view.figureId } }, body: { value } })),
    onSuccess: () => queries.invalidateQueries(),
  })
  return (
    <div className="border-t border-rule pt-3">
      <p>
        {said.coolingRate({ value, now: view.figureNow })}{' '}
        {view.forecast.comfortableAt && said.comfortableAt({ time: clock(view.forecast.comfortableAt) })}
      </p>
      <Button className="mt-2" disabled={keep.isPending || value === view.figureNow} onClick={() => keep.mutate()}>
        {said.useThisFromNowOn}
      </Button>
      {keep.isSuccess && <p role="status">{said.savedAsACraftFigure}</p>}
      <Trouble error={keep.error} />
    </div>
  )
}
