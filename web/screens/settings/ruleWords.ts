import type { Condition, Rule } from '../../words/documents'
import { fieldValue, fieldWords, list, show, tintWords } from '../../words/words'
import type { Pick, Tint } from '../../words/vocabulary'
import { fullPickWords, valueWords } from '../../words/adviceParts'

const wordOf = (field: string, word: string) => (field === 'tint' ? tintWords(word as Tint) : show(word))

/** When a rule speaks, in words a builder would use. */
export function whenWords(rule: Rule, metric: boolean): string {
  return rule.when.length === 0 ? 'always' : rule.when.map((condition) => conditionWords(condition, metric)).join('; ')
}

export function conditionWords(condition: Condition, metric: boolean): string {
  const field = condition.field ?? ''
  const of = (condition.of ?? []).map((part) => conditionWords(part, metric))
  switch (condition.kind) {
    case 'all':
      return of.join(' and ')
    case 'any':
      return `either ${of.join(' or ')}`
    case 'not':
      return `not ${of.join(' and ')}`
    case 'range':
      return rangeWords(field, condition.least ?? null, condition.most ?? null, condition.open ?? false, metric)
    case 'settled':
      return `${fullPickWords(field as Pick)} picked as ${(condition.words ?? []).map(pickedWords).join(' or ')}`
    case 'notes':
      return `your notes: ${(condition.words ?? []).join(' ')}`
    case 'flag':
      return flagWords(field, condition.words ?? [])
    default:
      return `${fieldWords(field)}: ${(condition.words ?? []).map((word) => wordOf(field, word)).join(' or ')}`
  }
}

/** What a rule votes for or against. */
export function saysWords(says: Rule['says'][number], metric: boolean): string {
  const value =
    says.same_as !== null
      ? `the same as the ${fullPickWords(says.same_as)}`
      : says.value === null
        ? says.words
        : valueWords(says.pick, says.value, metric)
  return `${fullPickWords(says.pick)}: ${value}`
}

function rangeWords(field: string, least: number | null, most: number | null, open: boolean, metric: boolean): string {
  const name = fieldWords(field)
  const words = (value: number) => fieldValue(field, value, metric)
  if (least !== null && most !== null)
    return open ? `${name} between ${words(least)} and ${words(most)}` : `${name} ${words(least)} to ${words(most)}`
  if (open) return least !== null ? `${name} over ${words(least)}` : `${name} under ${words(most ?? 0)}`
  return least !== null ? `${name} ${words(least)} or more` : `${name} ${words(most ?? 0)} or less`
}

function flagWords(field: string, words: readonly string[]): string {
  const word = words[0]
  if (word === 'unknown') return `${fieldWords(field)} not measured`
  if (field === 'forage_colours')
    return word === 'none' ? 'no forage colors noted' : `${show(word ?? '')} seen on the forage`
  if (field === 'forage_also') return `${show(word ?? '')} among the forage`
  if (field.startsWith('schools.')) return `your approach: ${show(word ?? '')}`
  return fieldWords(field)
}

function pickedWords(word: string): string {
  return /^[a-z_]+$/.test(word) ? show(word) : word
}

/** Everything of a rule that a search may hit, in lower case. */
export function searchText(rule: Rule, metric: boolean): string {
  return [
    rule.id,
    ...rule.facts,
    rule.because,
    whenWords(rule, metric),
    ...rule.says.map((says) => saysWords(says, metric)),
    list(rule.lures),
    list(rule.schools),
  ]
    .join(' ')
    .toLowerCase()
}
