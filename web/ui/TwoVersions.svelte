<script lang="ts">
  import Button from './Button.svelte'
  import { conflicts, type Conflict } from '../stores/conflicts.svelte'
  import { notices } from '../stores/notices.svelte'
  import { settings } from '../stores/settings.svelte'
  import { capital, fieldValue, fieldWords } from '../words/words'

  /** What this page holds and what another place has stored meanwhile, side by side; one of them stays. */
  let { conflict }: { conflict: Conflict } = $props()
  let dialog = $state<HTMLDialogElement>()

  const words = (field: string, value: unknown) =>
    value === null ? 'not set' : fieldValue(field, value, settings.metric)

  $effect(() => dialog?.showModal())

  // The answer is taken before the dialog goes, for with it goes what it asks about.
  async function keepMine() {
    const { keepMine } = conflict
    conflicts.close()
    try {
      await keepMine()
    } catch (error) {
      notices.problem(error)
    }
  }

  function takeTheirs() {
    const { takeTheirs } = conflict
    conflicts.close()
    takeTheirs()
  }
</script>

<dialog
  bind:this={dialog}
  class="border-base-content bg-base-100 text-base-content m-auto w-full max-w-xl border-2 p-4"
  aria-labelledby="two-versions"
  oncancel={(event) => event.preventDefault()}
>
  <h1 id="two-versions">{conflict.what}</h1>
  <p class="mt-2 max-w-prose text-sm">
    Another page or device saved a change after this page loaded. Your change is not saved yet. Choose which one to
    keep.
  </p>
  <table class="mt-3 w-full text-sm">
    <thead>
      <tr class="border-base-content border-b text-left">
        <th class="py-1 pr-3">Field</th><th class="py-1 pr-3">Mine</th><th class="py-1">Theirs</th>
      </tr>
    </thead>
    <tbody>
      {#each conflict.differences as difference (difference.field)}
        <tr class="border-rule border-b align-top">
          <th class="py-1.5 pr-3 text-left font-semibold">{capital(fieldWords(difference.field))}</th>
          <td class="py-1.5 pr-3">{words(difference.field, difference.mine)}</td>
          <td class="py-1.5">{words(difference.field, difference.theirs)}</td>
        </tr>
      {/each}
    </tbody>
  </table>
  <div class="mt-4 flex flex-wrap gap-2">
    <Button look="primary" onclick={keepMine}>Overwrite with mine</Button>
    <Button onclick={takeTheirs}>Keep theirs</Button>
  </div>
</dialog>
