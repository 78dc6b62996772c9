<script lang="ts">
  import { buildsQuery } from '../../data/builds'
  import { outingsQuery } from '../../data/outings'
  import { trialsQuery, trials as writes } from '../../data/trials'
  import { notices } from '../../data/notices.svelte'
  import Button from '../../ui/Button.svelte'
  import Choice from '../../ui/Choice.svelte'
  import Empty from '../../ui/Empty.svelte'
  import Field from '../../ui/Field.svelte'
  import NumberBox from '../../ui/NumberBox.svelte'
  import Panel from '../../ui/Panel.svelte'
  import Stored from '../../ui/Stored.svelte'
  import { count, date, number } from '../../words/numbers'
  import { TRIAL_RISKS } from '../../words/logbook'
  import { round } from '../../words/round'
  import { BLOCK } from './trialBlock'

  /** Fair trials of two saved builds: drawn, followed, and answered in plain words. */
  const NO_TRIALS =
    'No trials yet. A trial settles an argument: two lures in turn, as long each, in an order drawn at random, with an end set before.'
  const trials = trialsQuery()
  const outings = outingsQuery()
  /** Where a trial goes on: the outing that is open, else where one begins. */
  const open = $derived(outings.data?.find((outing) => outing.ended_at === null))
  const builds = buildsQuery()
  let a = $state('')
  let b = $state('')
  let minutes = $state(BLOCK.usual)
  /** How often luck alone may claim a difference. */
  const RISKS = { sure: TRIAL_RISKS[0], shorter: TRIAL_RISKS[1] }
  let how = $state<keyof typeof RISKS>('sure')
  const build = (id: string) => builds.data?.find((one) => one.id === id)

  function draw() {
    const one = build(a)
    const other = build(b)
    if (!one || !other) {
      notices.problem(new Error('Choose two saved builds to try against each other.'))
      return
    }
    void writes.draw({
      name: `${one.name} against ${other.name}`.slice(0, 120),
      trial: { a: one.build, b: other.build, block_min: minutes, risk: RISKS[how] },
    })
  }
</script>

<h1 class="border-base-content mb-4 border-b pb-2">Fair trials</h1>
<div class="grid gap-x-8 gap-y-6 lg:grid-cols-[3fr_2fr]">
  <Stored query={trials} waiting="Loading trials…">
    {#snippet children(all)}
      {#if all.length === 0}
        <Empty text={NO_TRIALS}>
          {#snippet action()}<span></span>{/snippet}
          {#snippet sample()}<p class="text-sm font-bold">
              A is better: 41 bites against 19 in as many hours.
            </p>{/snippet}
        </Empty>
      {/if}
      <ul>
        {#each all as trial (trial.id)}
          <li class="border-rule border-t py-3 text-sm">
            <div class="flex flex-wrap items-start justify-between gap-2">
              <span class="min-w-52 flex-1">
                <span class="block font-bold">{trial.name}</span>
                <span class="block">{trial.standing?.words}</span>
                <span class="text-faint block"
                  >Drawn {trial.begun_at ? date(trial.begun_at) : ''}: blocks of {trial.trial.block_min} minutes;
                  {count(trial.standing?.pairs ?? 0, 'pair')} of {trial.trial.first_is_a?.length ?? 0} fished. At your rate
                  of bites a lure twice as good is found out within {number(round(trial.trial.hours ?? 0, 0))} hours, four
                  times in five.</span
                >
              </span>
              <span class="flex gap-2">
                {#if trial.standing?.outcome === 'goes_on'}<Button
                    href={open ? `#/on-the-water/${open.id}` : '#/on-the-water'}>Go on with it</Button
                  >{/if}
                <Button onclick={() => writes.remove(trial.id ?? '', trial.name)}
                  >Delete<span class="sr-only"> {trial.name}</span></Button
                >
              </span>
            </div>
          </li>
        {/each}
      </ul>
    {/snippet}
  </Stored>
  <Panel title="Draw a trial">
    <div class="flex flex-col gap-3">
      <Field label="Lure A">
        {#snippet children(tied)}
          <select class="select w-full" bind:value={a} {...tied}>
            <option value="">Choose a saved build</option>
            {#each builds.data ?? [] as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
          </select>
        {/snippet}
      </Field>
      <Field label="Lure B" note="Best where they differ in one thing only.">
        {#snippet children(tied)}
          <select class="select w-full" bind:value={b} {...tied}>
            <option value="">Choose a saved build</option>
            {#each builds.data ?? [] as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
          </select>
        {/snippet}
      </Field>
      <span class="flex items-center gap-2 text-[0.8125rem] font-bold"
        >Minutes a block
        <NumberBox
          label="Minutes a block"
          value={minutes}
          unit="min"
          min={BLOCK.least}
          max={BLOCK.most}
          onset={(value) => (minutes = Math.round(value ?? BLOCK.usual))}
        /></span
      >
      <Choice
        label="How sure"
        options={['sure', 'shorter'] as const}
        value={how}
        onpick={(one) => (how = one)}
        shown={{ sure: '95 % sure', shorter: '80 % sure, and shorter' }}
      />
      <p class="text-sm">
        It ends when one lure is so far ahead that luck alone would seldom do it, or when a lure twice as good would
        most likely have shown; both are fixed now. Luck alone wins fewer than 1 trial in {Math.round(1 / RISKS[how])},
        and a lure twice as good is found out 4 times in 5, whether your fish bite one by one or in flurries.
      </p>
      <Button look="primary" class="self-start" onclick={draw}>Draw the order</Button>
    </div>
  </Panel>
</div>
