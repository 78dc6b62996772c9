<script lang="ts">
  import type { ObservedReading, Reading } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import Choice from '../../ui/Choice.svelte'
  import NumberBox from '../../ui/NumberBox.svelte'
  import VisibilityStick from '../../ui/VisibilityStick.svelte'
  import { SHORT_TINTS } from '../../words/tints'
  import { BANKS, BOUNDS, SKYS, TINTS, WINDS } from '../../words/vocabulary'
  import { unitsOf } from '../../words/quantity'
  import { round } from '../../words/round'

  /** The water and the light as they are seen now: the stick, the tint, the skies, the wind, and the temperature where it was taken. */
  interface Props {
    seen: ObservedReading
    /** Where the stick stands until somebody has moved it. */
    start: Reading
    onset: (seen: ObservedReading) => unknown
  }
  let { seen, start, onset }: Props = $props()
  let changed = $state.raw<ObservedReading>({})
  const now = $derived<ObservedReading>({ ...seen, ...changed })
  const set = (part: ObservedReading) => (changed = { ...changed, ...part })
  const warmth = $derived(unitsOf(settings.metric).warmth)
</script>

<section aria-label="The water now" class="flex flex-col gap-3">
  <VisibilityStick
    isSaid={now.visibility_in != null}
    tint={now.tint ?? start.tint}
    value={now.visibility_in ?? start.visibility_in}
    onset={(visibility_in) => set({ visibility_in })}
  />
  <Choice label="Tint" options={TINTS} value={now.tint} onpick={(tint) => set({ tint })} shown={SHORT_TINTS} />
  <Choice label="Sky" options={SKYS} value={now.sky} onpick={(sky) => set({ sky })} columns="grid-cols-4" />
  <Choice label="Wind" options={WINDS} value={now.wind} onpick={(wind) => set({ wind })} />
  <Choice label="Where" options={BANKS} value={now.bank} onpick={(bank) => set({ bank })} columns="grid-cols-3" />
  <span class="flex items-center gap-2 text-[0.8125rem] font-bold"
    >Surface
    <NumberBox
      label="Surface temperature"
      value={now.surface_f == null ? null : warmth.toShown(now.surface_f)}
      unit={warmth.unit}
      min={warmth.toShown(BOUNDS.leastSurfaceF)}
      max={warmth.toShown(BOUNDS.mostSurfaceF)}
      optional
      placeholder="not taken"
      onset={(value) => set({ surface_f: value === null ? null : round(warmth.fromShown(value), 1) })}
    />
  </span>
  <Button look="primary" size="large" disabled={Object.keys(changed).length === 0} onclick={() => onset(now)}
    >Note the water</Button
  >
</section>
