import type { Settings } from '../words/documents'
import type { Changes } from './cache'
import { api, ifMatch, versioned } from './client'
import { isSame } from './merge'
import { Whole } from './whole.svelte'

const PATH = '/api/settings'

/** What of the answers is another with other choices: every sentence that holds a quantity says it in the units. */
function changes(before: Settings | null, now: Settings): Changes {
  if (before?.units !== now.units) return 'everything'
  const votes = (one: Settings | null) => [one?.log_says, one?.trusted, one?.doubted].map((list) => list ?? [])
  return ['gear', ...(isSame(votes(before), votes(now)) ? [] : (['votes'] as const))]
}

/** The angler's standing choices, kept by the server and applied at once. */
class Choices {
  #whole = new Whole<Settings>({
    name: 'settings',
    read: () => versioned<Settings>(api.GET(PATH)),
    put: async (body, version) =>
      (await versioned(api.PUT(PATH, { body, keepalive: true, headers: ifMatch(version) }))).version,
    changes,
    compared: {
      called: 'your settings',
      fields: ({ schools, ...own }) => ({ ...own, ...schools }),
      withFields: (theirs, fields, mine) => {
        const schools = Object.keys({ ...theirs.schools, ...mine.schools })
        const of = (isSchool: boolean) =>
          Object.fromEntries(Object.entries(fields).filter(([field]) => schools.includes(field) === isSchool))
        return { ...theirs, ...of(false), schools: of(true) }
      },
    },
  })

  get value(): Settings | null {
    return this.#whole.value
  }

  get metric(): boolean {
    return this.value?.units === 'metric'
  }

  /** Those that came along with the page. */
  start(value: Settings, version: number): void {
    this.#whole.start(value, version)
  }

  load(): Promise<unknown> {
    return this.#whole.query.now()
  }

  change(change: Partial<Settings>): void {
    if (this.value) this.#whole.set({ ...this.value, ...change })
  }
}

export const settings = new Choices()
