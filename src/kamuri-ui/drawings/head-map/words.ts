import type { Parts } from '@/kit/texts'

export const headMap = {
  sectionNumberName: ({ number, name }: Parts<'number' | 'name'>) => `Section ${number}, ${name}`,
  nape: 'nape',
}
