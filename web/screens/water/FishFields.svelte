<script lang="ts">
  import { currentReading } from '../../data/currentReading.svelte'
  import Choice from '../../ui/Choice.svelte'
  import { BASSS, BITES, GOAL_LABELS, GOALS } from '../../words/vocabulary'

  /** The fish: how they bite, which they are, and what is wanted of the day. */
  const r = $derived(currentReading.reading)
</script>

<div class="grid gap-4">
  <Choice label="Bite" options={BITES} value={r.bite} onpick={(bite) => currentReading.change({ bite })} />
  <Choice
    label="Goal"
    options={GOALS}
    value={r.goal ?? 'any'}
    shown={GOAL_LABELS}
    onpick={(goal) => currentReading.change({ goal })}
  />
  <Choice label="Bass" options={BASSS} value={r.bass} onpick={(bass) => currentReading.change({ bass })} />
</div>
