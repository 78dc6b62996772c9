import { readFileSync } from 'node:fs'
import { beforeAll, describe, expect, test } from 'vitest'
import { page } from '../../web/words/list.js'

describe('the list of all strings', () => {
  /** Every file is parsed once for all tests; a slow machine takes its time. */
  let said = ''
  let all = ''
  beforeAll(() => {
    said = page()
    all = said + readFileSync('docs/words/php.md', 'utf8')
  }, 120_000)

  test('is current: run ./kontrast schema after a change', () => {
    expect(readFileSync('docs/words/screens.md', 'utf8')).toBe(said)
  })

  test('has text, attributes, sentences in code and templates with what is filled in left open', () => {
    for (const one of ['What is the water like?', 'Save reading', 'Reading saved.', 'a bass makes it out from …'])
      expect(said).toContain(`- ${one}\n`)
  })

  test('has no word of the old dialect', () => {
    const OLD = new RegExp(
      String.raw`\b(carry away|put away|lay it|lost to sight|of sight|made out|told apart|a shade apart|carries further|spoke|voices?|` +
        String.raw`to be found|stands off|nobody knows|anew|meanwhile|is no colour|taken in|take in|one would|twice over)\b`,
      'i',
    )
    expect(all.split('\n').filter((line) => OLD.test(line))).toEqual([])
  })

  test('is in American spelling', () => {
    const BRITISH =
      /\b(\w*colour(s|ed|ing)?|grey|centimetres?|metres?|favourite|moulded|cancelled|licence|towards|afterwards)\b/i
    expect(
      all.split('\n').filter((line) => BRITISH.test(line) && !/`|Colour:|colour_|_colour|^- \w*Colour$/.test(line)),
    ).toEqual([])
  })
})
