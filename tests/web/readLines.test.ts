import { expect, test } from 'vitest'
import type { InventoryPart, ReadPartLine } from '../../web/words/documents'
import { blank } from '../../web/words/part'
import { isWaiting, partOf, unknownWords } from '../../web/screens/box/readLines'

const skirt = (colour: string | null): InventoryPart => ({ ...blank('skirt'), name: 'Skirt', colour })
const line = (part: InventoryPart | null, unknown: string[] = []): ReadPartLine => ({
  line: 1,
  text: 'a line',
  part,
  assumed: [],
  unknown,
  problem: part ? null : 'Say what it is.',
  glosses: unknown.flatMap((text) => [
    { text, means: null, unknown: true },
    { text: ' ', means: null, unknown: false },
  ]),
})
const only = (...colours: ('black' | 'orange')[]) => ({ colours, isLeftOut: false })

test('a part that is wholly understood goes in as it is', () => {
  const whole = line(skirt('white'))
  expect(isWaiting(whole, undefined)).toBe(false)
  expect(partOf(whole, undefined)).toEqual(skirt('white'))
})

test('a part without a color waits for one, and no word of it is guessed', () => {
  const okie = line(skirt(null), ['okie'])
  expect(partOf(okie, undefined)).toBeNull()
  expect(partOf(okie, { colours: null, isLeftOut: false })).toBeNull()
  expect(partOf(okie, only('black', 'orange'))).toMatchObject({
    colour: 'black',
    accents: ['orange'],
    name: 'Skirt, black with orange',
  })
})

test('a word beside a color is one more, or says nothing', () => {
  const sparkly = line(skirt('white'), ['sparkly'])
  expect(isWaiting(sparkly, undefined)).toBe(true)
  expect(partOf(sparkly, { colours: null, isLeftOut: false })).toMatchObject({ colour: 'white', accents: [] })
  expect(partOf(sparkly, only('orange'))).toMatchObject({ colour: 'white', accents: ['orange'] })
})

test('what is left out waits no longer and is no part', () => {
  for (const one of [line(null), line(skirt(null), ['okie'])]) {
    expect(isWaiting(one, undefined)).toBe(true)
    expect(isWaiting(one, { colours: null, isLeftOut: true })).toBe(false)
    expect(partOf(one, { colours: null, isLeftOut: true })).toBeNull()
  }
})

test('a blade may be of metal or painted', () => {
  expect(isWaiting(line({ ...blank('blade'), metal: null }), undefined)).toBe(true)
  expect(isWaiting(line({ ...blank('blade'), metal: 'gold' }), undefined)).toBe(false)
  expect(isWaiting(line({ ...blank('blade'), metal: null, colour: 'white' }), undefined)).toBe(false)
  expect(isWaiting(line(blank('bead')), undefined)).toBe(false)
})

test('unknown words that stand beside each other are one name', () => {
  expect(unknownWords(line(skirt(null), ['midnight', 'special']))).toBe('midnight special')
})
