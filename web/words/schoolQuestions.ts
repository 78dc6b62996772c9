import type { Schools } from './documents'

interface Question {
  key: keyof Schools
  label: string
  schools: [string, string][]
}

/** The questions on which builders disagree, and what each school says in a few words. */
export const QUESTIONS: Question[] = [
  {
    key: 'pairing',
    label: 'Skirt and trailer',
    schools: [
      ['ladder', 'Match in clear water, contrast in dirty water'],
      ['one_tone', 'Always one color'],
      ['forage_mix', 'One color family with an accent'],
    ],
  },
  {
    key: 'finish',
    label: 'Blade finish',
    schools: [
      ['water_then_sun', 'By water, but by sun in muddy and very clear water'],
      ['water', 'By water only'],
      ['sun', 'By sun only'],
      ['two_blade', 'Carry two blades: dull and gold'],
      ['hot_mud', 'Hot paint in mud, whatever the sky'],
    ],
  },
  {
    key: 'dirty',
    label: 'Base color in dirty water',
    schools: [
      ['dark', 'Dark'],
      ['bright', 'Bright'],
      ['natural', 'Natural colors'],
    ],
  },
  {
    key: 'shad_start',
    label: 'First lure where there are shad',
    schools: [
      ['clarity', 'Choose by clarity'],
      ['chartreuse_white', 'Always chartreuse and white'],
    ],
  },
  {
    key: 'red_spring',
    label: 'Red-orange in spring',
    schools: [
      ['where_they_turn', 'Where crawfish turn red'],
      ['skip', 'Do not use it'],
    ],
  },
  {
    key: 'wood',
    label: 'Bladed jig in wood',
    schools: [
      ['knock', 'Heavier, and bump the wood'],
      ['avoid', 'Avoid wood'],
    ],
  },
  {
    key: 'stained_shad_trailer',
    label: 'Trailer in stained shad water',
    schools: [
      ['open', 'As sun and cloud say'],
      ['plain', 'Plain white'],
      ['two_tone', 'Two-tone'],
      ['same', 'Like the skirt'],
    ],
  },
  {
    key: 'strands',
    label: 'Strands in clear water',
    schools: [
      ['as_clarity', 'Scaled or barred'],
      ['solid', 'Solid only'],
    ],
  },
  {
    key: 'shallow_line',
    label: 'Line in shallow stain',
    schools: [
      ['fluorocarbon', 'Fluorocarbon'],
      ['monofilament', 'Monofilament on a stiff rod'],
    ],
  },
  {
    key: 'warming_grass',
    label: 'Bladed jig over warming grass, with shad',
    schools: [
      ['skirtless', 'Without a skirt'],
      ['skirt', 'With its skirt'],
    ],
  },
  {
    key: 'jig_strands',
    label: 'Strands of a jig',
    schools: [
      ['rubber', 'Living rubber'],
      ['silicone', 'Silicone, rubber only when cold'],
    ],
  },
  {
    key: 'jig_clear',
    label: 'A jig in clear water',
    schools: [
      ['open', 'Brown or green pumpkin'],
      ['brown', 'Brown'],
      ['green_pumpkin', 'Green pumpkin'],
    ],
  },
  {
    key: 'spinnerbait_trailer',
    label: 'Trailer on a spinnerbait',
    schools: [
      ['cold_or_dirty', 'When cold or dirty'],
      ['long_tail', 'Never: a long tail instead'],
    ],
  },
]

/** A school in a few words. */
export function schoolName(question: string, school: string): string {
  const known = QUESTIONS.find((candidate) => candidate.key === question)?.schools.find(([key]) => key === school)
  return known?.[1] ?? school
}

/** The question a pick may depend on, in a few words. */
export function questionLabel(question: string): string {
  return QUESTIONS.find((candidate) => candidate.key === question)?.label ?? question
}
