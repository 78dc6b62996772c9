<script lang="ts">
  import { settings } from '../../stores/settings.svelte'
  import NumberBox from '../../ui/NumberBox.svelte'
  import { round } from '../../words/words'

  /** How long the fish was, in the units chosen; kept in inches. */
  interface Props {
    inches: number | null | undefined
    onset: (inches: number | null) => void
  }
  let { inches, onset }: Props = $props()
  const CM_PER_IN = 2.54
  const MOST_IN = 60
  const unit = $derived(settings.metric ? CM_PER_IN : 1)
  /** An empty box has no unit beside it, so it says in itself which one is meant. */
  const shown = $derived(settings.metric ? 'cm' : 'in')
</script>

<NumberBox
  label="Length of the fish"
  value={inches ? round(inches * unit, 1) : null}
  unit={shown}
  min={1}
  max={MOST_IN * unit}
  optional
  placeholder="length, {shown}"
  onset={(length) => onset(length === null ? null : round(length / unit, 2))}
/>
