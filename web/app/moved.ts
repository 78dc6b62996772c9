/** Where what once had an address of its own stands now. */
const MOVED: readonly (readonly [from: string, to: string])[] = [
  ['/advice', '/'],
  ['/build-sheet', '/tie/sheet'],
  ['/batch', '/tie/batch'],
  ['/depths', '/tie/depths'],
  ['/bench', '/tie'],
  ['/parts', '/box'],
  ['/trips', '/fish'],
  ['/logbook/waters', '/settings/waters'],
  ['/logbook/readings', '/settings/waters'],
  ['/logbook/analysis', '/learned/log'],
  ['/logbook', '/learned'],
]
/** Panels of the bench that have a place of their own. */
const MOVED_PANELS: Record<string, string> = { missing: '/box/buy', saved: '/tie/saved' }

/** The address that an old one leads to, with all it said beside the screen; null where it is none. */
export function movedTo(hash: string): string | null {
  const [path = '', ...said] = hash.replace(/^#/, '').split('?')
  const found = MOVED.find(([from]) => path === from || path.startsWith(`${from}/`))
  if (!found) return null
  const params = new URLSearchParams(said.join('?'))
  let to = path.replace(...found)
  // On a phone the advice lies in a strip, which it opened.
  if (path === '/advice') params.set('panel', ['answer', params.get('panel')].filter(Boolean).join())
  const moved = path === '/bench' ? MOVED_PANELS[params.get('panel') ?? ''] : undefined
  if (moved) {
    to = moved
    params.delete('panel')
  }
  return `#${to}${params.size > 0 ? `?${params.toString()}` : ''}`
}

/** Leads on from the old address that the page was opened with, and from every one that is followed into it. */
export function leadOn(): void {
  const lead = () => {
    const to = movedTo(location.hash)
    if (to) location.replace(to)
  }
  lead()
  addEventListener('hashchange', lead)
}
