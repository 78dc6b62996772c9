import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Entry } from './entry'

/** Where this device keeps what it may need with no signal, and what it has not sent yet. */
export interface Shelf {
  /** What waits to be sent, the oldest first. */
  waiting(): Promise<Entry[]>
  /** Is on disk when it resolves, so that a flat battery right after it loses nothing. */
  add(entry: Omit<Entry, 'key'>): Promise<Entry>
  put(entry: Entry): Promise<void>
  remove(key: number): Promise<void>
  keep(name: string, value: unknown): Promise<void>
  kept(name: string): Promise<unknown>
  forget(name: string): Promise<void>
  names(): Promise<string[]>
  /** Whether it outlives the page. */
  readonly lasts: boolean
}

const VERSION = 1

interface Stores extends DBSchema {
  waiting: { key: number; value: Omit<Entry, 'key'> }
  kept: { key: string; value: unknown }
}

/** In the browser's own database. */
class DatabaseShelf implements Shelf {
  readonly lasts = true
  constructor(private readonly database: IDBPDatabase<Stores>) {}

  static async open(name: string): Promise<DatabaseShelf> {
    const database = await openDB<Stores>(name, VERSION, {
      upgrade(made) {
        made.createObjectStore('waiting', { autoIncrement: true })
        made.createObjectStore('kept')
      },
    })
    return new DatabaseShelf(database)
  }

  async waiting(): Promise<Entry[]> {
    const store = this.database.transaction('waiting').store
    const [keys, values] = await Promise.all([store.getAllKeys(), store.getAll()])
    return keys.map((key, i) => ({ ...(values[i] as Omit<Entry, 'key'>), key }))
  }

  async add(entry: Omit<Entry, 'key'>): Promise<Entry> {
    const change = this.database.transaction('waiting', 'readwrite', { durability: 'strict' })
    const key = await change.store.add(entry)
    await change.done
    return { ...entry, key }
  }

  async put({ key, ...entry }: Entry): Promise<void> {
    await this.database.put('waiting', entry, key)
  }

  async remove(key: number): Promise<void> {
    await this.database.delete('waiting', key)
  }

  async keep(name: string, value: unknown): Promise<void> {
    await this.database.put('kept', value, name)
  }

  kept(name: string): Promise<unknown> {
    return this.database.get('kept', name)
  }

  async forget(name: string): Promise<void> {
    await this.database.delete('kept', name)
  }

  names(): Promise<string[]> {
    return this.database.getAllKeys('kept')
  }
}

/** Where the browser has no database for a page like this: as long as the page is open. */
export class MemoryShelf implements Shelf {
  readonly lasts = false
  #next = 1
  #waiting = new Map<number, Entry>()
  #kept = new Map<string, unknown>()

  waiting(): Promise<Entry[]> {
    return Promise.resolve([...this.#waiting.values()])
  }

  add(entry: Omit<Entry, 'key'>): Promise<Entry> {
    const added = { ...entry, key: this.#next++ }
    this.#waiting.set(added.key, added)
    return Promise.resolve(added)
  }

  put(entry: Entry): Promise<void> {
    this.#waiting.set(entry.key, entry)
    return Promise.resolve()
  }

  remove(key: number): Promise<void> {
    this.#waiting.delete(key)
    return Promise.resolve()
  }

  keep(name: string, value: unknown): Promise<void> {
    this.#kept.set(name, value)
    return Promise.resolve()
  }

  kept(name: string): Promise<unknown> {
    return Promise.resolve(this.#kept.get(name))
  }

  forget(name: string): Promise<void> {
    this.#kept.delete(name)
    return Promise.resolve()
  }

  names(): Promise<string[]> {
    return Promise.resolve([...this.#kept.keys()])
  }
}

/** The browser's database of this name; one in memory where it has none for this page. */
export async function openShelf(name: string): Promise<Shelf> {
  try {
    return await DatabaseShelf.open(name)
  } catch {
    return new MemoryShelf()
  }
}
