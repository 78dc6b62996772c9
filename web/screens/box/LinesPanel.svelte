<script lang="ts" module>
  import type { ColourName, ReadPartLine } from '../../words/documents'
  import { Draft } from '../../data/draft.svelte'

  /** What is being typed: it is still there after looking at another screen. */
  const text = new Draft<string>('part-lines')
</script>

<script lang="ts">
  import { parts as writes, readLines } from '../../data/parts'
  import { names, namesQuery } from '../../data/names'
  import { notices } from '../../data/notices.svelte'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import Field from '../../ui/Field.svelte'
  import { count } from '../../words/numbers'
  import type { Colour } from '../../words/vocabulary'
  import { show } from '../../words/words'
  import GlossedLine from './GlossedLine.svelte'
  import { isWaiting, partOf, type Settled } from './readLines'

  /** Parts written as one would on a list, with what was understood of each line before it is stored. Without `onclose` it stands open. */
  let { onclose }: { onclose?: () => void } = $props()
  const PAUSE_MS = 250
  /** A list as one would write it. */
  const example = $derived(
    `Skirts:\nblack/blue x3\nGP w/ orange\n\n12 green pumpkin craws ${settings.metric ? '9 cm' : '3.5 in'}\n` +
      `2 ${settings.metric ? '10 g' : '3/8 oz'} bladed jig heads, white`,
  )
  let lines = $state.raw<readonly ReadPartLine[]>([])
  let trouble = $state('')
  /** By what is written: a line stays settled while others are typed. */
  let settled = $state.raw<Readonly<Record<string, Settled | undefined>>>({})
  /** Counts what was remembered, so that the lines are read again. */
  let remembered = $state(0)
  const own = namesQuery()
  const typed = $derived(text.value ?? '')
  const parts = $derived(lines.flatMap((line) => partOf(line, settled[line.text]) ?? []))
  const waiting = $derived(lines.filter((line) => isWaiting(line, settled[line.text])).length)

  $effect(() => {
    void remembered
    if (typed.trim() === '') {
      lines = []
      return
    }
    const stop = new AbortController()
    const timer = setTimeout(() => {
      readLines(typed, stop.signal).then(
        (read) => {
          lines = read
          trouble = ''
        },
        (error: unknown) => {
          if (!stop.signal.aborted) trouble = error instanceof Error ? error.message : String(error)
        },
      )
    }, PAUSE_MS)
    return () => {
      clearTimeout(timer)
      stop.abort()
    }
  })

  async function add() {
    await writes.add(parts, `${count(parts.length, 'part')} added.`, { then: () => (text.value = null) })
  }

  /** The lines are read again with what is known now. */
  const again = { then: () => void remembered++, failed: (sentence: string) => (trouble = sentence) }
  const remember = async (name: string, [colour, ...accents]: readonly Colour[]) => {
    if (colour) await names.add({ name, colour, accents, belly: [] }, again)
  }
  const forget = ({ id, name }: ColourName) =>
    names.takeBack(id ?? '', {
      ...again,
      then: () => {
        remembered++
        notices.say(`“${name}” is forgotten.`, () => names.restore(id ?? '', again))
      },
    })
</script>

<section class="sheet flex flex-col gap-3 p-4" aria-label="Add from text">
  <h2 class="text-lg">Paste a list, in your own words</h2>
  <Field
    label="One part on each line"
    note="As you would write it; a heading such as “Skirts:” holds for the lines below it"
  >
    {#snippet children(tied)}<textarea
        class="textarea h-28 w-full text-sm"
        placeholder={example}
        value={typed}
        oninput={(event) => (text.value = event.currentTarget.value)}
        {...tied}></textarea>{/snippet}
  </Field>
  {#if trouble}<p role="alert" class="text-error text-sm">{trouble}</p>{/if}
  {#if lines.length > 0}
    <ol class="text-sm" aria-label="What was understood">
      {#each lines as line, i (`${line.line} ${i}`)}
        <GlossedLine
          {line}
          settled={settled[line.text]}
          onsettle={(now) => (settled = { ...settled, [line.text]: now })}
          onremember={remember}
        />
      {/each}
    </ol>
  {/if}
  {#if (own.data ?? []).length > 0}
    <details>
      <summary class="cursor-pointer text-sm font-semibold">Your names ({own.data?.length})</summary>
      <ul class="text-sm">
        {#each own.data ?? [] as name (name.id)}
          <li class="flex items-center gap-3">
            <span class="min-w-0 flex-1"
              >“{name.name}”: {[name.colour, ...(name.accents ?? []), ...(name.belly ?? [])].map(show).join(', ')}</span
            >
            <Button look="plain" label="Forget “{name.name}”" onclick={() => forget(name)}>Forget</Button>
          </li>
        {/each}
      </ul>
    </details>
  {/if}
  <div class="flex flex-wrap gap-2">
    <Button look="primary" disabled={parts.length === 0 || waiting > 0} onclick={add}
      >{waiting > 0 ? `Settle ${count(waiting, 'line')} first` : `Add ${count(parts.length, 'part')}`}</Button
    >
    {#if onclose}<Button onclick={onclose}>Close</Button>{/if}
  </div>
</section>
