<script lang="ts">
  import Field from '../../ui/Field.svelte'
  import { tick } from 'svelte'
  import type { Rule } from '../../words/documents'
  import Trouble from '../../ui/Trouble.svelte'
  import { settings } from '../../data/settings.svelte'
  import { capital, show } from '../../words/words'
  import { factsQuery, rulesQuery } from '../../data/rules'
  import { QUESTIONS } from '../../words/schoolQuestions'
  import { LURE_KINDS, type LureKind } from '../../words/vocabulary'
  import { searchText } from './ruleWords'
  import GearTabs from './GearTabs.svelte'
  import RuleEntry from './RuleEntry.svelte'

  /** The whole book: every rule by part, searchable, by lure and by school. A rule named in the address is opened and brought into view. */
  let { params }: { params?: { id?: string } } = $props()

  const PARTS: [Rule['part'], string][] = [
    ['lure', 'The lure as a whole'],
    ['blades', 'Blades'],
    ['skirt', 'Skirt'],
    ['trailer', 'Trailer'],
    ['head', 'Head'],
    ['trailer_hook', 'Trailer hook'],
    ['retrieve', 'Retrieve'],
    ['tackle', 'Tackle'],
    ['notes', 'Good to know'],
  ]
  interface Choice {
    question: string
    school: string
    /** Where it is asked of each kind of lure. */
    lure: LureKind | null
  }
  /** Every approach that can be chosen, by what it answers; the base color of dirty water is asked of each kind of lure. */
  const CHOICES: { label: string; schools: [Choice, string][] }[] = QUESTIONS.flatMap(({ key, label, schools }) =>
    (key === 'dirty' ? LURE_KINDS : [null]).map((lure) => ({
      label: lure ? `${label}, ${show(lure)}` : label,
      schools: schools.map(([school, name]): [Choice, string] => [{ question: key, school, lure }, name]),
    })),
  )
  const isOf = (rule: Rule, kind: LureKind | '') => kind === '' || rule.lures.length === 0 || rule.lures.includes(kind)
  const rules = rulesQuery()
  const facts = factsQuery()
  let sought = $state('')
  let lure = $state<LureKind | ''>('')
  let school = $state.raw<Choice | null>(null)
  const wanted = $derived(params?.id ? decodeURIComponent(params.id) : null)
  const texts = $derived(new Map((rules.data ?? []).map((rule) => [rule.id, searchText(rule, settings.metric)])))
  const words = $derived(sought.toLowerCase().split(/\s+/).filter(Boolean))
  const shown = $derived(
    (rules.data ?? []).filter(
      (rule) =>
        rule.id === wanted ||
        (isOf(rule, lure) &&
          (school === null ||
            (rule.question === school.question &&
              rule.schools.includes(school.school) &&
              isOf(rule, school.lure ?? ''))) &&
          words.every((word) => texts.get(rule.id)?.includes(word))),
    ),
  )
  const off = $derived((rules.data ?? []).filter((rule) => (settings.value?.doubted ?? []).includes(rule.id)))
  const groups = $derived(
    PARTS.map(([part, title]) => ({
      part,
      title,
      rules: shown.filter((rule) => rule.part === part && !off.includes(rule)),
    })).filter((group) => group.rules.length > 0),
  )

  $effect(() => {
    const id = wanted
    if (id && rules.data && facts.data)
      void tick().then(() => document.getElementById(`rule-${id}`)?.scrollIntoView({ block: 'center' }))
  })
</script>

<div class="flex flex-col gap-4">
  <GearTabs part="rules" />
  <header>
    <h1>Rules</h1>
    <p class="text-faint max-w-prose text-sm">
      Every rule behind the advice: when it applies, and what it votes for. The votes with the most weight win. Common
      practice of builders, not science.
    </p>
  </header>
  {#if rules.error}<Trouble error={rules.error} onretry={() => void rules.refetch()} />{/if}
  {#if facts.error}<Trouble error={facts.error} onretry={() => void facts.refetch()} />{/if}
  <div class="flex flex-wrap items-end gap-3">
    <Field label="Search" class="min-w-56 flex-1"
      >{#snippet children(tied)}<input
          class="input w-full"
          type="search"
          placeholder="gold, cold water, B3 …"
          bind:value={sought}
          {...tied}
        />{/snippet}</Field
    >
    <Field label="Lure"
      >{#snippet children(tied)}<select class="select w-40" bind:value={lure} {...tied}>
          <option value="">All lures</option>
          {#each LURE_KINDS as kind (kind)}<option value={kind}>{capital(show(kind))}</option>{/each}
        </select>{/snippet}</Field
    >
    <Field label="Approach"
      >{#snippet children(tied)}<select class="select w-64" bind:value={school} {...tied}>
          <option value={null}>All approaches</option>
          {#each CHOICES as { label, schools } (label)}
            <optgroup {label}>
              {#each schools as [choice, name] (choice)}<option value={choice}>{name}</option>{/each}
            </optgroup>
          {/each}
        </select>{/snippet}</Field
    >
  </div>
  {#if rules.data && facts.data}
    <p class="text-sm" role="status">{shown.length} of {rules.data.length} rules</p>
    {#if off.length > 0}
      <section aria-labelledby="rules-off">
        <h2 id="rules-off" class="border-base-content border-b pb-1">
          Off, because you do not believe them, {off.length}
        </h2>
        <ul>
          {#each off as rule (rule.id)}<RuleEntry {rule} facts={facts.data} open={false} />{/each}
        </ul>
      </section>
    {/if}
    {#each groups as group (group.part)}
      <section aria-labelledby="rules-{group.part}">
        <h2 id="rules-{group.part}" class="border-base-content border-b pb-1">{group.title}, {group.rules.length}</h2>
        <ul>
          {#each group.rules as rule (rule.id)}
            <RuleEntry {rule} facts={facts.data} open={rule.id === wanted} />
          {/each}
        </ul>
      </section>
    {:else}
      <p class="max-w-prose text-sm">No rule matches. Remove a word, or choose all lures and all approaches.</p>
    {/each}
  {:else if !rules.error && !facts.error}
    <p role="status">Loading rules…</p>
  {/if}
</div>
