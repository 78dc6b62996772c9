/** A lure and a water to note, valid as they are. */
export const BUILD = {
  lure: 'jig',
  head: { kind: 'head', name: '3/8 black', weight_oz: 0.375, colour: 'black', lures: ['jig'] },
  skirt: { kind: 'skirt', name: 'Black skirt', colour: 'black' },
}
export const READING = {
  lure: 'any',
  visibility_in: 22,
  tint: 'tannic',
  sky: 'broken',
  wind: 'ripple',
  depth_ft: 4,
  season: 'spring',
  cover: 'wood',
  cover_density: 'normal',
  red_crawfish: false,
  forage: 'bluegill',
  bite: 'normal',
  bass: 'largemouth',
}
