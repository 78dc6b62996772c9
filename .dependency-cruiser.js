import { readdirSync } from 'node:fs'

/** The rooms of the front end from the ground up: each may use those before it, and none after it. */
const ROOMS = ['words', 'data', 'ui', 'lure', 'parts', 'preview', 'offline', 'screens', 'pocket', 'app']

const layers = ROOMS.slice(0, -1).map((room, i) => ({
  name: `${room}-lies-below`,
  severity: 'error',
  from: { path: `^web/${room}/` },
  to: { path: `^web/(${ROOMS.slice(i + 1).join('|')})/` },
}))

const screens = readdirSync('web/screens').map((screen) => ({
  name: 'no-screen-imports-another',
  comment: 'What two need lies below them.',
  severity: 'error',
  from: { path: `^web/screens/${screen}/` },
  to: { path: '^web/screens/', pathNot: `^web/screens/${screen}/` },
}))

/** @type {import('dependency-cruiser').IConfiguration} */
export default {
  forbidden: [
    ...layers,
    ...screens,
    { name: 'no-circle', severity: 'error', from: { path: '^web/' }, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { extensions: ['.ts', '.svelte.ts', '.svelte', '.js'] },
  },
}
