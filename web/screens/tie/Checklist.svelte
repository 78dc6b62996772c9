<script lang="ts">
  import type { BuildSheet } from '../../words/documents'
  import CautionLine from '../../ui/CautionLine.svelte'
  import { bench } from '../../data/bench.svelte'
  import { settings } from '../../data/settings.svelte'
  import StepDrawing from './StepDrawing.svelte'
  import { stepText } from './steps'

  /** One big step at a time: space or a tap anywhere low goes on, and the place is kept when the page is closed. */
  interface Props {
    sheet: BuildSheet
    /** Tells this build's place from that of others. */
    keptAs: string
    onclose: () => void
  }
  let { sheet, keptAs, onclose }: Props = $props()

  const last = $derived(sheet.steps.length - 1)
  let awake = $state(false)
  const at = $derived(Math.min(bench.place(keptAs), last))
  const step = $derived(sheet.steps[at])

  $effect(() => {
    let lock: WakeLockSentinel | null = null
    let gone = false
    const hold = async () => {
      try {
        if (document.visibilityState !== 'visible') return
        lock = await navigator.wakeLock.request('screen')
        if (gone) await lock.release()
        awake = !gone
      } catch {
        // Not every browser keeps a screen on; the checklist works without.
        awake = false
      }
    }
    if ('wakeLock' in navigator) void hold()
    document.addEventListener('visibilitychange', hold)
    return () => {
      gone = true
      document.removeEventListener('visibilitychange', hold)
      void lock?.release()
    }
  })

  let next = $state<HTMLButtonElement>()
  /** The browser’s own dialog: it keeps the focus, and closes on Escape. Space goes on from “Next”, and a screen reader begins there. */
  function open(dialog: HTMLDialogElement) {
    dialog.showModal()
    // The step is read from its top.
    next?.focus({ preventScroll: true })
  }

  function to(place: number) {
    if (place > last) {
      bench.moveTo(keptAs, 0)
      onclose()
      return
    }
    bench.moveTo(keptAs, Math.max(0, place))
  }

  function key(event: KeyboardEvent) {
    // A key on a focused button is that button's.
    const isOnButton = event.target instanceof HTMLElement && event.target.closest('button') !== null
    if (isOnButton && (event.key === ' ' || event.key === 'Enter')) return
    if (event.key === ' ' || event.key === 'ArrowRight' || event.key === 'PageDown') to(at + 1)
    else if (event.key === 'ArrowLeft' || event.key === 'PageUp' || event.key === 'Backspace') to(at - 1)
    else return
    event.preventDefault()
  }
</script>

<svelte:window onkeydown={key} />

{#if step}
  <dialog
    {@attach open}
    class={[
      'bg-base-100 text-base-content fixed inset-0 m-0 flex h-dvh max-h-none w-full max-w-none flex-col gap-3',
      'overflow-y-auto p-4 sm:p-6',
    ]}
    aria-label="Checklist"
    {onclose}
  >
    <header class="flex items-center justify-between gap-3">
      <p class="text-lg font-bold">Step {at + 1} of {sheet.steps.length}</p>
      <progress class="progress h-3 flex-1" value={at + 1} max={sheet.steps.length} aria-label="Progress"></progress>
      <button class="btn btn-outline border-rule h-14 px-5" onclick={onclose}>Close</button>
    </header>
    <div class="grid flex-1 gap-4 lg:grid-cols-2" aria-live="polite">
      <div class="flex flex-col gap-3">
        <h1 class="text-3xl sm:text-4xl">{step.title}</h1>
        <p class="text-xl leading-snug sm:text-2xl">{stepText(step, sheet, settings.metric)}</p>
        {#if step.parts.length > 0}<ul class="text-lg font-semibold">
            {#each step.parts as part (part)}<li>{part}</li>{/each}
          </ul>{/if}
        {#if step.tool}<p class="text-lg">With: {step.tool}</p>{/if}
        {#if step.why}<p class="text-faint text-lg">{step.why}</p>{/if}
        {#each step.cautions as caution (caution)}<CautionLine text={caution} loud />{/each}
      </div>
      <StepDrawing {sheet} step={at} class="max-h-[45vh] self-start" />
    </div>
    <footer class="grid grid-cols-[1fr_3fr] gap-3">
      <button class="btn btn-outline border-rule h-24 text-lg" disabled={at === 0} onclick={() => to(at - 1)}
        >Back</button
      >
      <button class="btn btn-primary h-24 text-2xl" bind:this={next} onclick={() => to(at + 1)}
        >{at === last ? 'Done' : 'Next'} <kbd class="text-sm">space</kbd></button
      >
    </footer>
    <p class="text-faint text-xs">
      {awake ? 'The screen stays on.' : 'This browser may dim the screen.'} Your place is kept.
    </p>
  </dialog>
{/if}
