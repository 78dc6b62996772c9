import { LIMITS } from './vocabulary'

/** A figure or word that is not everyday, with what it means in a few short sentences. */
export interface Term {
  title: string
  meaning: readonly string[]
}

export type TermName = 'contrast' | 'visible' | 'flash' | 'jnd' | 'separate' | 'looks' | 'hand' | 'firmness' | 'score'

export const TERMS: Record<TermName, Term> = {
  contrast: {
    title: 'Contrast',
    meaning: [
      'How much brighter or darker a part is than the water behind it.',
      '+1 is twice as bright as the water, 0 is the same, −0.5 is half as bright.',
      'It shrinks with distance, because the water between adds its own light.',
    ],
  },
  visible: {
    title: 'A bass makes it out from',
    meaning: [
      'The distance from which a bass makes the part out in this water. From farther away it is gone.',
      'The figures in parentheses are how uncertain the model is.',
    ],
  },
  flash: {
    title: 'When it flashes',
    meaning: [
      'A metal blade mirrors the brightest light for a moment as it turns. A bass makes it out from farther than the blade itself.',
    ],
  },
  jnd: {
    title: 'JND: just-noticeable difference',
    meaning: [
      'One JND is the smallest difference a bass can just see between two colors.',
      `Up to ${LIMITS.oneUpTo} the two look the same, up to ${LIMITS.closeUpTo} they are close shades.`,
      `Above ${LIMITS.twoUpTo} they are very different.`,
    ],
  },
  separate: {
    title: 'Separate to (split range)',
    meaning: [
      'The distance up to which a bass sees two colors. Farther away the two blend into one.',
      'For an accent this is how close a fish has to be to notice it.',
    ],
  },
  looks: {
    title: 'Looks like',
    meaning: [
      'How two parts look to a bass next to each other, a short distance away in this water.',
      'From least to most different: one color, close shades, two colors, two very different colors.',
    ],
  },
  hand: {
    title: 'In the hand (ΔE)',
    meaning: [
      'How different two colors look to you in daylight, out of the water.',
      'About 1 is the smallest difference you would notice side by side; 50 is black next to a mid gray.',
    ],
  },
  firmness: {
    title: 'Firm, usual, toss-up',
    meaning: [
      'How sure a pick is. Firm: the rules that want it are far ahead.',
      'Usual: it leads clearly, but another choice has votes too.',
      'Toss-up: the runner-up is nearly as good. Use whichever you have.',
    ],
  },
  score: {
    title: 'Score',
    meaning: [
      'How close a build comes to what the rules and the model want for this reading. 100 is everything as advised.',
      'It compares builds with each other. It does not predict a catch.',
    ],
  },
}
