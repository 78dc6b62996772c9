<script lang="ts">
  import type { Advice } from '../../words/documents'
  import Facts from '../../ui/Facts.svelte'

  /** Worth knowing today, by what it is about. */
  interface Props {
    notes: Advice['notes']
  }
  let { notes }: Props = $props()

  const HEADINGS: Record<Advice['notes'][number]['heading'], string> = {
    look: 'Look first',
    where: 'Where to fish',
    not_taking: 'If they won’t bite',
    gear: 'Heads and gear',
    carry: 'What to carry',
    care: 'Caring for your parts',
  }
  const groups = $derived(
    (Object.keys(HEADINGS) as (keyof typeof HEADINGS)[])
      .map((heading) => ({ heading, notes: notes.filter((note) => note.heading === heading) }))
      .filter((group) => group.notes.length > 0),
  )
</script>

{#if groups.length > 0}
  <dl>
    {#each groups as group (group.heading)}
      <div class="border-rule border-b py-2 text-sm">
        <dt class="font-semibold">{HEADINGS[group.heading]}</dt>
        {#each group.notes as note (note.rule)}
          <dd class="leading-snug">{note.text} <Facts ids={note.facts} rule={note.rule} /></dd>
        {/each}
      </div>
    {/each}
  </dl>
{/if}
