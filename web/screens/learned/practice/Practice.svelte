<script lang="ts">
  import { router } from 'svelte-spa-router'
  import { answersQuery, progressQuery } from '../../../data/practice'
  import Stored from '../../../ui/Stored.svelte'
  import { LESSONS } from './lessons'
  import Ladder from './Ladder.svelte'
  import Lesson from './Lesson.svelte'
  import Overview from './Overview.svelte'

  /** Learn to pick and to see: the lessons, and how it goes. */
  const progress = progressQuery()
  const answers = answersQuery()
  const asked = $derived(new URLSearchParams(router.querystring))
  const open = $derived(LESSONS.find((one) => one.key === asked.get('lesson')))
  /** Facts that a first lesson has just taught come first. */
  const first = $derived(asked.get('first')?.split(',') ?? [])
  const ladder = $derived(asked.get('ladder'))
</script>

<Stored query={progress} waiting="Looking up how it goes…">
  {#snippet children(shown)}
    <Stored query={answers} waiting="Looking up how it goes…">
      {#snippet children(given)}
        {#if open}
          {#key open.key}<Lesson lesson={open} cards={shown.cards} {given} {first} />{/key}
        {:else if ladder}
          {#key ladder}<Ladder key={ladder} />{/key}
        {:else}
          <Overview progress={shown} {given} />
        {/if}
      {/snippet}
    </Stored>
  {/snippet}
</Stored>
