import type { z } from 'zod'

/**
 * Something that is kept on this device. It carries a version, and what this version does not understand is dropped when it is
 * read: nothing of it is shown, and nothing of it is sent.
 */
export class Kept<T> {
  constructor(
    private readonly name: string,
    private readonly version: number,
    private readonly shape: z.ZodType<T>,
  ) {}

  /** What is kept; null when nothing is, or nothing that can be understood. */
  read(): T | null {
    const text = localStorage.getItem(this.name)
    if (text === null) return null
    const found = this.shape.safeParse(this.opened(text))
    if (found.success) return found.data
    localStorage.removeItem(this.name)
    return null
  }

  write(value: T) {
    localStorage.setItem(this.name, JSON.stringify({ version: this.version, value }))
  }

  drop() {
    localStorage.removeItem(this.name)
  }

  /** The value of this version. What was kept before there were versions stood by itself, in the shape of the first. */
  private opened(text: string): unknown {
    try {
      const read = JSON.parse(text) as unknown
      if (typeof read !== 'object' || read === null || !('version' in read) || !('value' in read)) return read
      return read.version === this.version ? read.value : undefined
    } catch {
      return text
    }
  }
}
