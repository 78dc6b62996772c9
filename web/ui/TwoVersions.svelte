<script lang="ts">
  import Button from './Button.svelte'
  import Dialog from './Dialog.svelte'
  import { conflicts, type Conflict } from '../data/conflicts.svelte'
  import { settings } from '../data/settings.svelte'

  /** What this page holds and what another place has stored meanwhile, side by side; of each, or of all, one stays. */
  let { conflict }: { conflict: Conflict } = $props()
  /** The keys of those of which what another place has stored stays. */
  let theirs = $state<string[]>([])
  const versions = $derived(conflict.versions(settings.metric))
  const isEach = $derived(versions.length > 1)

  const choose = (key: string, isTheirs: boolean) =>
    (theirs = isTheirs ? [...theirs, key] : theirs.filter((other) => other !== key))
</script>

{#snippet version(key: string, name: string, words: string, isTheirs: boolean)}
  {#if isEach}
    <label class="flex min-h-11 items-center gap-2">
      <input
        type="radio"
        class="radio"
        name={key}
        aria-label="{name}: {words}"
        checked={theirs.includes(key) === isTheirs}
        onchange={() => choose(key, isTheirs)}
      /><span class="break-words">{words}</span>
    </label>
  {:else}{words}{/if}
{/snippet}

<Dialog title="Changed in two places: {conflict.called}">
  <p class="max-w-prose text-sm">
    Another page or device saved a change after this page loaded. Your change is not saved yet. Choose which
    {isEach ? 'ones' : 'one'} to keep.
  </p>
  <table class="mt-3 w-full text-sm">
    <thead>
      <tr class="border-base-content border-b text-left">
        <th class="py-1 pr-3">Field</th><th class="py-1 pr-3">Mine</th><th class="py-1">Theirs</th>
      </tr>
    </thead>
    <tbody>
      {#each versions as { key, name, mine, theirs } (key)}
        <tr class="border-rule border-b align-top">
          <th class="py-1.5 pr-3 text-left font-semibold {isEach ? 'align-middle' : ''}">{name}</th>
          <td class="py-1.5 pr-3">{@render version(key, name, mine, false)}</td>
          <td class="py-1.5">{@render version(key, name, theirs, true)}</td>
        </tr>
      {/each}
    </tbody>
  </table>
  <div class="mt-4 flex flex-wrap gap-2">
    {#if isEach}
      <Button look="primary" onclick={() => conflicts.answer(theirs)}>Save my choices</Button>
    {:else}
      <Button look="primary" onclick={() => conflicts.answer([])}>Overwrite with mine</Button>
      <Button onclick={() => conflicts.answer(versions.map((one) => one.key))}>Keep theirs</Button>
    {/if}
  </div>
</Dialog>
