import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import openapiTS, { astToString } from '../../src/kamuri-ui/node_modules/openapi-typescript'

const api = new URL('../../src/kamuri-ui/api/', import.meta.url)
const bare = (text: string) => text.replace(/\/\*\*[\s\S]*?\*\//g, '').replace(/[\s;"']/g, '')

it('the generated client is the one the committed document gives', async () => {
  const made = astToString(await openapiTS(JSON.parse(readFileSync(new URL('openapi.json', api), 'utf8'))))
  expect(bare(readFileSync(new URL('schema.d.ts', api), 'utf8'))).toBe(bare(made))
})
