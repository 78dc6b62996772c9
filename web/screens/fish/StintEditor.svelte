<script lang="ts">
  import type { Composition, ObservedReading, OutingEvent, Stint } from '../../words/documents'
  import { unitsOf } from '../../words/quantity'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import FileButton from '../../ui/FileButton.svelte'
  import NumberBox from '../../ui/NumberBox.svelte'
  import ReadingSummary from '../../ui/ReadingSummary.svelte'
  import { EVENT_KINDS, FOLLOWED_LABELS, MOST_WHY, type EventKind } from '../../words/logbook'
  import { SHORT_TINTS } from '../../words/tints'
  import { BANKS, BOUNDS, SKYS, TINTS, WINDS, type Tint } from '../../words/vocabulary'
  import { round } from '../../words/round'
  import { capital, show } from '../../words/words'
  import FishLength from './FishLength.svelte'
  import { kindWords } from './noted'
  import { lureWords } from '../../words/lureWords'
  import { key } from '../../words/sameBuild'
  import { newId } from '../../words/newId'
  import TimeBox from './TimeBox.svelte'

  /** One lure of an outing with its times, its water and light, and what happened. */
  interface Props {
    stint: Stint
    /** Its id, empty for one that is not kept yet. */
    outing: string
    builds: readonly Composition[]
    onset: (stint: Stint) => void
    /** Whether the event is stored already, so that a picture can be put beside it. */
    isKept: (event: OutingEvent) => boolean
    onphoto: (event: OutingEvent, file: File) => void
    onremove: () => void
  }
  let { stint, outing, builds, onset, isKept, onphoto, onremove }: Props = $props()
  const unit = $derived(unitsOf(settings.metric).water)
  const events = $derived(stint.events ?? [])
  const words = $derived(lureWords(stint.build, builds))
  const reading = $derived(stint.reading ?? {})
  const isUnconfirmed = $derived(stint.confirmed === false && Object.keys(reading).length > 0)

  const read = (part: ObservedReading) => onset({ ...stint, reading: { ...reading, ...part } })
  const picksOf = (picks: readonly string[]) => picks.map((pick) => FOLLOWED_LABELS[pick] ?? pick).join(', ')
  const event = (i: number, part: Partial<OutingEvent>) =>
    onset({ ...stint, events: events.map((one, k) => (k === i ? { ...one, ...part } : one)) })
  const add = () => onset({ ...stint, events: [...events, { id: newId(), at: stint.started_at, kind: 'landed' }] })
  const SELECTS = [
    { field: 'tint', label: 'Tint', words: TINTS, say: (word: string) => SHORT_TINTS[word as Tint] },
    { field: 'sky', label: 'Sky', words: SKYS, say: (word: string) => capital(show(word)) },
    { field: 'wind', label: 'Wind', words: WINDS, say: (word: string) => capital(show(word)) },
    { field: 'bank', label: 'Where', words: BANKS, say: (word: string) => capital(show(word)) },
  ] as const
</script>

