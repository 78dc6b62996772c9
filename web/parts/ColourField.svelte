<script lang="ts">
  import { show } from '../words/words'
  import { COLOURS } from '../words/vocabulary'
  import { hexOf } from '../words/part'

  /** A colour by word, by number or by eye. */
  interface Props {
    label: string
    value: string | null | undefined
    onset: (colour: string) => void
    extra?: readonly { name: string; hex: string }[]
  }
  let { label, value, onset, extra = [] }: Props = $props()
  const id = $props.id()
  const isWord = $derived(value != null && (COLOURS as readonly string[]).includes(value))
</script>

<div class="flex flex-col gap-1 text-[0.8125rem]">
  <label class="font-bold" for={id}>{label}</label>
  <div class="flex">
    <span class="bg-proof outline-edge flex outline -outline-offset-1">
      <input
        class="h-11 w-11 cursor-pointer"
        type="color"
        aria-label="{label}, by eye"
        value={hexOf(value)}
        oninput={(event) => onset(event.currentTarget.value)}
      />
    </span>
    <select
      {id}
      class="select w-36"
      value={isWord ? value : (value ?? '')}
      onchange={(event) => onset(event.currentTarget.value)}
    >
      {#if !isWord}<option value={value ?? ''}>{value ?? 'none'}</option>{/if}
      {#each COLOURS as word (word)}<option value={word}>{show(word)}</option>{/each}
      {#if extra.length > 0}
        <optgroup label="From your palettes">
          {#each extra as swatch, i (i)}<option value={swatch.hex}>{swatch.name}</option>{/each}
        </optgroup>
      {/if}
    </select>
  </div>
</div>
