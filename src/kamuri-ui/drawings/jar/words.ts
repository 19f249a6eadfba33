import type { Parts } from '@/kit/texts'

export const jar = {
  shareLeft: ({ share }: Parts<'share'>) => `${share} % left`,
}
