<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus'
  import Minus from '@lucide/svelte/icons/minus'
  import type { InventoryPart } from '../../words/documents'
  import { isLow, measureWords } from '../../words/part'
  import DrawnPart from '../../parts/DrawnPart.svelte'
  import { money } from '../../data/money'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import Menu from '../../ui/Menu.svelte'

  /** One part of the list: a line, or on a phone two, so that its name has room. */
  interface Props {
    part: InventoryPart
    isChosen: boolean
    onchoose: (on: boolean) => void
    onopen: () => void
    oncount: (by: 1 | -1) => void
    oncopy: () => void
    ondelete: () => void
  }
  let { part, isChosen, onchoose, onopen, oncount, oncopy, ondelete }: Props = $props()
</script>

<div
  class="border-rule flex h-full flex-wrap content-center items-center gap-x-2 border-b text-sm sm:flex-nowrap sm:gap-x-3"
>
  <label class="flex h-11 w-11 shrink-0 items-center justify-center">
    <input
      class="checkbox"
      type="checkbox"
      aria-label="Select {part.name}"
      checked={isChosen}
      onchange={(event) => onchoose(event.currentTarget.checked)}
    />
  </label>
  <span class="bg-proof block h-10 w-16 shrink-0 p-0.5 text-[#1a1a1a]"><DrawnPart {part} /></span>
  <button class="flex min-h-11 min-w-44 flex-1 flex-col justify-center text-left leading-tight" onclick={onopen}>
    <span class="line-clamp-2 font-semibold">{part.name}</span>
    <span class="text-faint w-full truncate text-xs">{measureWords(part, settings.metric)}</span>
  </button>
  <span class="flex basis-full items-center justify-end gap-2 sm:basis-auto">
    <span class="text-faint hidden w-24 truncate lg:block">{part.box}</span>
    <span class="hidden w-16 text-right lg:block">{part.cost != null ? money(part.cost) : '—'}</span>
    <span class="w-8 text-xs font-bold">{isLow(part) ? 'low' : ''}</span>
    <span class="flex items-center">
      <Button class="px-0" label="One fewer {part.name}" onclick={() => oncount(-1)}
        ><Minus size={16} aria-hidden="true" /></Button
      >
      <span class="w-8 text-center {isLow(part) ? 'font-extrabold underline' : ''}">{part.count}</span>
      <Button class="px-0" label="One more {part.name}" onclick={() => oncount(1)}
        ><Plus size={16} aria-hidden="true" /></Button
      >
    </span>
    <Menu
      label="More for {part.name}"
      items={[
        { words: 'Copy', onpick: oncopy },
        { words: 'Delete', onpick: ondelete },
      ]}
    />
  </span>
</div>