<section class="border-rule flex flex-col gap-2 border-b py-3" aria-label={words}>
  <div class="flex flex-wrap items-end gap-x-4 gap-y-2">
    <TimeBox label="Tied on" value={stint.started_at} onset={(at) => at && onset({ ...stint, started_at: at })} />
    <TimeBox label="Taken off" value={stint.ended_at ?? null} onset={(ended_at) => onset({ ...stint, ended_at })} />
    <label class="flex min-w-60 flex-1 flex-col gap-1 text-[0.8125rem]"
      ><span class="font-bold">Lure{stint.angler === 'partner' ? ' of the partner' : ''}</span>
      <select
        class="select w-full"
        value={key(stint.build)}
        onchange={(change) => {
          const build = builds.find((one) => key(one) === change.currentTarget.value)
          if (build) onset({ ...stint, build })
        }}
      >
        {#each builds as build (key(build))}<option value={key(build)}>{lureWords(build, builds)}</option>{/each}
      </select></label
    >
    <Button label="Remove {words}" onclick={onremove}>Remove</Button>
  </div>
  <details class="text-sm">
    <summary class="flex min-h-11 cursor-pointer items-center gap-2"
      ><ReadingSummary {reading} />{#if isUnconfirmed}<span class="text-faint">(nobody noted it there)</span
        >{/if}</summary
    >
    <div class="flex flex-wrap items-end gap-4 py-2">
      <span class="flex items-center gap-2 text-[0.8125rem] font-bold"
        >Visibility <NumberBox
          label="Visibility"
          value={reading.visibility_in == null ? null : unit.toShown(reading.visibility_in)}
          unit={unit.unit}
          min={0.1}
          max={unit.toShown(BOUNDS.mostVisibilityIn)}
          optional
          placeholder="not noted"
          onset={(value) => read({ visibility_in: value === null ? null : round(unit.fromShown(value), 2) })}
        /></span
      >
      {#each SELECTS as select (select.field)}
        <label class="flex items-center gap-2 text-[0.8125rem] font-bold"
          >{select.label}
          <select
            class="select w-36"
            value={reading[select.field] ?? ''}
            onchange={(change) => read({ [select.field]: change.currentTarget.value || null } as ObservedReading)}
          >
            <option value="">Not noted</option>
            {#each select.words as word (word)}<option value={word}>{select.say(word)}</option>{/each}
          </select></label
        >
      {/each}
    </div>
  </details>
  {#if stint.followed}
    {@const followed = stint.followed}
    {@const others = Object.keys(FOLLOWED_LABELS).filter((pick) => !followed.includes(pick))}
    <div class="flex flex-wrap items-end gap-x-4 gap-y-1 text-sm">
      <p>
        {followed.length === 0 ? 'Nothing of it is as advised.' : `As advised: ${picksOf(followed)}.`}
        {others.length === 0 || followed.length === 0 ? '' : `Otherwise: ${picksOf(others)}.`}
      </p>
      {#if (stint.doubted ?? []).length > 0}
        <p class="text-sm">Off then, because you did not believe them: {(stint.doubted ?? []).join(', ')}</p>
      {/if}
      {#if others.length > 0}
        <label class="flex min-w-60 flex-1 items-center gap-2 text-[0.8125rem] font-bold"
          >Why
          <input
            class="input w-full font-normal"
            maxlength={MOST_WHY}
            placeholder="none in the box, trust mine, wanted to try it"
            value={stint.why_not ?? ''}
            onchange={(change) => onset({ ...stint, why_not: change.currentTarget.value.trim() || null })}
          /></label
        >
      {/if}
    </div>
  {/if}
  {#if stint.made}
    <p class="text-sm">
      Changed because of: {stint.made.change}
      {stint.made.helped === true ? 'It helped.' : stint.made.helped === false ? 'It did not help.' : ''}
    </p>
  {/if}
  <ul class="flex flex-col gap-1">
    {#each events as one, i (one.id ?? i)}
      <li class="flex flex-wrap items-end gap-x-3 gap-y-1">
        <TimeBox bare label="When" value={one.at} onset={(at) => at && event(i, { at })} />
        <select
          class="select w-36"
          aria-label="What happened"
          value={one.kind}
          onchange={(change) => event(i, { kind: change.currentTarget.value as EventKind })}
        >
          {#each EVENT_KINDS as kind (kind)}<option value={kind}>{kindWords(kind)}</option>{/each}
        </select>
        {#if one.kind === 'landed'}
          <FishLength inches={one.length_in} onset={(length_in) => event(i, { length_in })} />
        {/if}
        {#if one.kind === 'landed' && outing && one.id && isKept(one)}
          <FileButton
            words={one.has_photo ? 'Another picture' : 'Picture'}
            accept="image/*"
            onchoose={(file) => onphoto(one, file)}
          />
        {/if}
        {#if one.has_photo && outing}
          <img
            class="h-16 w-auto"
            src="/api/outings/{outing}/events/{one.id}/photo"
            alt="Fish or forage, {kindWords(one.kind)}"
            loading="lazy"
          />
        {/if}
        <input
          class="input min-w-32 flex-1"
          aria-label="Note"
          placeholder={one.angler === 'partner' ? 'the partner’s' : 'note'}
          value={one.note ?? ''}
          oninput={(change) => event(i, { note: change.currentTarget.value })}
        />
        <Button
          label="Remove {kindWords(one.kind)}"
          onclick={() => onset({ ...stint, events: events.filter((_, k) => k !== i) })}>Remove</Button
        >
      </li>
    {/each}
  </ul>
  <Button class="self-start" onclick={add}>Add an event</Button>
</section>
