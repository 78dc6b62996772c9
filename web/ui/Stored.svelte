<script lang="ts" generics="T">
  import type { Snippet } from 'svelte'
  import Trouble from './Trouble.svelte'

  /** What is stored, once it has been read; what went wrong, with what was read before still there. */
  interface Props {
    query: { data: T | undefined; error: unknown; refetch: () => unknown }
    waiting: string
    children: Snippet<[T]>
  }
  let { query, waiting, children }: Props = $props()
</script>

{#if query.error}<Trouble error={query.error} onretry={() => query.refetch()} />{/if}
{#if query.data !== undefined}{@render children(query.data)}
{:else if !query.error}<p role="status" class="py-2 text-sm">{waiting}</p>{/if}
