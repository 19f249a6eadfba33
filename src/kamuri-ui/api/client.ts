import createClient from 'openapi-fetch'
import type { components, paths } from './schema'
import { client as words } from './words'

type Schemas = components['schemas']

export type HeadView = Schemas['HeadView']
export type HeadBody = Schemas['HeadBody']
export type SizeView = Schemas['SizeView']
export type PlanBody = Schemas['PlanBody']
export type PlanView = Schemas['PlanView']
export type StepView = Schemas['StepView']
export type TaskView = Schemas['TaskView']
export type EditBody = Schemas['EditBody']
export type FindingView = Schemas['FindingView']
export type SessionView = Schemas['SessionView']
export type RunTaskView = Schemas['RunTaskView']
export type CountingView = Schemas['CountingView']
export type EventBody = Schemas['EventBody']
export type SessionLine = Schemas['SessionLine']
export type SessionReviewView = Schemas['SessionReviewView']
export type Section = Schemas['Section']
export type Zone = Schemas['Zone']
export type Ratings = Schemas['Ratings']
export type HouseholdBody = Schemas['HouseholdBody']
export type HouseholdView = Schemas['HouseholdView']
export type ChoicesView = Schemas['ChoicesView']
export type SchoolQuestion = Schemas['SchoolQuestionView']
export type TemplateView = Schemas['TemplateView']
export type FigureView = Schemas['FigureView']
export type InquiryView = Schemas['InquiryView']
export type UseBody = Schemas['UseBody']
export type ProductBody = Schemas['ProductBody']
export type ProductView = Schemas['ProductView']
/** What was understood of a day that was typed. */
export type TypedWish = Schemas['TypedWishView']
export type LabelView = Schemas['LabelView']
export type TakingView = Schemas['TakingView']
export type MeasuredAmount = Schemas['MeasuredAmount']
export type MeasuredWords = Schemas['MeasuredWords']
export type FormulaView = Schemas['FormulaView']
export type FormulaBody = Schemas['FormulaBody']
export type IngredientBody = Schemas['IngredientBody']
export type MethodStepBody = Schemas['MethodStepBody']
export type ScaleBody = Schemas['ScaleBody']
export type ScaledView = Schemas['ScaledView']
export type BatchView = Schemas['BatchView']
export type BatchChangeBody = Schemas['BatchChangeBody']
export type MixtureView = Schemas['MixtureView']
export type WarmthView = Schemas['WarmthView']
export type HouseholdPlanBody = Schemas['HouseholdPlanBody']
export type HouseholdPlanView = Schemas['HouseholdPlanView']
export type LongerSearchView = Schemas['LongerSearchView']
export type RemedyView = Schemas['RemedyView']
export type WhyNotView = Schemas['WhyNotView']
export type HandsBody = Schemas['HandsBody']
export type HandsView = Schemas['HandsView']
export type RunHeadView = Schemas['RunHeadView']
export type StretchBody = Schemas['StretchBody']
export type TakenBody = Schemas['TakenBody']
export type Treatment = Schemas['Treatment']
export type Work = Schemas['Work']
export type Mishap = Schemas['Mishap']
export type AdviceView = Schemas['AdviceView']
export type PlannedDayView = Schemas['PlannedDayView']
export type SavedDay = Schemas['SavedDay']
export type DeviceView = Schemas['DeviceView']
export type BackupView = Schemas['BackupView']
export type ArchiveImportView = Schemas['ArchiveImportView']
export type RemovalView = Schemas['RemovalView']
export type RemovedView = Schemas['RemovedView']

export const api = createClient<paths>({ baseUrl: '/' })

let shutOut: () => void = () => undefined

/** Tells when the server asks for the passcode, because it was changed meanwhile. */
export function onShutOut(tell: () => void) {
  shutOut = tell
  return () => {
    shutOut = () => undefined
  }
}

api.use({
  onResponse({ response }) {
    if (response.status === 401) shutOut()
  },
})

/** What the server said was wrong: a sentence, and sentences at fields by name. */
export class Refused extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly fields: Record<string, string[]> = {},
  ) {
    super(message)
  }
}

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The data of an answer; throws {@link Refused} with the server's own sentence when there is none. */
export async function told<T>(answer: Promise<Answer<T>>): Promise<T> {
  let got: Answer<T>
  try {
    got = await answer
  } catch {
    throw new Refused(words.kamuriDoesNotAnswerIs, 0)
  }
  if (got.data !== undefined) return got.data
  throw refusal(got)
}

/** The server's own sentence, and those at fields. */
function refusal(got: { error?: unknown; response: Response }): Refused {
  const problem = got.error as { detail?: string; title?: string; errors?: Record<string, string[]> } | undefined
  const fields = problem?.errors ?? {}
  const first = Object.values(fields)[0]?.[0]
  return new Refused(
    first ?? problem?.detail ?? problem?.title ?? words.somethingWentWrong,
    got.response.status,
    fields,
  )
}

/** Waits for an answer that holds nothing; throws {@link Refused} with the server's own sentence when it was refused. */
export async function done(answer: Promise<{ error?: unknown; response: Response }>): Promise<void> {
  const got = await answer
  if (got.response.ok) return
  throw refusal(got)
}

/** Sends a file as it is; throws {@link Refused} with the server's own sentence when it is refused. */
export async function sent<T>(path: string, file: File, type: string): Promise<T> {
  return told<T>(
    fetch(path, { method: 'POST', headers: { 'Content-Type': type }, body: file }).then(async (response) => {
      const read = (await response.json()) as T
      return response.ok ? { data: read, response } : { error: read, response }
    }),
  )
}

/** Each event of a stream that a request is answered with, as it comes; throws {@link Refused} when it is refused. */
export async function* stream<T>(path: string, request: RequestInit): AsyncGenerator<T> {
  let answer: Response
  try {
    answer = await fetch(path, { method: 'POST', ...request })
  } catch (trouble) {
    if (request.signal?.aborted) throw trouble
    throw new Refused(words.kamuriDoesNotAnswerIs, 0)
  }
  if (!answer.ok || !answer.body) throw refusal({ error: await answer.json(), response: answer })
  const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader()
  let rest = ''
  for (;;) {
    const { done: over, value } = await reader.read()
    if (over) return
    rest += value
    const parts = rest.split('\n\n')
    rest = parts.pop() ?? ''
    for (const part of parts) {
      const data = part.split('\n').find((line) => line.startsWith('data:'))
      if (data) yield JSON.parse(data.slice(5)) as T
    }
  }
}
