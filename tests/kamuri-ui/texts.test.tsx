// @vitest-environment jsdom
import { render } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { counted, listed, Rich, type Sentence } from '@/kit/texts'

type Catalogue = Record<string, unknown>
const catalogues = import.meta.glob<Catalogue>('../../src/kamuri-ui/**/words.ts', { eager: true })

/** Every sentence with parts, each part told apart from any text. */
const sentences = Object.entries(catalogues).flatMap(([file, groups]) =>
  Object.entries(groups).flatMap(([group, texts]) =>
    typeof texts === 'object' && texts !== null
      ? Object.entries(texts).flatMap(([key, text]) =>
          typeof text === 'function' ? [[`${file} ${group}.${key}`, text as Sentence<string>] as const] : [],
        )
      : [],
  ),
)

describe('the catalogues', () => {
  it('hold sentences whose every part is filled', () => {
    expect(sentences.length).toBeGreaterThan(100)
    for (const [id, sentence] of sentences) {
      const asked = new Set<string>()
      const parts = new Proxy({} as Record<string, string>, {
        get: (_, name) => {
          asked.add(String(name))
          return `‹${String(name)}›`
        },
      })
      const said = sentence(parts)
      for (const name of asked) expect(said, id).toContain(`‹${name}›`)
      expect(said, id).not.toMatch(/undefined|null|NaN|\s$|^\s| {2}/)
    }
  })
})

describe('a sentence', () => {
  it('takes elements as parts, in the order of its own words', () => {
    const of = ({ time, name }: Record<'name' | 'time', string | number>) => `Done by ${time}, says ${name}.`
    const { container } = render(<Rich of={of} parts={{ name: <b>Ada</b>, time: '17:40' }} />)
    expect(container.innerHTML).toBe('Done by 17:40, says <b>Ada</b>.')
  })

  it('counts and lists as people do', () => {
    expect([0, 1, 2].map((count) => counted(count, 'step', 'steps'))).toEqual([
      '0\u00a0steps',
      '1\u00a0step',
      '2\u00a0steps',
    ])
    expect([[], ['Ada'], ['Ada', 'Bo'], ['Ada', 'Bo', 'Cy']].map(listed)).toEqual([
      '',
      'Ada',
      'Ada and Bo',
      'Ada, Bo and Cy',
    ])
  })
})
