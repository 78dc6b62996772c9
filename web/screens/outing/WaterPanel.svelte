<script lang="ts">
  import type { Reading } from '../../api/client'
  import { settings } from '../../stores/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import Choice from '../../ui/Choice.svelte'
  import NumberBox from '../../ui/NumberBox.svelte'
  import VisibilityStick from '../../ui/VisibilityStick.svelte'
  import { SHORT_TINTS } from '../../words/tints'
  import { BOUNDS, SKYS, TINTS, WINDS } from '../../words/vocabulary'
  import { fromCelsius, round, toCelsius } from '../../words/words'

  /** The water or the light changed: the stick, the tint, the skies, the wind, and the temperature where it was taken. */
  let { reading, onset }: { reading: Reading; onset: (reading: Reading) => unknown } = $props()
  let changed = $state.raw<Partial<Reading>>({})
  const now = $derived({ ...reading, ...changed })
  const set = (part: Partial<Reading>) => (changed = { ...changed, ...part })
  const shown = (fahrenheit: number) => round(settings.metric ? toCelsius(fahrenheit) : fahrenheit, 1)
  const taken = (value: number) => round(settings.metric ? fromCelsius(value) : value, 1)
</script>

<section aria-label="The water changed" class="flex flex-col gap-3">
  <VisibilityStick value={now.visibility_in} onset={(visibility_in) => set({ visibility_in })} />
  <Choice label="Tint" options={TINTS} value={now.tint} onpick={(tint) => set({ tint })} shown={SHORT_TINTS} />
  <Choice label="Sky" options={SKYS} value={now.sky} onpick={(sky) => set({ sky })} columns="grid-cols-4" />
  <Choice label="Wind" options={WINDS} value={now.wind} onpick={(wind) => set({ wind })} />
  <span class="flex items-center gap-2 text-[0.8125rem] font-bold"
    >Surface
    <NumberBox
      label="Surface temperature"
      value={now.surface_f == null ? null : shown(now.surface_f)}
      unit={settings.metric ? '°C' : '°F'}
      min={shown(BOUNDS.leastSurfaceF)}
      max={shown(BOUNDS.mostSurfaceF)}
      optional
      placeholder="not taken"
      onset={(value) => set({ surface_f: value === null ? null : taken(value) })}
    />
  </span>
  <Button look="primary" size="large" onclick={() => onset(now)}>Note the change</Button>
</section>
