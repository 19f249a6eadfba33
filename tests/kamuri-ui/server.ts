/** A stand-in for the server, to be imported before anything that asks it: answers as a test says, and keeps what it was asked. */
export interface Asked {
  method: string
  path: string
  body: unknown
}

export type Answer = { status?: number; body?: unknown } | 'out of reach'

export const asked: Asked[] = []
let answer: (question: Asked) => Answer | Promise<Answer> = () => 'out of reach'

/** From now on it answers so; what it was asked before is forgotten. */
export function answers(next: typeof answer) {
  answer = next
  asked.length = 0
}

const Real = globalThis.Request
// Pages ask by path alone, which only a browser completes.
globalThis.Request = class extends Real {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' ? new URL(input, 'http://kamuri.test') : input, init)
  }
}

globalThis.fetch = async (input, init) => {
  const request = input instanceof Request ? input : new Request(input, init)
  const { pathname, search } = new URL(request.url)
  const text = await request.text()
  const question = {
    method: request.method,
    path: pathname + search,
    body: text ? (JSON.parse(text) as unknown) : null,
  }
  asked.push(question)
  const got = await answer(question)
  if (got === 'out of reach') throw new TypeError('Failed to fetch')
  return new Response(got.body === undefined ? null : JSON.stringify(got.body), {
    status: got.status ?? 200,
    headers: { 'Content-Type': 'application/json' },
  })
}
