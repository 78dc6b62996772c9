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
      ['ladder', 'Match in clear water, clash in mud'],
      ['one_tone', 'Always one tone'],
      ['forage_mix', 'One family with an odd fleck'],
    ],
  },
  {
    key: 'finish',
    label: 'Blade finish',
    schools: [
      ['water_then_sun', 'By water; by sun at both ends'],
      ['water', 'By water only'],
      ['sun', 'By sun only'],
      ['two_blade', 'A dull one and a gold one'],
    ],
  },
  {
    key: 'dirty',
    label: 'Base colour in dirty water',
    schools: [
      ['dark', 'Dark'],
      ['bright', 'Bright'],
      ['natural', 'Stay natural'],
    ],
  },
  {
    key: 'shad_start',
    label: 'First lure among shad',
    schools: [
      ['clarity', 'As the clarity says'],
      ['chartreuse_white', 'Always chartreuse and white'],
    ],
  },
  {
    key: 'red_spring',
    label: 'Red-orange in spring',
    schools: [
      ['where_they_turn', 'Where crawfish turn'],
      ['skip', 'Leave it be'],
    ],
  },
  {
    key: 'wood',
    label: 'Bladed jig in wood',
    schools: [
      ['knock', 'Heavier, and knock'],
      ['avoid', 'Keep it out'],
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
