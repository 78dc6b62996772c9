<script lang="ts">
  import type { Schools, Settings } from '../../api/client'
  import Choice from '../../ui/Choice.svelte'
  import Toggle from '../../ui/Toggle.svelte'
  import { notices } from '../../stores/notices.svelte'
  import { settings } from '../../stores/settings.svelte'
  import AttentionPanel from './AttentionPanel.svelte'
  import BackupPanel from './BackupPanel.svelte'
  import { QUESTIONS } from '../../words/schoolQuestions'

  const choices = $derived(settings.value)

  async function change(part: Partial<Settings>) {
    try {
      await settings.change(part)
    } catch (error) {
      notices.problem(error)
    }
  }

  function hold(question: keyof Schools, school: string) {
    void change({ schools: { ...choices?.schools, [question]: school } as Schools })
  }
</script>

{#if choices}
  <div class="flex max-w-3xl flex-col gap-6">
    <h1>Settings</h1>
    <AttentionPanel />
    <Choice
      label="Units"
      options={['us', 'metric']}
      value={choices.units}
      onpick={(units) => change({ units })}
      shown={{ us: 'Inches, ounces, °F', metric: 'Centimetres, grams, °C' }}
    />
    <Choice
      label="Light"
      options={['paper', 'lamp', 'noon']}
      value={choices.theme}
      onpick={(theme) => change({ theme })}
      shown={{ paper: 'Paper, by day', lamp: 'Lamp, at night', noon: 'Noon, in the sun' }}
    />
    <Toggle
      label="Lead-free only"
      note="No pick is then of lead: heads of tungsten or steel instead. Some waters ban small lead tackle: local rules decide."
      value={choices.lead_free ?? false}
      onset={(lead_free) => change({ lead_free })}
    />
    <p class="text-sm">
      Whether crawfish turn red is a matter of the water:
      <a class="underline" href="#/logbook">say it of each water in the notebook</a>.
    </p>
    <section class="flex flex-col gap-5" aria-labelledby="schools">
      <div>
        <h1 id="schools">Your schools</h1>
        <p class="text-faint max-w-prose text-sm">
          Where builders disagree, say whom you hold with. The advice still tells what the others would do.
        </p>
      </div>
      {#each QUESTIONS as question (question.key)}
        <Choice
          label={question.label}
          options={question.schools.map(([school]) => school)}
          value={choices.schools?.[question.key] ?? question.schools[0]?.[0]}
          onpick={(school) => hold(question.key, school)}
          shown={Object.fromEntries(question.schools)}
          columns="grid-cols-1 sm:grid-flow-col sm:auto-cols-fr sm:grid-cols-none"
        />
      {/each}
    </section>
    <BackupPanel />
  </div>
{/if}
