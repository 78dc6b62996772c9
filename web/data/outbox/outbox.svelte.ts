import type { Outing, Problem } from '../../words/documents'
import { wrote, type Changes } from '../cache'
import { api, versionOf } from '../client'
import { now } from '../../words/clock'
import { applied } from './apply'
import { changesOf } from './changes'
import { isDoneAlready, isOuting, outingOf, send, type Entry, type Write } from './entry'
import { rejoined } from './joined'
import { waits } from './patience'
import { reach } from '../reach.svelte'
import { openShelf, type Shelf } from './shelf'
import { markWaiting } from './waits'

const NAME = 'kontrast'
const LOCK = 'kontrast-outbox'
/** How long one may take, a picture over a poor signal too: a request that hangs must not hold up those after it. (Chosen.) */
const MOST_MS = 60_000
const KNOWN = 'outing:'
/** Asked to learn whether the server is there again. */
const KNOCK = '/api/access'

/** With the server's answer and the version it names; null where another tab of the browser has sent it. */
type Sent = (write: Write, answer: unknown, version: number | null) => void

/**
 * What was noted on this device: on disk before anything else happens to it, then sent in the order it was noted, one at a time, and taken
 * off only when the server has it. One tab of the browser sends for all.
 */
export class Outbox {
  entries = $state.raw<readonly Entry[]>([])
  #shelf: Promise<Shelf>
  #sending: Promise<void> | null = null
  /** Somebody asked to send while it was sent: what came since goes too. */
  #isAskedAgain = false
  /** Counts what happened to the entries, so that a list read meanwhile is not taken for the newest. */
  #changes = 0
  #sent: Sent[] = []
  #refused: ((entry: Entry) => void)[] = []
  /** What was changed by what was sent, and is told when all of it was. */
  #changed: Exclude<Changes, 'everything'> = []
  /** Nothing is ever sent: there is no server to be reached from here. */
  isOnlyKept = false
  /** Whether the browser keeps it when the page is closed. */
  lasts = $state(true)

  waiting = $derived(this.entries.filter((entry) => !entry.problem))
  refused = $derived(this.entries.filter((entry) => entry.problem))

  constructor(shelf: () => Promise<Shelf> = () => openShelf(NAME)) {
    this.#shelf = shelf()
  }

  /** What is told of each write that the server has taken. */
  whenSent(listener: Sent): void {
    this.#sent.push(listener)
  }

  whenRefused(listener: (entry: Entry) => void): void {
    this.#refused.push(listener)
  }

  /** Reads what waits, and begins to send it. */
  async start(): Promise<void> {
    const shelf = await this.#shelf
    this.lasts = shelf.lasts
    await this.#read()
    reach.whenBack(() => void this.send())
    addEventListener('online', () => void this.send())
    setInterval(() => {
      if (this.waiting.length > 0) void this.send()
      else if (reach.isAway && !this.isOnlyKept) void api.GET(KNOCK).catch(() => undefined)
    }, waits().tryAgain)
    void this.send()
  }

  /** Resolves when it is on disk. */
  async add(write: Write): Promise<void> {
    const shelf = await this.#shelf
    // What a screen holds is watched for changes, and the database takes only plain data.
    const entry = await shelf.add({ at: now(), write: $state.snapshot(write) as Write })
    this.#alter((entries) => [...entries.filter((one) => one.key !== entry.key), entry])
  }

  /** Keeps only the newest of its kind: what is replaced as a whole anyway. */
  async replace(write: Write): Promise<void> {
    await this.drop(write.kind)
    await this.add(write)
  }

  /** Lets go of what waits of a kind, where something newer was stored. */
  async drop(kind: Write['kind']): Promise<void> {
    for (const entry of this.entries.filter((one) => one.write.kind === kind)) await this.discard(entry.key)
  }

