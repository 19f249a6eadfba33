import { Fragment, type ReactNode } from 'react'

/** The named parts of a sentence, already as people read them. */
export type Parts<Name extends string> = Record<Name, string | number>

/** A sentence with its named parts; the catalogues (`words.ts`) hold nothing else but these and plain texts. */
export type Sentence<Name extends string> = (parts: Parts<Name>) => string

/** A sentence some of whose parts are elements, such as a link or a field. */
export function Rich<Name extends string>({ of, parts }: { of: Sentence<Name>; parts: Record<Name, ReactNode> }) {
  const names = Object.keys(parts) as Name[]
  const marked = of(Object.fromEntries(names.map((name, n) => [name, `\u0001${n}\u0001`])) as Parts<Name>)
  return marked
    .split('\u0001')
    .map((piece, n) => <Fragment key={n}>{n % 2 ? parts[names[Number(piece)]!] : piece}</Fragment>)
}

/** "1 step", "3 steps". */
export const counted = (count: number, one: string, many: string) => `${count}\u00a0${count === 1 ? one : many}`

/** "Ada", "Ada and Bo", "Ada, Bo and Cy". */
export const listed = (names: readonly string[]) =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`

/** Sentences one after the other, whether or not each has its full stop yet. */
export const sentences = (parts: readonly string[]) =>
  parts
    .filter((part) => part !== '')
    .map((part) => (/[.?!]$/.test(part) ? part : `${part}.`))
    .join(' ')
