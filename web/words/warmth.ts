/**
 * What one calls a temperature of the water, each up to where it ends, °F: words to find one's way along the scale, no rule hangs on
 * them. Cold water asks for a life jacket from where the core's cautions begin. (Common practice, no source.)
 */
export const WARMTH_BANDS = [
  { name: 'cold', to: 50 },
  { name: 'cool', to: 60 },
  { name: 'warm', to: 80 },
  { name: 'hot', to: Infinity },
] as const
