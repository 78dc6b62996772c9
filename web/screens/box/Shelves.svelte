<script lang="ts">
  import { push } from 'svelte-spa-router'
  import type { InventoryPart } from '../../words/documents'
  import { inventoryQuery } from '../../data/parts'
  import { single } from '../../lure/single'
  import DrawnPart from '../../parts/DrawnPart.svelte'
  import { blank, isLow, KINDS, PLURALS } from '../../words/part'
  import Button from '../../ui/Button.svelte'
  import Later from '../../ui/Later.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import { count } from '../../words/numbers'
  import { openPart } from './inHand'
  import LinesPanel from './LinesPanel.svelte'
  import MixedBoxes from './MixedBoxes.svelte'
  import StarterSets from './StarterSets.svelte'

  /** The parts owned on their shelves, each drawn with its stock; and first of all the quickest way to bring more in. */
  const bin = inventoryQuery()
  /** So many stand on a shelf; the rest are in the list. */
  const ON_SHELF = 8
  /** A tally of more than this is not counted at a glance. */
  const MOST_TICKS = 10
  const parts = $derived(bin.data?.parts ?? [])
  const pieces = (of: readonly InventoryPart[]) => of.reduce((sum, part) => sum + (part.count ?? 0), 0)
  const shelves = $derived(
    KINDS.map((kind) => {
      const all = parts.filter((part) => part.kind === kind)
      const shown = all.toSorted((a, b) => (b.count ?? 0) - (a.count ?? 0)).slice(0, ON_SHELF)
      return { kind, all, shown, longest: Math.max(0.1, ...shown.map((part) => single(part)?.long ?? 0)) }
    }).filter(({ all }) => all.length > 0),
  )

  async function open(part: InventoryPart) {
    openPart(part)
    await push('/box/list')
  }
</script>

<div class="flex flex-col gap-4">
  <header class="flex flex-wrap items-end justify-between gap-3">
    <div>
      <h1>
        {parts.length > 0
          ? `${count(parts.length, 'kind of part', 'kinds of part')}, ${count(pieces(parts), 'piece')}`
          : 'Parts'}
      </h1>
      <!-- One line from the start: what is in reach of a finger does not move when the parts arrive. -->
      <p class="text-faint min-h-5 text-sm">
        {#if parts.length > 0}{count(parts.filter(isLow).length, 'kind')} running low{:else if bin.data}No parts yet{/if}
      </p>
    </div>
    <Button onclick={() => open(blank('trailer'))}>Add one part</Button>
  </header>
  {#if bin.error}<Trouble error={bin.error} onretry={() => void bin.refetch()} />{/if}
  <MixedBoxes boxes={bin.data?.mixed_boxes ?? []} />
  <div class="grid items-start gap-x-7 gap-y-5 lg:grid-cols-[minmax(0,446fr)_minmax(0,758fr)]">
    <LinesPanel />
    <div class="flex min-w-0 flex-col gap-4">
      {#if bin.data && parts.length === 0}
        <p class="max-w-prose">
          You have no parts yet. Start with a set of common ones and change it to what you own, or write what you have
          as a list. The advice and Tie work without any.
        </p>
        <StarterSets />
      {/if}
      {#each shelves as { kind, all, shown, longest } (kind)}
        <section aria-labelledby="shelf-{kind}">
          <div class="flex items-end justify-between gap-3">
            <p class="flex flex-wrap items-baseline gap-x-2">
              <span class="text-lg font-bold" id="shelf-{kind}">{PLURALS[kind]}</span>
              <span class="text-faint text-sm">{count(all.length, 'kind')}, {count(pieces(all), 'piece')}</span>
            </p>
            <a
              class="flex min-h-11 items-center text-sm font-semibold underline underline-offset-2"
              href="#/box/list?kind={kind}">All {PLURALS[kind].toLowerCase()}</a
            >
          </div>
          <Later height="9rem">
            <ul class="grid grid-cols-4 sm:grid-cols-8">
              {#each shown as part (part.id)}
                <li class="border-rule min-w-0 border-r first:border-l">
                  <button
                    class="hover:bg-base-200 active:bg-base-300 block w-full text-left"
                    onclick={() => open(part)}
                  >
                    <span class="bg-proof border-base-content block h-14 border-b-2 p-1 text-[#1a1a1a]"
                      ><DrawnPart {part} {longest} /></span
                    >
                    <span class="flex items-start justify-between px-1">
                      <span class="flex gap-[3px]" aria-hidden="true"
                        >{#each { length: Math.min(MOST_TICKS, part.count ?? 0) }, i (i)}<span
                            class={['block w-px bg-current', i % 5 === 4 ? 'h-2.5' : 'h-1.5']}
                          ></span>{/each}</span
                      >
                      <span class={['text-sm leading-4', isLow(part) ? 'font-extrabold underline' : 'font-semibold']}
                        >{part.count === 0 ? 'none' : part.count}</span
                      >
                    </span>
                    <span class="line-clamp-3 min-h-12 px-1 text-xs leading-4 wrap-anywhere max-sm:sr-only"
                      >{part.name}</span
                    >
                  </button>
                </li>
              {/each}
            </ul>
          </Later>
        </section>
      {/each}
      {#if !bin.data && !bin.error}<p role="status">Loading your parts…</p>{/if}
    </div>
  </div>
</div>
