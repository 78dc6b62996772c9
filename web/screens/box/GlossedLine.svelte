<script lang="ts">
  import type { ReadPartLine } from '../../words/documents'
  import DrawnPart from '../../parts/DrawnPart.svelte'
  import Button from '../../ui/Button.svelte'
  import { BOUNDS, COLOURS, type Colour } from '../../words/vocabulary'
  import { show } from '../../words/words'
  import { isColour, isWaiting, partOf, unknownWords, type Settled } from './readLines'

  /** A line as it was written, each word with its meaning under it, and what is still to be said of it. */
  interface Props {
    line: ReadPartLine
    settled: Settled | undefined
    onsettle: (settled: Settled | undefined) => void
    onremember: (name: string, colours: readonly Colour[]) => Promise<unknown>
  }
  let { line, settled, onsettle, onremember }: Props = $props()
  const id = $props.id()
  const GRAY = '#808080'
  let colours = $state.raw<readonly Colour[]>([])
  const unknown = $derived(unknownWords(line))
  const part = $derived(partOf(line, settled) ?? line.part)
  const waits = $derived(isWaiting(line, settled))
  const needsColour = $derived(
    line.part !== null && partOf({ ...line, unknown: [] }, { colours: null, isLeftOut: false }) === null,
  )
  const asks = $derived(unknown === '' ? 'Its color' : `“${unknown}” means`)

  function pick(index: number, word: string) {
    colours = isColour(word) ? [...colours.slice(0, index), word, ...colours.slice(index + 1)] : colours.slice(0, index)
  }
</script>

<li class="border-rule flex flex-wrap items-start gap-x-4 gap-y-2 border-t py-2" data-waits={waits || undefined}>
  <!-- Gray until its color is said. -->
  <span class="bg-proof block h-10 w-16 shrink-0 p-0.5 text-[#1a1a1a]"
    >{#if part}<DrawnPart part={part.colour || part.metal ? part : { ...part, colour: GRAY }} />{/if}</span
  >
  <div class="flex min-w-40 flex-1 flex-col gap-1.5">
    <p class="flex flex-wrap items-start leading-tight">
      {#each line.glosses ?? [] as { text, means, unknown: isUnknown }, i (i)}
        {#if isUnknown || means}
          <span class="inline-flex flex-col px-0.5 pb-0.5">
            <span class={isUnknown ? 'decoration-2 underline decoration-dotted underline-offset-4' : 'font-semibold'}
              >{text.trim()}</span
            >
            <span class="text-faint text-xs">{isUnknown ? 'not understood' : means}</span>
          </span>
        {:else}<span class="whitespace-pre">{text}</span>{/if}
      {/each}
    </p>
    {#if line.problem}<p class="text-error text-sm">Line {line.line}: {line.problem}</p>{/if}
    {#if part && !settled?.isLeftOut}
      <p class="text-faint text-xs">
        {part.count} × {part.name}{line.assumed.length > 0 ? `; not said, taken as: ${line.assumed.join(', ')}` : ''}
      </p>
    {/if}
    {#if settled}
      <p class="flex flex-wrap items-center gap-2 text-sm">
        {settled.isLeftOut
          ? 'Left out.'
          : settled.colours
            ? `${unknown === '' ? 'Color' : `“${unknown}”`}: ${settled.colours.map(show).join(', ')}.`
            : `“${unknown}” says nothing here.`}
        <Button look="plain" label="Change line {line.line}" onclick={() => onsettle(undefined)}>Change</Button>
      </p>
    {:else if waits}
      <div class="flex flex-wrap items-end gap-2" role="group" aria-label="Line {line.line}">
        {#if line.part}
          {#each [...colours, ''].slice(0, 1 + BOUNDS.mostAccents) as colour, i (i)}
            <div class="flex flex-col gap-1 text-[0.8125rem]">
              <label class="font-bold" for="{id}-{i}">{i === 0 ? asks : 'with'}</label>
              <select
                id="{id}-{i}"
                class="select w-36"
                value={colour}
                onchange={(event) => pick(i, event.currentTarget.value)}
              >
                <option value="">{i === 0 ? 'choose a color' : 'nothing else'}</option>
                {#each COLOURS as word (word)}<option value={word}>{show(word)}</option>{/each}
              </select>
            </div>
          {/each}
          {#if unknown !== ''}
            <Button
              disabled={colours.length === 0}
              label="Remember what “{unknown}” means"
              onclick={() => onremember(unknown, colours)}>Remember</Button
            >
          {/if}
          <Button disabled={colours.length === 0} onclick={() => onsettle({ colours, isLeftOut: false })}
            >{unknown === '' ? 'Use it' : 'Only here'}</Button
          >
          {#if !needsColour}
            <Button onclick={() => onsettle({ colours: null, isLeftOut: false })}>Says nothing</Button>
          {/if}
        {/if}
        <Button
          look="plain"
          label="Leave line {line.line} out"
          onclick={() => onsettle({ colours: null, isLeftOut: true })}>Leave out</Button
        >
      </div>
    {/if}
  </div>
</li>
