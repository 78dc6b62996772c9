<script lang="ts">
  import type { Rule } from '../../words/documents'
  import Plus from '@lucide/svelte/icons/plus'
  import Minus from '@lucide/svelte/icons/minus'
  import Button from '../../ui/Button.svelte'
  import Doubt from '../../ui/Doubt.svelte'
  import { push } from 'svelte-spa-router'
  import { readingWhere } from '../../data/rules'
  import { currentReading } from '../../data/currentReading.svelte'
  import { notices } from '../../data/notices.svelte'
  import { settings } from '../../data/settings.svelte'
  import { capital, list } from '../../words/words'
  import { schoolName } from '../../words/schoolQuestions'
  import Conflicts from './Conflicts.svelte'
  import { saysWords, whenWords } from './ruleWords'

  /** One rule as it stands in the book. */
  interface Props {
    rule: Rule
    facts: Record<string, string>
    open: boolean
  }
  let { rule, facts, open }: Props = $props()

  const RANKS: Record<Rule['rank'], string> = {
    fallback: 'a default: used when no other rule applies',
    usual: 'usual',
    noted: 'your logbook: outvotes a few usual rules, never a special one',
    special: 'special: outvotes several usual rules',
    deciding: 'deciding: says which of two facts wins',
    ruling: 'ruling: never outvoted',
  }
  const metric = $derived(settings.metric)
  const isOff = $derived((settings.value?.doubted ?? []).includes(rule.id))
  let unfolded = $derived(open)

  const openReading = () =>
    readingWhere(rule.id, async (reading) => {
      const { reading: before, waterId } = currentReading
      currentReading.reopen(reading, null)
      notices.say('Opened a reading where this rule decides.', () => currentReading.reopen(before, waterId))
      await push('/?panel=answer')
    })
</script>

<li class="border-rule border-t py-2" id="rule-{rule.id}">
  <details open={unfolded} ontoggle={(event) => (unfolded = event.currentTarget.open)}>
    <summary
      onclick={(event) => {
        event.preventDefault()
        unfolded = !unfolded
      }}
      class="relative flex min-h-11 cursor-pointer list-none flex-col justify-center gap-0.5 pl-6 text-sm leading-snug"
    >
      <span class="text-faint absolute top-2.5 left-0" aria-hidden="true"
        >{#if unfolded}<Minus size={14} aria-hidden="true" />{:else}<Plus size={14} aria-hidden="true" />{/if}</span
      >
      <span>
        {#if isOff}<span class="text-now font-bold">Off: you do not believe it.</span>{/if}
        <span class={['font-semibold', isOff && 'line-through']}>{rule.because}</span>
        <span class="text-faint text-xs">{rule.facts.join(' ')}</span>
      </span>
      <span class="text-faint text-xs"
        >{capital(whenWords(rule, metric))}{rule.lures.length > 0 ? ` · ${list(rule.lures)}` : ''}</span
      >
    </summary>
    {#if unfolded}<dl class="grid pl-6 gap-x-6 gap-y-1 py-2 text-sm sm:grid-cols-[8rem_1fr] [&_dt]:font-semibold">
        {#if rule.says.length > 0}
          <dt>Effect</dt>
          <dd>
            {#each rule.says as says (says.pick + says.words + String(says.for))}
              <span class="block">{says.for ? 'For' : 'Against'} {saysWords(says, metric)}</span>
            {/each}
          </dd>
        {/if}
        {#if rule.schools.length > 0 && rule.question}
          <dt>Approach</dt>
          <dd>
            {rule.schools.map((school) => schoolName(rule.question ?? '', school)).join(' · ')}
          </dd>
        {/if}
        <dt>Treated as</dt>
        <dd>{RANKS[rule.rank]}</dd>
        <dt>Based on</dt>
        <dd>
          {#each rule.facts as fact (fact)}<span class="block">{fact}: {facts[fact] ?? ''}</span>{:else}no fact: a
            default of this program{/each}
        </dd>
        <dt>Name</dt>
        <dd>{rule.id}</dd>
      </dl>
      <div class="pl-6">
        {#if rule.can_be_doubted}<span class="mb-2 mr-2 inline-block"><Doubt rule={rule.id} /></span>{/if}
        <Button class="mb-2" onclick={openReading}
          >Open a reading where this {rule.heading ? 'applies' : 'decides'}</Button
        >
        <Conflicts id={rule.id} />
      </div>
    {/if}
  </details>
</li>
