import { describe, expect, test } from 'vitest'
import type { Advice, Reading } from '../../web/words/documents'
import { page, picture, why } from '../../web/screens/water/why'

const reading = {
  visibility_in: 12,
  tint: 'tannic',
  sky: 'overcast',
  surface_f: 66,
  depth_ft: 4,
  cover: 'wood',
  forage: 'shad',
} as Reading
const advice = {
  lure: 'bladed_jig',
  intent: 'stand_out',
  blades: [{ finish: 'gold', darkened: false }],
  skirt: { base: 'chartreuse', accents: ['white'], belly: [] },
  wanted: { line: 'Stand out.' },
  reasons: [
    { pick: 'blades.finish', because: 'Brown water: gold.' },
    { pick: 'skirt.base', because: 'Dirty water: bright.' },
  ],
  disagreements: [],
} as unknown as Advice

describe('a pick explained to a friend', () => {
  test('in five sentences: water, light, forage, what it does, who would differ', () => {
    expect(why(advice, reading, false)).toEqual([
      'The water: 12 in of visibility, tea-stained water, 66 °F, 4 ft deep, wood.',
      'Overcast: gold on the blade. Brown water: gold.',
      'They eat shad: chartreuse with white. Dirty water: bright.',
      'Stand out.',
      'Everybody would tie the same here.',
    ])
    expect(why(advice, reading, true)[0]).toContain('30 cm of visibility')
  })

  test('and says who would differ, by what they hold with', () => {
    const others = [{ school: 'one_tone', value: 'match', because: '', picks: { pairing: ['match'] } }]
    const parted = {
      ...advice,
      disagreements: [{ question: 'pairing', chosen: 'ladder', others }],
    } as unknown as Advice
    expect(why(parted, reading, false).at(-1)).toBe(
      'Skirt and trailer: whoever says “Always one color” would take match.',
    )
  })

  test('on a page of its own without any script, under 300 kB', () => {
    const html = page(advice, ['<b> & "c"'], [['Blade', 'Gold']], '<svg xmlns="http://www.w3.org/2000/svg"/>')
    expect(html).not.toMatch(/<script|https?:\/\/(?!www\.w3\.org)/)
    expect(html).toContain('&lt;b> &amp; &quot;c&quot;')
    expect(html.length).toBeLessThan(300_000)
    expect(html).toContain('<td>Gold</td>')
  })

  test('and as one drawing with its picks', () => {
    const drawing = picture(advice, [['Blade', 'A & B']], '<svg viewBox="0 0 1 1"/>')
    expect(drawing).toContain('<tspan font-weight="700">Blade:</tspan> A &amp; B</text>')
    expect(drawing).toMatch(/<svg x="30" y="60" width="660" height="230" viewBox="0 0 1 1"\/>/)
  })
})
