<script lang="ts">
  import type { Change, Reading } from '../../api/client'
  import { currentReading } from '../../stores/currentReading.svelte'
  import { settings } from '../../stores/settings.svelte'
  import { fieldValue, fieldWords } from '../../words/words'
  import Button from '../../ui/Button.svelte'
  import Changes from './Changes.svelte'

  /** What the last change to the reading did to the picks. */
  interface Props {
    field: keyof Reading
    before: Reading
    after: Reading
    changes: readonly Change[]
  }
  let { field, before, after, changes }: Props = $props()
  const value = (reading: Reading) => fieldValue(field, reading[field], settings.metric)
</script>

<section class="border-base-content border-2 p-3" aria-label="What changed" aria-live="polite">
  <div class="flex flex-wrap items-center justify-between gap-2">
    <p class="text-sm">
      <span class="font-bold"
        >{#if field === 'schools'}With another approach:{:else}Since {fieldWords(field)} went from {value(before)} to {value(
            after,
          )}:{/if}</span
      >
      {changes.length === 0
        ? 'no pick changes.'
        : changes.length === 1
          ? 'one pick changes.'
          : `${changes.length} picks change.`}
    </p>
    <Button onclick={() => currentReading.undoLastChange()}>Change it back</Button>
  </div>
  <Changes {changes} />
</section>
