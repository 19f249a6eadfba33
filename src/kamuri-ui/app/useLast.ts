import { useState } from 'react'

/** The last value there was; a value that is not known just now does not make it forgotten. */
export function useLast<T extends string | number | boolean>(value: T | undefined): T | undefined {
  const [last, setLast] = useState(value)
  if (value !== undefined && value !== last) setLast(value)
  return value ?? last
}
