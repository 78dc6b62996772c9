const BROWSERS: [RegExp, string][] = [
  [/Firefox\//, 'Firefox'],
  [/Edg\//, 'Edge'],
  [/Chrome\//, 'Chrome'],
  [/Safari\//, 'Safari'],
]
const SYSTEMS: [RegExp, string][] = [
  [/Android/, 'Android'],
  [/iPhone|iPad/, 'iPhone or iPad'],
  [/Windows/, 'Windows'],
  [/Mac OS X/, 'Mac'],
  [/Linux/, 'Linux'],
]

/** What a browser says of itself, in words: “Chrome on Android”. */
export function deviceWords(agent: string): string {
  const named = (all: [RegExp, string][]) => all.find(([pattern]) => pattern.test(agent))?.[1]
  const browser = named(BROWSERS)
  const system = named(SYSTEMS)
  if (!browser && !system) return agent.slice(0, 40) || 'Unknown device'
  return [browser ?? 'A browser', system].filter(Boolean).join(' on ')
}
