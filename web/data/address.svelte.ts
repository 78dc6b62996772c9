import type { Reading } from '../words/documents'

/** Written beside an entry of the history by this page, so that it can tell its own addresses from a link that was followed. */
const OURS = { kontrast: true }

type Fields = Record<string, unknown>

/** The part of the address behind "#/path?". */
export function paramsOf(hash: string): URLSearchParams {
  const at = hash.indexOf('?')
  // eslint-disable-next-line svelte/prefer-svelte-reactivity -- read once, never watched
  return new URLSearchParams(at < 0 ? '' : hash.slice(at + 1))
}

const text = (value: unknown) => (typeof value === 'string' ? value : JSON.stringify(value))

/** A word stays a word; everything else is JSON. */
function value(text: string): unknown {
  try {
    return JSON.parse(text) as unknown
  } catch {
    return text
  }
}

/** The fields of a document as parameters: "r.sky=sun". What is empty is left out. */
export function toParams(prefix: string, fields: Fields): [string, string][] {
  return Object.entries(fields)
    .filter(([, one]) => one !== null && one !== undefined && text(one) !== '[]' && text(one) !== '{}')
    .map(([field, one]) => [`${prefix}.${field}`, text(one)])
}

/** The fields of a document out of parameters; null where there are none. */
export function fromParams(prefix: string, params: URLSearchParams): Fields | null {
  const entries = [...params].filter(([name]) => name.startsWith(`${prefix}.`))
  return entries.length > 0
    ? Object.fromEntries(entries.map(([name, one]) => [name.slice(prefix.length + 1), value(one)]))
    : null
}

/** What the address says beside the screen: the open panel, and the reading and the build as a link that can be shared. */
class Address {
  /** The open panels of the screen, by name. */
  panels = $state.raw<readonly string[]>([])
  /** The build that is shown, for a link that can be shared. */
  build = $state.raw<readonly [string, string][]>([])
  /** A link that was followed into this page, not written by it; taken once. */
  followed = $state.raw<URLSearchParams | null>(null)

  start(): void {
    const [entry] = performance.getEntriesByType('navigation')
    const isFollowed = !(entry instanceof PerformanceNavigationTiming) || entry.type === 'navigate'
    this.#read(isFollowed)
    addEventListener('popstate', (event) => this.#read(!isOurs(event.state)))
  }

  /** Opens these panels and no others, so that Back has those from before again. */
  show(panels: readonly string[]): void {
    if (panels.join() === this.panels.join()) return
    this.panels = panels
    const params = paramsOf(location.hash)
    if (panels.length > 0) params.set('panel', panels.join())
    else params.delete('panel')
    history.pushState({ ...OURS }, '', `${path()}?${params.toString()}`)
  }

  toggle(panel: string, isOpen: boolean): void {
    this.show(isOpen ? [...new Set([...this.panels, panel])] : this.panels.filter((other) => other !== panel))
  }

  /** Keeps the reading and the build in the address of the present screen. */
  keep(reading: Reading): void {
    const params = new URLSearchParams([
      ...(this.panels.length > 0 ? [['panel', this.panels.join()]] : []),
      ...toParams('r', reading as Fields),
      ...this.build,
    ])
    const next = `${path()}?${params.toString()}`
    if (next === location.hash && isOurs(history.state)) return
    history.replaceState({ ...(history.state as object | null), ...OURS }, '', next)
  }

  #read(isFollowed: boolean): void {
    const params = paramsOf(location.hash)
    this.panels = (params.get('panel') ?? '').split(',').filter(Boolean)
    if (isFollowed && [...params.keys()].some((name) => name.startsWith('r.') || name.startsWith('b.'))) {
      this.followed = params
    }
  }
}

const path = () => (location.hash || '#/').replace(/\?.*$/, '')
const isOurs = (state: unknown) => typeof state === 'object' && state !== null && 'kontrast' in state

export const address = new Address()
