<script lang="ts">
  import Minus from '@lucide/svelte/icons/minus'
  import Button from '../ui/Button.svelte'
  import type { InventoryPart } from '../words/documents'
  import { capital, fraction, show } from '../words/words'
  import {
    ACCENT_SHARES,
    ARMS,
    BLADE_SHAPES,
    BOUNDS,
    COLOUR_LAYOUTS,
    FLUORESCENCES,
    HEAD_FORMS,
    HEAD_MATERIALS,
    HOOK_SIZES,
    KEEPERS,
    LURE_KINDS,
    METALS,
    OPACITIES,
    PLASTICS,
    SKIRT_MATERIALS,
    STRANDSS,
    BELLY_SHAPES,
    BELLY_SHAPE_LABELS,
    SURFACES,
    TRAILER_STYLES,
    TRIMS,
  } from '../words/vocabulary'
  import Field from '../ui/Field.svelte'
  import ColourField from './ColourField.svelte'
  import { fieldLabel, FIELDS, isShort } from '../words/part'

  /** The fields that a part of its kind is judged by. */
  interface Props {
    part: InventoryPart
    onset: (change: Partial<InventoryPart>) => void
    extra?: readonly { name: string; hex: string }[]
    /** The short form has what names a part at the bench; the rest is what else it is judged by. */
    which?: 'short' | 'rest' | 'all'
  }
  let { part, onset, extra = [], which = 'all' }: Props = $props()

  const WORDS = {
    arm: ARMS,
    metal_of_head: HEAD_MATERIALS,
    shape: BLADE_SHAPES,
    strands: SKIRT_MATERIALS,
    strand_pattern: STRANDSS,
    belly_shape: BELLY_SHAPES,
    trim: TRIMS,
    style: TRAILER_STYLES,
    surface: SURFACES,
    plastic: PLASTICS,
    fluorescent: ['', ...FLUORESCENCES],
    accent_share: ['', ...ACCENT_SHARES],
    layout: ['', ...COLOUR_LAYOUTS],
    form: ['', ...HEAD_FORMS],
    keeper: ['', ...KEEPERS],
    hook: ['', ...HOOK_SIZES],
  } as const
  const WEIGHTS = [1 / 8, 3 / 16, 1 / 4, 5 / 16, 3 / 8, 7 / 16, 1 / 2, 5 / 8, 3 / 4, 1, 5 / 4, 3 / 2]
  const BLADE_NUMBERS = Array.from(
    { length: BOUNDS.mostBlade - BOUNDS.leastBlade + 1 },
    (_, i) => BOUNDS.leastBlade + i,
  )
  const SEE_THROUGH = [
    [OPACITIES.opaque, 'all: solid'],
    [0.8, 'most'],
    [OPACITIES.translucent, 'half: see-through'],
    [0.3, 'little: clear'],
  ] as const
  const fields = $derived(
    FIELDS[part.kind]
      .filter((field) => field !== 'colour' || part.kind !== 'blade' || !part.metal)
      .filter((field) => which === 'all' || isShort(field, part.kind) === (which === 'short')),
  )

  /** The most colors of a list, and what one more starts as. */
  const LISTS = {
    accents: { most: BOUNDS.mostAccents, words: 'Accent', first: 'orange' },
    belly: { most: BOUNDS.mostBelly, words: 'Belly', first: 'pearl' },
  } as const
  const mostOf = (list: keyof typeof LISTS) => (part.kind === 'head' ? 1 : LISTS[list].most)

  function setColour(list: keyof typeof LISTS, index: number, colour: string | null) {
    const colours = [...(part[list] ?? [])]
    if (colour === null) colours.splice(index, 1)
    else colours[index] = colour
    onset({ [list]: colours })
  }

  const isWords = (field: keyof InventoryPart): field is keyof typeof WORDS => field in WORDS
  const optionWords = (field: keyof typeof WORDS, word: string) =>
    word === ''
      ? field === 'fluorescent'
        ? 'as usual for its color'
        : 'as usual'
      : field === 'belly_shape'
        ? capital(BELLY_SHAPE_LABELS[word as keyof typeof BELLY_SHAPE_LABELS])
        : field === 'shape' && word === 'bladed_jig'
          ? 'Bladed-jig blade'
          : capital(show(word))
</script>

