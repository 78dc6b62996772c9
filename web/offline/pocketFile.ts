import type { Chart, PracticeSession, TripPack } from '../words/documents'

const SHELL = '/build/pocket.html'
/** Where the page holds the pack; see web/pocket. */
const PLACE = '"put the pack here"'

/** Where the page says which program made it. */
const PROGRAM = 'content="Kontrast"'

/** Waters to practice on, handed to a friend: answered with no server. */
export interface PracticeFile {
  kontrast_practice: 1
  units: 'us' | 'metric'
  waters: PracticeSession[]
  /** What is tied in one’s own water as it clears, by sky; the columns are as far as one sees in each. */
  chart: { title: string; columns: string[]; value: Chart }
}

/** The page that needs nothing but itself, with a pack or waters to practice on in it. */
export async function pocketFile(pack: TripPack | PracticeFile, version: string | undefined): Promise<string> {
  const answer = await fetch(SHELL)
  if (!answer.ok) throw new Error(`The pocket file could not be made (${answer.status}).`)
  const shell = await answer.text()
  // Inside a script element only "<" could end it early; a function, since a text would be read for $ signs.
  return shell
    .replace(PLACE, () => JSON.stringify(pack).replaceAll('<', '\\u003c'))
    .replace(PROGRAM, () => `content="Kontrast ${version ?? ''}"`)
}
