<script lang="ts">
  import { unitsOf } from '../../words/quantity'
  import { settings } from '../../data/settings.svelte'
  import NumberBox from '../../ui/NumberBox.svelte'
  import { round } from '../../words/round'

  /** How long the fish was, in the units chosen; kept in inches. */
  interface Props {
    inches: number | null | undefined
    onset: (inches: number | null) => void
  }
  let { inches, onset }: Props = $props()
  const MOST_IN = 60
  const unit = $derived(unitsOf(settings.metric).water)
  /** An empty box has no unit beside it, so it says in itself which one is meant. */
  const shown = $derived(unit.unit)
</script>

<NumberBox
  label="Length of the fish"
  value={inches ? unit.toShown(inches) : null}
  unit={shown}
  min={1}
  max={unit.toShown(MOST_IN)}
  optional
  placeholder="length, {shown}"
  onset={(length) => onset(length === null ? null : round(unit.fromShown(length), 2))}
/>
