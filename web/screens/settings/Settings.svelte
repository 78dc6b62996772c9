<script lang="ts">
  import type { Schools, Settings } from '../../api/client'
  import Choice from '../../ui/Choice.svelte'
  import Toggle from '../../ui/Toggle.svelte'
  import { CURRENCYS, THEMES, UNITSS } from '../../words/vocabulary'
  import Field from '../../ui/Field.svelte'
  import { settings } from '../../stores/settings.svelte'
  import AccessPanel from './AccessPanel.svelte'
  import AttentionPanel from './AttentionPanel.svelte'
  import BackupPanel from './BackupPanel.svelte'
  import DirtyBases from './DirtyBases.svelte'
  import { QUESTIONS } from '../../words/schoolQuestions'

  const choices = $derived(settings.value)

  const change = (part: Partial<Settings>) => settings.change(part)
  const CURRENCY_NAMES = new Intl.DisplayNames('en-US', { type: 'currency' })

  function hold(question: keyof Schools, school: string) {
    change({ schools: { ...choices?.schools, [question]: school } as Schools })
  }
</script>

{#if choices}
  <div class="flex max-w-3xl flex-col gap-6">
    <h1>Settings</h1>
    <AttentionPanel />
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
          class="select border-edge h-11 w-full"
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
      note="Letters and arrows act on the bench, and ? opens the help. Off: only Tab and Enter."
      value={choices.shortcuts ?? true}
      onset={(shortcuts) => change({ shortcuts })}
    />
    <Toggle
      label="Lead-free only"
      note="Uses tungsten or steel heads instead of lead. Some waters ban small lead tackle: check local rules."
      value={choices.lead_free ?? false}
      onset={(lead_free) => change({ lead_free })}
    />
    <p class="text-sm">
      Whether crawfish turn red depends on the water:
      <a class="underline" href="#/logbook/waters">set it for each water in the logbook</a>.
    </p>
    <section class="flex flex-col gap-5" aria-labelledby="schools">
      <div>
        <h1 id="schools">Your approach</h1>
        <p class="text-faint max-w-prose text-sm">
          Where anglers disagree, choose the approach you follow. The advice still shows the others.
        </p>
      </div>
      {#each QUESTIONS as question (question.key)}
        {#if question.key === 'dirty'}
          <DirtyBases
            label={question.label}
            chosen={choices.schools?.dirty}
            onpick={(dirty) => change({ schools: { ...choices.schools, dirty } })}
          />
        {:else}
          <Choice
            label={question.label}
            options={question.schools.map(([school]) => school)}
            value={choices.schools?.[question.key] ?? question.schools[0]?.[0]}
            onpick={(school) => hold(question.key, school)}
            shown={Object.fromEntries(question.schools)}
            columns="grid-cols-1 sm:grid-flow-col sm:auto-cols-fr sm:grid-cols-none"
          />
        {/if}
      {/each}
    </section>
    <AccessPanel />
    <BackupPanel />
  </div>
{/if}