  async discard(key: number): Promise<void> {
    await (await this.#shelf).remove(key)
    this.#alter((entries) => entries.filter((entry) => entry.key !== key))
  }

  /** Tries one again that was refused, with another write in its place where one is given. */
  async retry(entry: Entry, write: Write = entry.write): Promise<void> {
    await this.#replace(entry, write)
    await this.send()
  }

  /** The outing as it is with all that waits; null where it is not known on this device. */
  async outing(id: string): Promise<Outing | null> {
    const known = (await this.kept<Outing>(KNOWN + id)) ?? null
    const begun = this.entries.find((entry) => entry.write.kind === 'outing' && entry.write.outing === id)?.write
    const base = known ?? (begun?.kind === 'outing' ? { ...begun.body, id } : null)
    return base && this.withWaiting(base)
  }

  /** Whether something noted in an outing has not been sent yet. */
  isWaitingFor(outing: string): boolean {
    return this.waiting.some((entry) => outingOf(entry.write) === outing)
  }

  withWaiting(outing: Outing): Outing {
    return this.waiting
      .filter((entry) => outingOf(entry.write) === outing.id)
      .reduce((sum, entry) => applied(sum, entry.write), outing)
  }

  /** Keeps what the server says of an outing, for when it can no longer be asked. */
  know(outing: Outing): Promise<void> {
    return this.keep(KNOWN + (outing.id ?? ''), outing)
  }

  async keep(name: string, value: unknown): Promise<void> {
    await (await this.#shelf).keep(name, $state.snapshot(value))
  }

  async kept<T>(name: string): Promise<T | undefined> {
    return (await (await this.#shelf).kept(name)) as T | undefined
  }

  async forget(name: string): Promise<void> {
    await (await this.#shelf).forget(name)
  }

  async namesOf(prefix: string): Promise<string[]> {
    return (await (await this.#shelf).names()).filter((name) => name.startsWith(prefix))
  }

  /** Sends what waits, as far as the server takes it now; resolves when that is done. */
  send(): Promise<void> {
    if (this.isOnlyKept) return Promise.resolve()
    if (this.#sending) this.#isAskedAgain = true
    this.#sending ??= this.#sendUntilNobodyAsks()
    return this.#sending
  }

  async #sendUntilNobodyAsks(): Promise<void> {
    try {
      do {
        this.#isAskedAgain = false
        await this.#alone(() => this.#sendAll())
      } while (this.#isAskedAgain)
    } finally {
      // At once after the last look, so that nobody asks in between and is not heard.
      this.#sending = null
    }
    // Not part of it: what is read again then may wait for it itself.
    const changes = this.#changed.filter((one, i, all) => all.indexOf(one) === i)
    this.#changed = []
    if (changes.length > 0) void wrote(changes)
  }

  /** Two tabs that send at once would send everything twice, which is harmless but no use: one waits, and sends what is left. */
  async #alone(work: () => Promise<void>): Promise<void> {
    if (!('locks' in navigator)) return work()
    await navigator.locks.request(LOCK, work)
  }

  async #sendAll(): Promise<void> {
    await this.#read()
    let next = this.waiting[0]
    while (next && (await this.#sendOne(next))) next = this.waiting[0]
  }

  /** @returns whether to go on with the one after it */
  async #sendOne(entry: Entry): Promise<boolean> {
    let data: unknown
    let error: unknown
    let response: Response
    try {
      ;({ data, error, response } = await send(entry.write, AbortSignal.timeout(MOST_MS)))
    } catch {
      reach.away()
      return false
    }
    const problem = (error ?? {}) as Partial<Problem>
    const codes = (problem.faults ?? []).map((fault) => fault.code)
    if (response.ok || isDoneAlready(entry.write, response.status, codes)) {
      // First, so that a note is never on neither: sent again it changes nothing.
      await this.#learn(entry.write, data)
      await this.discard(entry.key)
      this.#tell(entry.write, data, versionOf(response))
      return true
    }
    // Signed out, busy, or broken: it stays, and is sent later.
    if (response.status === 401 || response.status === 429 || response.status >= 500) return false
    const theirs = problem.code === 'stale' ? problem.current : undefined
    const again = theirs && rejoined(entry.write, { value: theirs, version: versionOf(response) })
    if (again) {
      await this.#replace(entry, again)
      return true
    }
    const says = problem.detail ?? `Kontrast refused it (${response.status}).`
    const faults = (problem.faults ?? []).map((fault) => fault.message).join(' ')
    const refused: Entry = {
      ...entry,
      problem: faults || says,
      ...(theirs ? { theirs, theirVersion: versionOf(response) } : {}),
    }
    await (await this.#shelf).put(refused)
    this.#alter((entries) => entries.map((one) => (one.key === entry.key ? refused : one)))
    for (const listener of this.#refused) listener(refused)
    return true
  }

  /** Whoever looks at it or not, the outing that is kept here has what was sent. */
  async #learn(write: Write, data: unknown): Promise<void> {
    if (isOuting(data)) return this.know(data)
    const id = outingOf(write)
    const known = id === null ? undefined : await this.kept<Outing>(KNOWN + id)
    if (known) await this.know(applied(known, write))
  }

  /** One with another write in its place, and nothing said against it any more. */
  async #replace({ key, at }: Entry, write: Write): Promise<void> {
    await (await this.#shelf).put({ key, at, write: $state.snapshot(write) as Write })
    await this.#read()
  }

  #tell(write: Write, data: unknown, version: number | null): void {
    const changes = changesOf(write)
    if (changes !== 'everything') this.#changed = [...this.#changed, ...changes]
    for (const listener of this.#sent) listener(write, data, version)
  }

  #alter(change: (entries: readonly Entry[]) => readonly Entry[]): void {
    this.#changes++
    this.#take(change(this.entries))
  }

  #take(entries: readonly Entry[]): void {
    this.entries = entries
    if (!this.isOnlyKept) markWaiting(entries.length > 0)
  }

  /** Another tab may have added some, or sent them. */
  async #read(): Promise<void> {
    const shelf = await this.#shelf
    let before: number
    let entries: readonly Entry[]
    do {
      before = this.#changes
      entries = await shelf.waiting()
    } while (before !== this.#changes)
    const elsewhere = this.waiting.filter((entry) => entries.every((one) => one.key !== entry.key))
    this.#take(entries)
    for (const entry of elsewhere) this.#tell(entry.write, null, null)
  }
}

export const outbox = new Outbox()
