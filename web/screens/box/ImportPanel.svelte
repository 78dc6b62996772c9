<script lang="ts">
  import type { PlannedPart } from '../../words/documents'
  import { partsFile, swatches, type ImportStep } from '../../data/parts'
  import Button from '../../ui/Button.svelte'
  import FileButton from '../../ui/FileButton.svelte'
  import { list } from '../../words/words'
  import { count as plural } from '../../words/numbers'
  import VirtualRows from './VirtualRows.svelte'

  /** Parts out of a file: first what it would do, line by line, then all of it or nothing. */
  let { onclose }: { onclose: () => void } = $props()

  let contents = $state('')
  let name = $state('')
  let plan = $state.raw<PlannedPart[] | null>(null)
  let trouble = $state('')
  let done = $state<{ done: number; of: number } | null>(null)
  let told = $state('')
  let cancel = $state.raw<AbortController | null>(null)
  let only = $state<PlannedPart['action'] | ''>('')

  const ACTIONS: Record<PlannedPart['action'], string> = {
    add: 'added',
    change: 'changed',
    same: 'unchanged',
    refuse: 'rejected',
  }
  const count = (action: PlannedPart['action']) => plan?.filter((row) => row.action === action).length ?? 0
  const refused = $derived(count('refuse'))
  const shown = $derived(plan?.filter((row) => only === '' || row.action === only) ?? [])

  const failed = (sentence: string) => (trouble = sentence)
  const isBusy = $derived(partsFile.preview.isUnderWay || partsFile.take.isUnderWay)

  async function choose(file: File) {
    trouble = told = ''
    plan = null
    done = null
    name = file.name
    const read = decode(await file.arrayBuffer())
    if (read === null) trouble = 'This file is not in UTF-8. Save it as “CSV UTF-8” and choose it again.'
    else if (/^\s*GIMP Palette/.test((contents = read)))
      await swatches.add(contents, {
        then: ({ added }) => (told = `${plural(added, 'color')} added from the palette.`),
        failed,
      })
    else await partsFile.preview(contents, { then: (read) => (plan = read), failed })
  }

  /** UTF-8, or UTF-16 where the file says so; anything else is refused rather than guessed. */
  function decode(bytes: ArrayBuffer): string | null {
    const head = new Uint8Array(bytes, 0, Math.min(2, bytes.byteLength))
    const utf16 = (head[0] === 0xff && head[1] === 0xfe) || (head[0] === 0xfe && head[1] === 0xff)
    try {
      return new TextDecoder(utf16 ? (head[0] === 0xff ? 'utf-16le' : 'utf-16be') : 'utf-8', { fatal: true }).decode(
        bytes,
      )
    } catch {
      return null
    }
  }

  function tell(step: ImportStep) {
    if (step.done !== undefined && step.of !== undefined) done = { done: step.done, of: step.of }
    else told = `${step.added ?? 0} added, ${step.changed ?? 0} changed, ${step.same ?? 0} unchanged.`
  }

  async function carryOut() {
    trouble = ''
    const { signal } = (cancel = new AbortController())
    await partsFile.take(
      { contents, told: tell, signal },
      {
        then: () => (plan = null),
        failed: (sentence) => {
          if (signal.aborted) told = 'Import canceled. Nothing was added or changed.'
          else trouble = sentence
        },
      },
    )
    done = null
    cancel = null
  }
</script>

<section class="border-base-content flex flex-col gap-3 border-2 p-3" aria-label="Import">
  <div class="flex flex-wrap items-center gap-3">
    <FileButton words="Choose a file" accept=".csv,.tsv,.txt,.json,.gpl" onchoose={choose} primary />
    <p class="text-faint min-w-48 flex-1 text-sm">
      {name || 'A CSV, JSON or palette (GPL) file. You get a preview before anything is stored.'}
    </p>
    <Button onclick={onclose}>Close</Button>
  </div>
  {#if isBusy && !done}<p role="status" class="text-sm">Reading…</p>{/if}
  {#if done}
    <label class="text-sm"
      >{done.done} of {done.of}<progress class="progress block h-3 w-full" value={done.done} max={done.of}
      ></progress></label
    >
    <Button class="self-start" onclick={() => cancel?.abort()}>Cancel import</Button>
  {/if}
  {#if told}<p role="status" class="text-sm font-semibold">{told}</p>{/if}
  {#if trouble}<p role="alert" class="text-error text-sm whitespace-pre-line">{trouble}</p>{/if}
  {#if plan}
    <div class="flex flex-wrap items-center gap-2 text-sm">
      {#each ['', 'add', 'change', 'same', 'refuse'] as const as action (action)}
        <label
          class={[
            'border-rule has-checked:bg-primary has-checked:text-primary-content has-focus-visible:outline-3 flex',
            'h-11 cursor-pointer items-center border px-3',
          ]}
        >
          <input class="sr-only" type="radio" name="only" checked={only === action} onchange={() => (only = action)} />
          {action === '' ? `${plan.length} lines` : `${count(action)} ${ACTIONS[action]}`}
        </label>
      {/each}
      <Button look="primary" class="ml-auto" disabled={isBusy || refused > 0} onclick={carryOut}
        >{refused > 0
          ? `Fix ${plural(refused, 'rejected line')} first`
          : `Import ${count('add') + count('change')}`}</Button
      >
    </div>
    <VirtualRows rows={shown} height={44} label="What the import will change" class="border-rule h-72 border">
      {#snippet row(line)}
        <p class="border-rule flex h-full items-center gap-3 overflow-hidden border-b px-2 text-sm">
          <span class="text-faint w-16 shrink-0">line {line.line}</span>
          <span class="w-16 shrink-0 {line.action === 'refuse' ? 'text-error font-bold' : ''}"
            >{ACTIONS[line.action]}</span
          >
          <span class="truncate font-semibold">{line.name}</span>
          <span class="truncate" title={line.faults.map((fault) => fault.message).join(' ')}
            >{line.faults.length > 0
              ? line.faults.map((fault) => `${fault.field ? `${fault.field}: ` : ''}${fault.message}`).join(' ')
              : list(line.fields)}</span
          >
        </p>
      {/snippet}
    </VirtualRows>
  {/if}
</section>
