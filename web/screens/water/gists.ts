import type { Advice, AdviceView, NextStep } from '../../words/documents'
import { fullPickWords, valueWords, valuesWords } from '../../words/adviceParts'
import { questionLabel } from '../../words/schoolQuestions'
import { SYMPTOM_LABELS } from '../../words/vocabulary'
import { capital, fieldValue, fieldWords, show, waterLength } from '../../words/words'

type Gists = Record<
  'water' | 'fish' | 'next' | 'wrong' | 'others' | 'close' | 'model' | 'lures' | 'notes' | 'safety' | 'figures',
  string
>

export const OCCASIONS: Record<NextStep['when'], string> = {
  not_taking: 'They follow but won’t bite',
  sun_goes: 'The sun goes in',
  sun_comes: 'The sun comes out',
  clearing: 'The water clears',
  dirtying: 'The water gets dirtier',
}

/** How many of a list are named in a line; the rest are counted. */
const NAMED = 3

function some(words: readonly string[]): string {
  const rest = words.length - NAMED
  return words.slice(0, NAMED).join('; ') + (rest > 0 ? `; and ${rest} more` : '')
}

/** What each folded part of the page comes to, in a line. */
export function gists(advice: Advice, view: AdviceView | null, metric: boolean): Gists {
  const { retrieve, tackle } = advice
  const [first] = advice.near
  const [best] = advice.lure_ranking
  return {
    water: view ? waterGist(view, metric) : '',
    fish: [
      `${capital(show(retrieve.name))}, ${show(retrieve.pace)}`,
      `${valueWords('tackle.line_lb', tackle.line_lb, metric)} ${show(tackle.line)}`,
    ].join('; '),
    next: some(
      [...new Set(advice.next.map((step) => step.when))].map((when) => {
        const step = advice.next.find((one) => one.when === when)
        if (!step) return ''
        const what = step.change.pick === 'lure' ? 'lure' : fullPickWords(step.change.pick)
        return `${OCCASIONS[when]}: ${what} to ${valuesWords(step.change.pick, step.change.after, metric)}`
      }),
    ),
    wrong: some(advice.remedies.map((remedy) => SYMPTOM_LABELS[remedy.symptom])),
    others: some(advice.disagreements.map((one) => questionLabel(one.question))),
    close: first ? closeGist(first, metric) : '',
    model: (view?.opinions ?? []).map((one) => VERDICTS[one.verdict](OPINION_PICKS[one.pick] ?? one.pick)).join('; '),
    lures: best ? `${capital(show(best.lure))} suits it best` : '',
    notes: `${advice.notes.length} ${advice.notes.length === 1 ? 'note' : 'notes'}`,
    safety: advice.cautions.filter((caution) => caution.place !== 'reading')[0]?.text ?? '',
    figures: 'contrast over distance, as plots and a table',
  }
}

/** What the model has an opinion on. */
export const OPINION_PICKS: Record<string, string> = { 'blades.finish': 'blade finish', pairing: 'skirt with trailer' }
const VERDICTS: Record<AdviceView['opinions'][number]['verdict'], (what: string) => string> = {
  agrees: (what) => `agrees on ${what}`,
  no_difference: (what) => `sees no difference in ${what}`,
  disagrees: (what) => `disagrees on ${what}`,
  about_even: (what) => `finds ${what} too close to call`,
}

function closeGist({ field, number, at }: Advice['near'][number], metric: boolean): string {
  const [is, edge] = [fieldValue(field, number, metric), fieldValue(field, at, metric)]
  return `${capital(fieldWords(field))} ${is === edge ? `is right at ${edge}` : `${is} is near ${edge}`}, where a pick changes`
}

function waterGist({ scene }: AdviceView, metric: boolean): string {
  const visible = Math.max(0, ...scene.look.parts.map((part) => part.flash_range_in ?? part.sight_range_in))
  const separate = Math.max(0, ...scene.look.pairs.map((pair) => pair.split_range_in))
  return [
    visible > 0 ? `a bass makes it out from ${waterLength(visible, metric)}` : 'a bass does not make it out',
    ...(scene.look.pairs.length > 0
      ? [separate > 0 ? `its colors separate to ${waterLength(separate, metric)}` : 'its colors look like one color']
      : []),
  ].join(', ')
}
