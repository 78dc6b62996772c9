<script lang="ts">
  import type { Palette } from '../api/client'
  import { show } from '../words/words'
  import { hexOf } from './part'

  /** A colour by word, by number or by eye. */
  interface Props {
    label: string
    value: string | null | undefined
    palette: Palette
    onset: (colour: string) => void
    extra?: readonly { name: string; hex: string }[]
  }
  let { label, value, palette, onset, extra = [] }: Props = $props()
  const id = $props.id()
  const isWord = $derived(value != null && value in palette.colours)
</script>

<div class="flex flex-col gap-1 text-[0.8125rem]">
  <label class="font-bold" for={id}>{label}</label>
  <div class="flex">
    <span class="bg-proof border-rule flex border p-1">
      <input
        class="h-9 w-10 cursor-pointer"
        type="color"
        aria-label="{label}, by eye"
        value={hexOf(value)}
        oninput={(event) => onset(event.currentTarget.value)}
      />
    </span>
    <select
      {id}
      class="select border-rule h-11 w-40"
      value={isWord ? value : (value ?? '')}
      onchange={(event) => onset(event.currentTarget.value)}
    >
      {#if !isWord}<option value={value ?? ''}>{value ?? 'none'}</option>{/if}
      {#each Object.keys(palette.colours) as word (word)}<option value={word}>{show(word)}</option>{/each}
      {#if extra.length > 0}
        <optgroup label="From your palettes">
          {#each extra as swatch, i (i)}<option value={swatch.hex}>{swatch.name}</option>{/each}
        </optgroup>
      {/if}
    </select>
  </div>
</div>
