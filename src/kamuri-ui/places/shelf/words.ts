import type { ProductBody } from '@/api/client'

export const roles: { value: ProductBody['role']; word: string }[] = [
  { value: 'shampoo', word: 'Shampoo' },
  { value: 'clarifying', word: 'Clarifying shampoo' },
  { value: 'coWash', word: 'Co-wash' },
  { value: 'rinseOut', word: 'Rinse-out conditioner' },
  { value: 'deepConditioner', word: 'Deep conditioner' },
  { value: 'protein', word: 'Protein treatment' },
  { value: 'leaveIn', word: 'Leave-in' },
  { value: 'oil', word: 'Oil' },
  { value: 'butter', word: 'Butter' },
  { value: 'cream', word: 'Cream' },
  { value: 'gel', word: 'Gel' },
  { value: 'edge', word: 'Edge control' },
  { value: 'liquid', word: 'Liquid or refresh' },
  { value: 'powder', word: 'Powder' },
  { value: 'clay', word: 'Clay' },
  { value: 'tea', word: 'Tea' },
]

export const roleWord = (role: ProductBody['role']) => roles.find((each) => each.value === role)?.word ?? role
