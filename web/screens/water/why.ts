import type { Advice, Reading } from '../../words/documents'
import { escaped, placed } from '../../lure/svg'
import { coloursWords, finishWords, title, valuesWords } from '../../words/adviceParts'
import { questionLabel, schoolName } from '../../words/schoolQuestions'
import type { Pick } from '../../words/vocabulary'
import { capital, depth, show, temperature, tintWords, waterLength } from '../../words/words'

/** Today's pick explained to a friend in five sentences: the water, the light, the forage, what it does, who would differ. */
export function why(advice: Advice, reading: Reading, metric: boolean): string[] {
  const because = (...picks: Pick[]) =>
    picks.map((pick) => advice.reasons.find((reason) => reason.pick === pick)?.because).find((one) => one) ?? ''
  const water = [
    `${waterLength(reading.visibility_in, metric)} of visibility`,
    tintWords(reading.tint),
    ...(reading.surface_f == null ? [] : [temperature(reading.surface_f, metric)]),
    `${depth(reading.depth_ft, metric)} deep`,
    show(reading.cover),
  ].join(', ')
  const blade = advice.blades.at(-1)
  const light = blade
    ? `${capital(show(reading.sky))}: ${finishWords(blade)} on the blade. ${because('blades.finish')}`
    : `${capital(show(reading.sky))}: a lure without a blade. ${because('skirt.opacity')}`
  const skirt = advice.skirt ? coloursWords(advice.skirt).toLowerCase() : 'no skirt'
  return [
    `The water: ${water}.`,
    light.trim(),
    `They eat ${show(reading.forage)}: ${skirt}. ${because('skirt.base', 'skirt.trim')}`.trim(),
    advice.wanted.line,
    differ(advice, metric),
  ]
}

function differ(advice: Advice, metric: boolean): string {
  const [first] = advice.disagreements
  const other = first?.others[0]
  if (!first || !other) return 'Everybody would tie the same here.'
  const [pick, values] = Object.entries(other.picks)[0] ?? []
  const value = pick && values ? valuesWords(pick as Pick, values, metric) : show(other.value)
  return `${questionLabel(first.question)}: whoever says “${schoolName(first.question, other.school)}” would take ${value}.`
}

const WIDTH = 720
const HIGH = { title: 50, drawing: 250, row: 26 }

/** The lure with its picks under it, as one drawing. */
export function picture(advice: Advice, rows: readonly [string, string][], drawing: string): string {
  const height = HIGH.title + HIGH.drawing + 20 + rows.length * HIGH.row
  const at = (i: number) => HIGH.title + HIGH.drawing + (i + 1) * HIGH.row
  const line = ([name, value]: readonly [string, string], i: number) =>
    `<text x="20" y="${at(i)}"><tspan font-weight="700">${escaped(name)}:</tspan> ${escaped(value)}</text>`
  const lure = placed(drawing, 30, HIGH.title + 10, WIDTH - 60, HIGH.drawing - 20)
  const size = `width="${WIDTH}" height="${height}" viewBox="0 0 ${WIDTH} ${height}"`
  return `<svg xmlns="http://www.w3.org/2000/svg" ${size} font-family="sans-serif" font-size="16" fill="#1a1a1a">
<rect width="${WIDTH}" height="${height}" fill="#ffffff"/>
<text x="20" y="34" font-size="22" font-weight="700">${escaped(title(advice))}</text>
<rect x="20" y="${HIGH.title}" width="${WIDTH - 40}" height="${HIGH.drawing}" fill="#d6d6d4"/>
${lure}
${rows.map(line).join('\n')}
</svg>`
}

const quoted = (text: string) => escaped(text).replace(/"/g, '&quot;')

/** The advice as one page without any script, to open anywhere. */
export function page(
  advice: Advice,
  sentences: readonly string[],
  rows: readonly [string, string][],
  drawing: string,
): string {
  const line = ([name, value]: readonly [string, string]) =>
    `<tr><th scope="row">${quoted(name)}</th><td>${quoted(value)}</td></tr>`
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>${quoted(title(advice))}</title>
<style>body{font:16px/1.4 sans-serif;max-width:44rem;margin:1rem auto;padding:0 1rem;color:#1a1a1a;background:#fff}
figure{background:#d6d6d4;margin:0 0 1rem;padding:.5rem}svg{width:100%;height:auto}table{border-collapse:collapse;width:100%}
th,td{text-align:left;vertical-align:top;border-bottom:1px solid #ccc;padding:.3rem .5rem .3rem 0}</style></head>
<body><h1>${quoted(title(advice))}</h1><figure>${drawing}</figure>
<table>${rows.map(line).join('')}</table>
${sentences.map((sentence) => `<p>${quoted(sentence)}</p>`).join('\n')}
<p><small>A starting point: the fish decide. Follow local rules on tackle, and wear a life jacket in cold water.</small></p>
</body></html>
`
}
