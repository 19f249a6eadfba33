import type { EventBody } from '@/api/client'

/** An id that no other device makes. Pages of the home network have no randomUUID, which wants an encrypted page. */
export function newId(): string {
  if (typeof crypto.randomUUID === 'function') return crypto.randomUUID()
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  bytes[6] = (bytes[6]! & 0x0f) | 0x40
  bytes[8] = (bytes[8]! & 0x3f) | 0x80
  const hex = Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('')
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`
}

/** What was pressed and has not got through, in order. Kept on the device, so that a closed page loses nothing. */
export class Waiting {
  private readonly place: string
  private list: EventBody[]

  constructor(session: string) {
    this.place = `kamuri.waiting.${session}`
    this.list = this.read()
  }

  get first(): EventBody | undefined {
    return this.list[0]
  }

  get count() {
    return this.list.length
  }

  get all(): readonly EventBody[] {
    return this.list
  }

  add(press: EventBody) {
    this.list = [...this.list, press]
    this.keep()
  }

  /** The first was answered. */
  drop() {
    this.list = this.list.slice(1)
    this.keep()
  }

  private read(): EventBody[] {
    try {
      return JSON.parse(localStorage.getItem(this.place) ?? '[]') as EventBody[]
    } catch {
      return []
    }
  }

  private keep() {
    if (this.list.length === 0) localStorage.removeItem(this.place)
    else localStorage.setItem(this.place, JSON.stringify(this.list))
  }
}
