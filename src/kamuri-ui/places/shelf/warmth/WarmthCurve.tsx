import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceArea,
  ReferenceDot,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts'
import type { WarmthView } from '@/api/client'
import { degree, degrees, writtenTemperature, writtenTime } from '@/app/style'
import { clock } from '@/app/time'
import type { Reading } from './WarmthPage'
import { warmthCurve as words } from './words'

const after = (began: string, minutes: number) => {
  const wall = Number(began.slice(11, 13)) * 60 + Number(began.slice(14, 16)) + minutes
  return writtenTime(
    `${String(Math.floor(wall / 60) % 24).padStart(2, '0')}:${String(Math.round(wall) % 60).padStart(2, '0')}`,
  )
}

/** The curve: temperature over time, the comfortable stretch marked, readings as dots. */
export default function WarmthCurve({ view, readings }: { view: WarmthView; readings: readonly Reading[] }) {
  const { forecast } = view
  const minutes = (moment: string) => (Date.parse(moment) - Date.parse(forecast.began)) / 60_000
  const last = forecast.curve.at(-1)?.minutes ?? 60
  const [from, to] = [
    forecast.safeAt ? minutes(forecast.safeAt) : null,
    forecast.warmUntil ? minutes(forecast.warmUntil) : last,
  ]
  const now = minutes(view.now)
  return (
    <figure className="min-w-0">
      <div
        role="img"
        aria-label={words.sentenceItFallsFromCelsius({
          sentence: forecast.sentence,
          from: writtenTemperature(forecast.curve[0]?.celsius ?? 0),
          to: writtenTemperature(forecast.curve.at(-1)?.celsius ?? 0),
          last,
        })}
      >
        <ResponsiveContainer width="100%" height={380}>
          <LineChart
            accessibilityLayer={false}
            data={forecast.curve.map((each) => ({ ...each, warmth: degrees(each.celsius) }))}
            margin={{ top: 16, right: 24, bottom: 24, left: 0 }}
          >
            <CartesianGrid stroke="var(--rule)" vertical={false} />
            <XAxis
              dataKey="minutes"
              type="number"
              domain={[0, last]}
              tickFormatter={(value: number) => after(forecast.began, value)}
              stroke="var(--quiet)"
              tickCount={7}
            />
            <YAxis
              stroke="var(--quiet)"
              width={72}
              domain={['auto', 'auto']}
              tickFormatter={(value: number) => `${Math.round(value)}\u00a0${degree()}`}
            />
            {from !== null && to > from && (
              <ReferenceArea
                x1={from}
                x2={Math.min(to, last)}
                fill="var(--tea)"
                fillOpacity={0.35}
                label={{ value: words.warmOnSkin, position: 'insideTop', fill: 'var(--ink)' }}
              />
            )}
            {forecast.comfortableAt && (
              <ReferenceLine
                x={minutes(forecast.comfortableAt)}
                stroke="var(--ink)"
                strokeDasharray="5 4"
                label={{ value: clock(forecast.comfortableAt), position: 'insideBottomLeft', fill: 'var(--ink)' }}
              />
            )}
            {now >= 0 && now <= last && <ReferenceLine x={now} stroke="var(--accent)" strokeWidth={3} />}
            <Line dataKey="warmth" stroke="var(--accent)" strokeWidth={3} dot={false} isAnimationActive={false} />
            {readings.map((reading) => (
              <ReferenceDot
                key={reading.at}
                x={minutes(reading.at)}
                y={degrees(reading.celsius)}
                r={6}
                fill="var(--raised)"
                stroke="var(--ink)"
                strokeWidth={3}
                ifOverflow="extendDomain"
              />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </div>
      <figcaption className="text-quiet">
        {forecast.isFitted ? words.fittedToYourReadings : words.basedOnYourCraftFigures} {words.lineIsNow}
      </figcaption>
    </figure>
  )
}
