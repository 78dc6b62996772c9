import type { Schools } from '../api/client'

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
