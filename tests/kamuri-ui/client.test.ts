import { answers } from './server'
import { describe, expect, it, vi } from 'vitest'
import { api, done, onShutOut, Refused, stream, told } from '../../src/kamuri-ui/api/client'

const refusal = async (promise: Promise<unknown>) => {
  const error: unknown = await promise.then(
    () => null,
    (reason: unknown) => reason,
  )
  expect(error).toBeInstanceOf(Refused)
  return error as Refused
}

describe('what the server says', () => {
  it('is the data where there is some', async () => {
    answers(() => ({ body: [{ id: 'ada' }] }))
    expect(await told(api.GET('/api/heads'))).toEqual([{ id: 'ada' }])
  })

  it('is a sentence at a field before one for all', async () => {
    answers(() => ({ status: 400, body: { title: 'Not valid.', errors: { name: ['Give it a name.'] } } }))
    const refused = await refusal(told(api.GET('/api/heads')))
    expect([refused.message, refused.status, refused.fields]).toEqual([
      'Give it a name.',
      400,
      { name: ['Give it a name.'] },
    ])
  })

  it.each([
    [{ title: 'Gone.', detail: 'That head is gone.' }, 'That head is gone.'],
    [{ title: 'Gone.' }, 'Gone.'],
    [undefined, 'Something went wrong.'],
  ])('is read from %j', async (body, sentence) => {
    answers(() => ({ status: 404, body }))
    expect((await refusal(told(api.GET('/api/heads')))).message).toBe(sentence)
  })

  it('is that it does not answer where it is out of reach', async () => {
    answers(() => 'out of reach')
    const refused = await refusal(told(api.GET('/api/heads')))
    expect([refused.status, refused.message]).toEqual([0, 'Kamuri does not answer. Is it still running?'])
  })

  it('may be nothing, which is well', async () => {
    answers(() => ({ status: 204 }))
    await expect(done(api.POST('/api/access/leave'))).resolves.toBeUndefined()
    answers(() => ({ status: 409, body: { detail: 'Not now.' } }))
    expect((await refusal(done(api.POST('/api/access/leave')))).message).toBe('Not now.')
  })

  it('tells the page when the passcode was changed meanwhile', async () => {
    const shut = vi.fn()
    const noMore = onShutOut(shut)
    answers(() => ({ status: 401, body: { detail: 'Enter first.' } }))
    await refusal(told(api.GET('/api/heads')))
    expect(shut).toHaveBeenCalledTimes(1)
    noMore()
    await refusal(told(api.GET('/api/heads')))
    expect(shut).toHaveBeenCalledTimes(1)
  })
})

describe('a search that tells how far it is', () => {
  const pieces = (...parts: string[]) =>
    new Response(
      new ReadableStream({
        start(to) {
          parts.forEach((part) => to.enqueue(new TextEncoder().encode(part)))
          to.close()
        },
      }),
    )
  const read = async (answer: Response | Error) => {
    vi.stubGlobal('fetch', () => (answer instanceof Error ? Promise.reject(answer) : Promise.resolve(answer)))
    const got: unknown[] = []
    try {
      for await (const each of stream('/api/household-plans/longer', {})) got.push(each)
    } finally {
      vi.unstubAllGlobals()
    }
    return got
  }

  it('is read event by event, wherever the network parts it', async () => {
    const got = await read(pieces('event: p\nda', 'ta: {"share":0.5}\n', '\ndata: {"share":1}\n\n', ': still here\n\n'))
    expect(got).toEqual([{ share: 0.5 }, { share: 1 }])
  })

  it('is refused in a sentence, and out of reach in another', async () => {
    const problem = new Response(JSON.stringify({ detail: 'Too many heads.' }), { status: 400 })
    expect((await refusal(read(problem))).message).toBe('Too many heads.')
    expect((await refusal(read(new TypeError('Failed to fetch')))).status).toBe(0)
  })
})
