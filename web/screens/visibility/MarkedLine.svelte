<script lang="ts">
  import { settings } from '../../data/settings.svelte'
  import { waterLength } from '../../words/words'

  /** A lure on a marked line, fading as it sinks: visible, barely visible, gone. */
  const SURFACE = 40
  const PER_FOOT = 88
  const LURES = [
    { at: 1, opacity: 1, words: 'Still visible' },
    { at: 2, opacity: 0.28, words: 'Just visible: this is it' },
    { at: 3, opacity: 0.03, words: 'Gone' },
  ] as const
  const TICKS = [0.5, 1, 1.5, 2, 2.5, 3]
</script>

<svg viewBox="0 0 240 340" class="w-full max-w-64 self-start" role="img" aria-labelledby="marked-line">
  <title id="marked-line"
    >A lure on a line marked every {waterLength(6, settings.metric)}. It is clear at {waterLength(12, settings.metric)},
    just visible at {waterLength(24, settings.metric)}, and gone at {waterLength(36, settings.metric)}.</title
  >
  <rect x="0" y={SURFACE} width="240" height="300" fill="#8d9470" />
  <path
    d="M0 {SURFACE}q15 -6 30 0t30 0 30 0 30 0 30 0 30 0 30 0 30 0"
    fill="none"
    stroke="currentColor"
    stroke-width="2"
  />
  <line x1="60" x2="60" y1="4" y2={SURFACE + 3 * PER_FOOT} stroke="currentColor" stroke-width="1.5" />
  {#each TICKS as feet (feet)}
    <line
      x1={feet % 1 === 0 ? 50 : 54}
      x2={feet % 1 === 0 ? 70 : 66}
      y1={SURFACE + feet * PER_FOOT}
      y2={SURFACE + feet * PER_FOOT}
      stroke="currentColor"
      stroke-width={feet % 1 === 0 ? 3 : 1.5}
    />
  {/each}
  {#each LURES as lure (lure.at)}
    <g transform="translate(60 {SURFACE + lure.at * PER_FOOT})">
      <ellipse cx="0" cy="6" rx="13" ry="7" fill="#ffffff" opacity={lure.opacity} />
      <rect x="76" y="-10" width="104" height="34" fill="var(--color-base-100)" />
      <text x="82" y="4" font-size="12" font-weight="700" fill="currentColor"
        >{waterLength(lure.at * 12, settings.metric)}</text
      >
      <text x="82" y="18" font-size="12" fill="currentColor">{lure.words}</text>
    </g>
  {/each}
</svg>