{#each fields as field (field)}
  {#if field === 'colour'}
    <ColourField label="Color" value={part.colour} {extra} onset={(colour) => onset({ colour })} />
  {:else if field === 'accents' || field === 'belly'}
    {@const { words, first } = LISTS[field]}
    {#each part[field] ?? [] as colour, i (i)}
      {@const name = mostOf(field) > 1 ? `${words} ${i + 1}` : words}
      <div class="flex items-end">
        <ColourField label={name} value={colour} {extra} onset={(next) => setColour(field, i, next)} />
        <Button label="Remove {name.toLowerCase()}" onclick={() => setColour(field, i, null)}
          ><Minus size={16} aria-hidden="true" /></Button
        >
      </div>
    {/each}
    {#if (part[field] ?? []).length < mostOf(field)}
      <Button class="self-end" onclick={() => setColour(field, (part[field] ?? []).length, first)}
        >+ {words.toLowerCase()}</Button
      >
    {/if}
  {:else if field === 'eye'}
    <label class="flex h-11 items-center gap-2 self-end text-[0.8125rem] font-bold">
      <input
        class="checkbox"
        type="checkbox"
        checked={part.eye}
        onchange={(event) => onset({ eye: event.currentTarget.checked })}
      />
      Eye
    </label>
  {:else if field === 'opacity'}
    <Field label="Opacity"
      >{#snippet children(tied)}<select
          class="select w-36"
          value={String(part.opacity ?? 1)}
          onchange={(event) => onset({ opacity: Number(event.currentTarget.value) })}
          {...tied}
        >
          {#if !SEE_THROUGH.some(([value]) => value === (part.opacity ?? 1))}<option value={String(part.opacity)}
              >{part.opacity}</option
            >{/if}
          {#each SEE_THROUGH as [value, words] (value)}<option value={String(value)}>{words}</option>{/each}
        </select>{/snippet}</Field
    >
  {:else if field === 'weight_oz'}
    <Field label="{fieldLabel(field)}, oz"
      >{#snippet children(tied)}<select
          class="select w-28"
          value={part.weight_oz}
          onchange={(event) => onset({ weight_oz: Number(event.currentTarget.value) })}
          {...tied}
        >
          {#if !WEIGHTS.includes(part.weight_oz ?? 0)}<option value={part.weight_oz}>{part.weight_oz}</option>{/if}
          {#each WEIGHTS as ounces (ounces)}<option value={ounces}>{fraction(ounces)}</option>{/each}
        </select>{/snippet}</Field
    >
  {:else if field === 'number'}
    <Field label="Number"
      >{#snippet children(tied)}<select
          class="select w-20"
          value={part.number}
          onchange={(event) => onset({ number: Number(event.currentTarget.value) })}
          {...tied}
        >
          {#each BLADE_NUMBERS as number (number)}<option value={number}>#{number}</option>{/each}
        </select>{/snippet}</Field
    >
  {:else if field === 'length_in'}
    <Field label="{fieldLabel(field)}, in"
      >{#snippet children(tied)}<input
          class="input w-24"
          type="number"
          min="0.5"
          max={BOUNDS.mostLengthIn}
          step="0.25"
          value={part.length_in}
          oninput={(event) => onset({ length_in: event.currentTarget.valueAsNumber || null })}
          {...tied}
        />{/snippet}</Field
    >
  {:else if field === 'metal'}
    <Field label="Finish"
      >{#snippet children(tied)}<select
          class="select w-32"
          value={part.metal ?? 'paint'}
          onchange={(event) => {
            const word = event.currentTarget.value
            onset(
              word === 'paint'
                ? { metal: null, darkened: false, colour: 'white' }
                : { metal: word as NonNullable<InventoryPart['metal']>, colour: null },
            )
          }}
          {...tied}
        >
          {#each [...METALS, 'paint'] as word (word)}<option value={word}
              >{word === 'paint' ? 'Painted' : capital(word)}</option
            >{/each}
        </select>{/snippet}</Field
    >
  {:else if field === 'darkened'}
    {#if part.metal}
      <label class="flex h-11 items-center gap-2 self-end text-[0.8125rem] font-bold">
        <input
          class="checkbox"
          type="checkbox"
          checked={part.darkened}
          onchange={(event) => onset({ darkened: event.currentTarget.checked })}
        />
        Darkened with marker
      </label>
    {/if}
  {:else if field === 'lures'}
    <fieldset class="text-[0.8125rem]">
      <legend class="mb-1 font-bold">{fieldLabel(field)}</legend>
      <div class="flex flex-wrap gap-x-3">
        {#each LURE_KINDS as lure (lure)}
          <label class="flex h-11 items-center gap-1.5">
            <input
              class="checkbox"
              type="checkbox"
              checked={part.lures?.includes(lure)}
              onchange={(event) =>
                onset({
                  lures: event.currentTarget.checked
                    ? [...(part.lures ?? []), lure]
                    : (part.lures ?? []).filter((other) => other !== lure),
                })}
            />
            {show(lure)}
          </label>
        {/each}
      </div>
    </fieldset>
  {:else if field === 'size'}
    <Field label="Size"
      >{#snippet children(tied)}<input
          class="input w-28"
          value={part.size}
          oninput={(event) => onset({ size: event.currentTarget.value })}
          {...tied}
        />{/snippet}</Field
    >
  {:else if isWords(field)}
    {#if field !== 'arm' || part.lures?.includes('spinnerbait')}
      <Field label={fieldLabel(field)}
        >{#snippet children(tied)}<select
            class="select w-36"
            value={part[field] ?? WORDS[field][0]}
            onchange={(event) => onset({ [field]: event.currentTarget.value || null } as Partial<InventoryPart>)}
            {...tied}
          >
            {#each WORDS[field] as word (word)}
              {#if word !== '' || part.kind !== 'hook'}<option value={word}>{optionWords(field, word)}</option>{/if}
            {/each}
          </select>{/snippet}</Field
      >
    {/if}
  {/if}
{/each}
