<script lang="ts">
  import type { Settings } from '../../words/documents'
  import Choice from '../../ui/Choice.svelte'
  import Toggle from '../../ui/Toggle.svelte'
  import { CURRENCYS, THEMES, UNITSS } from '../../words/vocabulary'
  import Field from '../../ui/Field.svelte'
  import { settings } from '../../data/settings.svelte'

  const choices = $derived(settings.value)

  const change = (part: Partial<Settings>) => settings.change(part)
  const CURRENCY_NAMES = new Intl.DisplayNames('en-US', { type: 'currency' })
</script>

{#if choices}
  <div class="flex max-w-3xl flex-col gap-6">
    <h1>Settings</h1>
    <Choice
      label="Units"
      options={UNITSS}
      value={choices.units}
      onpick={(units) => change({ units })}
      shown={{ us: 'Inches, ounces, °F', metric: 'Centimeters, grams, °C' }}
    />
    <Choice
      label="Theme"
      options={THEMES}
      value={choices.theme}
      onpick={(theme) => change({ theme })}
      shown={{
        system: 'Same as this device',
        paper: 'Paper, for daytime',
        lamp: 'Lamp, at night',
        noon: 'Noon, in the sun',
      }}
      columns="grid-cols-2 sm:grid-cols-4"
    />
    <Field label="Currency" class="max-w-80">
      {#snippet children(tied)}
        <select
          class="select w-full"
          value={choices.currency ?? 'USD'}
          onchange={(event) => change({ currency: event.currentTarget.value as Settings['currency'] })}
          {...tied}
        >
          {#each CURRENCYS as code (code)}<option value={code}>{CURRENCY_NAMES.of(code)} ({code})</option>{/each}
        </select>
      {/snippet}
    </Field>
    <Toggle
      label="Single-key shortcuts"
      note="Letters and arrows act on Tie, and ? opens the help. Off: only Tab and Enter."
      value={choices.shortcuts ?? true}
      onset={(shortcuts) => change({ shortcuts })}
    />
    <Toggle
      label="Lead-free only"
      note="Uses tungsten or steel heads instead of lead. Some waters ban small lead tackle: check local rules."
      value={choices.lead_free ?? false}
      onset={(lead_free) => change({ lead_free })}
    />
  </div>
{/if}
