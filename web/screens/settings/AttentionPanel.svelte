<script lang="ts">
  import Button from '../../ui/Button.svelte'
  import { download } from '../../ui/download'
  import Trouble from '../../ui/Trouble.svelte'
  import { capital } from '../../words/words'
  import { attentionQuery } from '../../data/backup'

  /** Stored documents that this version cannot read. They are kept as they are, and can be carried away. */
  const attention = attentionQuery()
</script>

{#if attention.error}<Trouble error={attention.error} onretry={() => void attention.refetch()} />{/if}
{#if attention.data && attention.data.length > 0}
  <section class="border-error flex flex-col gap-2 border-2 p-3" aria-labelledby="attention">
    <h1 id="attention">Needs attention</h1>
    <p class="max-w-prose text-sm">
      This version cannot read these saved items. They are kept unchanged and included in backups, but not shown in
      lists.
    </p>
    <ul>
      {#each attention.data as one (one.kind + one.id)}
        <li class="border-rule flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t py-2 text-sm">
          <span class="min-w-0 flex-1">
            <span class="block font-bold">{one.name}</span>
            <span class="block">{capital(one.kind)}. {one.reason}</span>
          </span>
          <Button onclick={() => download(`${one.kind}-${one.id}.json`, 'application/json', one.document)}
            >Export JSON<span class="sr-only">: {one.name}</span></Button
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}
