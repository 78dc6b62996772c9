<script lang="ts">
  import type { CloseCall } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import { capital, fieldValue, fieldWords } from '../../words/words'
  import Changes from './Changes.svelte'

  /** Numbers that lie so near an edge that measuring again could turn a pick, nearest first. */
  interface Props {
    edges: readonly CloseCall[]
  }
  let { edges }: Props = $props()

  const MEASURE: Record<CloseCall['field'], string> = {
    visibility_in: 'Measure the visibility again',
    surface_f: 'Take the surface temperature again',
    depth_ft: 'Measure the depth again',
    forage_in: 'Measure the forage again',
    trend_f: 'Look up the temperature of three days ago',
  }
  const first = $derived(edges[0])
  const words = (edge: CloseCall, number: number) => fieldValue(edge.field, number, settings.metric)
</script>

{#if first}
  <p class="py-2 text-sm">{MEASURE[first.field]}: it matters most here.</p>
  <ul>
    {#each edges as edge (edge.field + edge.side)}
      <li class="border-rule border-t py-2">
        <p class="text-sm font-semibold">
          {capital(fieldWords(edge.field))}
          {words(edge, edge.number)}; {words(edge, edge.number) === words(edge, edge.at)
            ? `just ${edge.side}`
            : `${edge.side} about ${words(edge, edge.at)}`}:
        </p>
        <Changes changes={edge.changes} />
      </li>
    {/each}
  </ul>
{/if}
