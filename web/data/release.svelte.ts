import type { Release } from '../words/documents'

/** What this device remembers: the release it last said what is new of. */
const SEEN = 'kontrast-release'
/** What nobody released has nothing new. */
const UNRELEASED = 'development'

function seen(): string | null {
  try {
    return localStorage.getItem(SEEN)
  } catch {
    return null
  }
}

function remember(version: string): void {
  try {
    localStorage.setItem(SEEN, version)
  } catch {
    // A browser that keeps nothing is told each time.
  }
}

/** Which program this is, and whether it is another one than the last time on this device. */
export class ThisRelease {
  value = $state.raw<Release | null>(null)
  /** What is new in it, until somebody has read it; empty where this device never saw an older one. */
  news = $state.raw<readonly string[]>([])

  start(release: Release): void {
    this.value = release
    if (release.version === UNRELEASED) return
    const before = seen()
    if (before !== null && before !== release.version) this.news = release.news
    if (this.news.length === 0) remember(release.version)
  }

  close(): void {
    this.news = []
    if (this.value) remember(this.value.version)
  }
}

export const release = new ThisRelease()
