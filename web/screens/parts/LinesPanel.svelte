<script lang="ts" module>
  import { Draft } from '../../stores/draft.svelte'

  /** What is being typed: it is still there after looking at another screen. */
  const text = new Draft<string>('part-lines')
</script>

<script lang="ts">
  import { answer, api, type InventoryPart, type ReadPartLine } from '../../api/client'
  import { measureWords, swatches } from '../../parts/part'
  import PartSwatch from '../../parts/PartSwatch.svelte'
  import { settings } from '../../stores/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import Field from '../../ui/Field.svelte'
  import { count } from '../../words/numbers'
  import { PART_KIND_LABELS } from '../../words/vocabulary'

  /** Parts written as one would on a list, with what was understood of each line before anything is stored. */
  interface Props {
    onadd: (parts: InventoryPart[], done: string) => Promise<unknown>
    onclose: () => void
  }
  let { onadd, onclose }: Props = $props()
  const PAUSE_MS = 250
  const EXAMPLE = '12 green pumpkin craw 3.5 in\n4 3/8 oz black jig heads\n#4 gold willow blade'
  let lines = $state.raw<readonly ReadPartLine[]>([])
  let trouble = $state('')
  const typed = $derived(text.value ?? '')
  const parts = $derived(lines.flatMap((line) => line.part ?? []))
  const unclear = $derived(lines.filter((line) => line.problem !== null).length)

  $effect(() => {
    const body = { text: typed }
    if (body.text.trim() === '') {
      lines = []
      return
    }
    const stop = new AbortController()
    const timer = setTimeout(() => {
      answer<ReadPartLine[]>(api.POST('/api/parts/lines', { body, signal: stop.signal })).then(
        (read) => {
          lines = read
          trouble = ''
        },
        (error: unknown) => {
          if (!stop.signal.aborted) trouble = error instanceof Error ? error.message : String(error)
        },
      )
    }, PAUSE_MS)
    return () => {
      clearTimeout(timer)
      stop.abort()
    }
  })

  async function add() {
    if (await onadd(parts, `${count(parts.length, 'part')} added.`)) text.value = null
  }
</script>

<section class="border-base-content flex flex-col gap-3 border-2 p-3" aria-label="Add from text">
  <Field label="One part on each line" note="Such as: 12 green pumpkin craw 3.5 in">
    {#snippet children(tied)}<textarea
        class="textarea border-edge h-28 w-full text-sm"
        placeholder={EXAMPLE}
        value={typed}
        oninput={(event) => (text.value = event.currentTarget.value)}
        {...tied}></textarea>{/snippet}
  </Field>
  {#if trouble}<p role="alert" class="text-error text-sm">{trouble}</p>{/if}
  {#if lines.length > 0}
    <ol class="text-sm" aria-label="What was understood">
      {#each lines as line (line.line)}
        <li class="border-rule flex flex-wrap items-center gap-x-3 gap-y-0.5 border-t py-1.5">
          {#if line.part}
            <PartSwatch colours={swatches(line.part)} />
            <span class="min-w-40 flex-1">
              <span class="font-semibold">{line.part.count} × {line.part.name}</span>
              <span class="text-faint block text-xs"
                >{PART_KIND_LABELS[line.part.kind]}, {measureWords(line.part, settings.metric)}{line.assumed.length > 0
                  ? `; assumed: ${line.assumed.join(', ')}`
                  : ''}{line.ignored.length > 0 ? `; not understood: ${line.ignored.join(', ')}` : ''}</span
              >
            </span>
          {:else}
            <span class="text-error min-w-40 flex-1">Line {line.line}, “{line.text}”: {line.problem}</span>
          {/if}
        </li>
      {/each}
    </ol>
  {/if}
  <div class="flex flex-wrap gap-2">
    <Button look="primary" disabled={parts.length === 0 || unclear > 0} onclick={add}
      >{unclear > 0 ? `Fix ${count(unclear, 'line')} first` : `Add ${count(parts.length, 'part')}`}</Button
    >
    <Button onclick={onclose}>Close</Button>
  </div>
</section>
