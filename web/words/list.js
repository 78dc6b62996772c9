/* Lists every string of the front end as it reaches the screen: node web/words/list.js > docs/words/screens.md (./kontrast schema does). */
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { parse } from 'svelte/compiler'
import ts from 'typescript'

const ROOT = fileURLToPath(new URL('..', import.meta.url))
const MADE = new Set(['vocabulary.ts', 'logbook.ts', 'schema.d.ts', 'list.js'])
/** Attributes that name, style or address things and are never read. */
const UNREAD = new Set(
  [
    'class',
    'href',
    'id',
    'type',
    'role',
    'style',
    'name',
    'value',
    'of',
    'look',
    'columns',
    'height',
    'd',
    'viewBox',
    'rel',
  ].concat(
    [
      'fill',
      'stroke',
      'transform',
      'points',
      'target',
      'inputmode',
      'autocomplete',
      'autocapitalize',
      'accept',
      'for',
      'key',
    ].concat([
      'text-anchor',
      'dominant-baseline',
      'preserveAspectRatio',
      'patternUnits',
      'aria-live',
      'download',
      'align',
      'side',
    ]),
  ),
)

/** Whether a literal in code is words to be read, not a key, a path or a class. */
function isSaid(text) {
  return (
    /\p{L}[\p{L}’,:;.…]*\s+[\p{L}(“%…#]|^\p{Lu}\p{Ll}{2,}[^/\\_<>=]*$|^…? ?[\p{Ll} ]+…$/u.test(text) && !isCode(text)
  )
}

function isCode(text) {
  return /[{}]|^[a-z]+:|\b(min|max|sm|lg|md|xl)-?:|grid-cols|\bh-\d|px\b|var\(|^#\/|^M\s?-?\d|rgba?\(|^\(|^Content-|^If-|<svg|_/.test(
    text,
  )
}

const tidy = (text) => text.replaceAll(/\s+/g, ' ').trim()

/** The strings of a piece of TypeScript. */
function ofCode(code) {
  const said = []
  const source = ts.createSourceFile('x.ts', code, ts.ScriptTarget.Latest, true)
  const see = (node) => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node) || ts.isRegularExpressionLiteral(node)) return
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
      if (isSaid(node.text)) said.push(tidy(node.text))
    } else if (ts.isTemplateExpression(node)) {
      const text = node.head.text + node.templateSpans.map((span) => '…' + span.literal.text).join('')
      if (isSaid(text)) said.push(tidy(text))
    }
    ts.forEachChild(node, see)
  }
  see(source)
  return said
}

/** The strings of a component: its text with "…" for what is put in, its attributes, and those in its code. */
function ofComponent(code) {
  const said = []
  const { fragment, instance, module } = parse(code, { modern: true })
  for (const script of [module, instance])
    if (script) said.push(...ofCode(code.slice(script.content.start, script.content.end)))
  const expression = (node) => said.push(...ofCode(`(${code.slice(node.start, node.end)})`))
  const seeFragment = (nodes) => {
    let text = ''
    const flush = () => {
      if (/\p{L}/u.test(text.replaceAll('…', ''))) said.push(tidy(text))
      text = ''
    }
    for (const node of nodes) {
      if (node.type === 'Text') text += node.data
      else if (node.type === 'ExpressionTag') {
        text += '…'
        expression(node.expression)
      } else {
        if (!['Comment'].includes(node.type)) flush()
        see(node)
      }
    }
    flush()
  }
  const see = (node) => {
    if (!node || typeof node !== 'object') return
    for (const attribute of node.attributes ?? []) {
      if (attribute.type !== 'Attribute' || attribute.value === true) {
        if (attribute.expression) expression(attribute.expression)
        continue
      }
      const parts = [attribute.value].flat()
      if (UNREAD.has(attribute.name)) continue
      const text = tidy(parts.map((part) => (part.type === 'Text' ? part.data : '…')).join(''))
      if (/\p{L}{2}/u.test(text) && (/\p{Lu}| /u.test(text) || attribute.name.startsWith('aria-'))) {
        if (!isCode(text)) said.push(text)
      }
      for (const part of parts) if (part.type === 'ExpressionTag') expression(part.expression)
    }
    if (node.expression && node.type !== 'ExpressionTag') expression(node.expression)
    if (node.test) expression(node.test)
    for (const name of ['fragment', 'body', 'consequent', 'alternate', 'pending', 'then', 'catch', 'fallback'])
      if (node[name]?.nodes) seeFragment(node[name].nodes)
  }
  seeFragment(fragment.nodes)
  return said
}

/** @returns {string} the whole list as Markdown */
export function page() {
  const lines = [
    '# What the screens say',
    '',
    'Made by `./kontrast schema`, for reading aloud from top to bottom. “…” stands for a value that is filled in.',
    'Words of the documents and labels are in [php.md](php.md).',
  ]
  const files = readdirSync(ROOT, { recursive: true })
    .map(String)
    .filter((file) => /\.(svelte|ts)$/.test(file) && !MADE.has(file.split('/').pop()))
    .sort()
  for (const file of files) {
    const code = readFileSync(join(ROOT, file), 'utf8')
    const said = [...new Set(file.endsWith('.ts') ? ofCode(code) : ofComponent(code))]
    if (said.length > 0) lines.push('', `## \`${file}\``, '', ...said.map((one) => `- ${one}`))
  }
  return `${lines.join('\n')}\n`
}

if (process.argv[1] === fileURLToPath(import.meta.url)) process.stdout.write(page())
