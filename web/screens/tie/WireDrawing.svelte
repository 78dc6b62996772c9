<script lang="ts">
  import type { BuildSheet } from '../../words/documents'
  import { bladeOutline } from '../../lure/blades'
  import { PER_INCH, path } from '../../lure/units'
  import { settings } from '../../data/settings.svelte'
  import { partLength } from '../../words/words'
  import { WIRE, type Task } from './steps'

  /** The upper arm of a spinnerbait with what has been put on it so far, to scale; what this step puts on is drawn in black. */
  interface Props {
    sheet: BuildSheet
    task: Task
    class?: string
  }
  let { sheet, task, class: classes = '' }: Props = $props()

  const BEAD = (5 / 32) * PER_INCH
  const SPACER = PER_INCH
  const tandem = $derived(sheet.build.blades.length > 1)
  const has = (what: Task) => WIRE.indexOf(what) <= WIRE.indexOf(task)
  const ink = (what: Task) => (what === task ? 'var(--color-base-content)' : 'var(--plain)')
  const front = $derived(sheet.build.blades[0])
  const rear = $derived(sheet.build.blades.at(-1))
  const size = (index: number) => ({
    length: (sheet.build.measures.blades[index]?.length_in ?? 1) * PER_INCH,
    width: (sheet.build.measures.blades[index]?.width_in ?? 0.6) * PER_INCH,
  })
  /** Where things sit along the arm, from the bend outwards. */
  const clevis = 14 + BEAD + 10
  const second = clevis + 10
  const spacer = second + BEAD + 2
  const third = spacer + SPACER + 2
  const loop = $derived(tandem ? third + BEAD + 8 : 150)
  const rearSize = $derived(size(sheet.build.blades.length - 1))
  const width = $derived(has('rear_blade') ? loop + 40 + rearSize.length : loop + 60)
  const height = $derived(70 + Math.max(tandem ? size(0).length : 0, rearSize.width / 2 + 20))
</script>

<div class={classes}>
  <svg
    class="block h-full w-full [--plain:var(--color-base-300)]"
    viewBox="-46 -40 {width + 60} {height}"
    role="img"
    aria-label="The wire arm after this step, to scale"
  >
    <g fill="none" stroke="var(--plain)" stroke-width="5" stroke-linecap="round">
      <path d={path`M${-30} 30L${-4} 6C${-14} 2 ${-14} ${-4} 0 0L${loop - 6} 0`} />
      {#if has('form_loop')}
        <path
          d={has('close_loop') ? path`M${loop - 6} 0a8 8 0 1 1 2 6` : path`M${loop - 6} 0a8 8 0 1 1 ${8} ${8}`}
          stroke={task === 'form_loop' || task === 'close_loop' ? 'var(--color-base-content)' : 'var(--plain)'}
        />
      {:else}<path d={path`M${loop - 6} 0L${loop + 46} 0`} />{/if}
    </g>
    {#if tandem}
      {#if has('first_bead')}<circle cx={14 + BEAD / 2} cy="0" r={BEAD / 2} fill={ink('first_bead')} />{/if}
      {#if has('front_blade') && front}
        <g fill="none" stroke={ink('front_blade')} stroke-width="3">
          <path d={path`M${clevis - 6} ${-4}C${clevis - 6} 16 ${clevis + 6} 16 ${clevis + 6} ${-4}`} />
          <path
            d={bladeOutline(front.shape, size(0).length, size(0).width)}
            transform="translate({clevis} 16) rotate(90)"
          />
        </g>
      {/if}
      {#if has('second_bead')}<circle cx={second + BEAD / 2} cy="0" r={BEAD / 2} fill={ink('second_bead')} />{/if}
      {#if has('spacer')}<rect
          x={spacer}
          y="-5"
          width={SPACER}
          height="10"
          rx="2"
          fill="var(--color-base-100)"
          stroke={ink('spacer')}
          stroke-width="3"
        />{/if}
      {#if has('third_bead')}<circle cx={third + BEAD / 2} cy="0" r={BEAD / 2} fill={ink('third_bead')} />{/if}
    {/if}
    {#if has('rear_blade') && rear}
      <g fill="none" stroke={ink('rear_blade')} stroke-width="3">
        <rect x={loop + 8} y="-4" width="14" height="8" rx="3" />
        <path d={bladeOutline(rear.shape, rearSize.length, rearSize.width)} transform="translate({loop + 28} 0)" />
      </g>
    {/if}
    {#if task === 'spacer'}
      <g stroke="currentColor" stroke-width="1">
        <line x1={spacer} x2={spacer} y1="-14" y2="-26" /><line
          x1={spacer + SPACER}
          x2={spacer + SPACER}
          y1="-14"
          y2="-26"
        />
        <line x1={spacer} x2={spacer + SPACER} y1="-20" y2="-20" />
      </g>
      <text x={spacer + SPACER / 2} y="-26" text-anchor="middle" font-size="14" fill="currentColor"
        >{partLength(1, settings.metric)}</text
      >
    {/if}
  </svg>
</div>
