<script lang="ts">
  import Button from '../../ui/Button.svelte'

  /** What the program does, for somebody who sees it for the first time: three sentences and a picture. */
  let { onclose }: { onclose: () => void } = $props()
  const LOOKS = [
    { x: 0, ground: '#f2f0ea', body: '#5c5a2c', claw: '#e06a1b', words: 'In the hand' },
    { x: 112, ground: '#7d7b52', body: '#4d4a2b', claw: '#8f7240', words: 'In the water' },
  ] as const
</script>

<section class="border-base-content flex flex-wrap items-center gap-4 border-2 p-3" aria-labelledby="welcome">
  <svg viewBox="0 0 220 96" class="h-24 w-55 shrink-0" role="img" aria-labelledby="welcome-picture">
    <title id="welcome-picture"
      >The same jig twice: in the hand green pumpkin with an orange claw, in stained water a dark shape with the claw
      just visible.</title
    >
    {#each LOOKS as look (look.words)}
      <g transform="translate({look.x} 0)">
        <rect width="108" height="80" fill={look.ground} />
        <circle cx="26" cy="38" r="11" fill={look.body} />
        <path d="M34 30 62 26 66 38 62 52 34 46z" fill={look.body} />
        <path d="M62 30q22 -10 30 -4 2 8 -26 12zM62 46q22 10 30 4 2 -8 -26 -12z" fill={look.claw} />
        <path d="M24 27q-4 -14 14 -14" fill="none" stroke="#777" stroke-width="2" />
        <text x="54" y="93" font-size="12" text-anchor="middle" fill="currentColor">{look.words}</text>
      </g>
    {/each}
  </svg>
  <div class="min-w-60 flex-1 text-sm">
    <h2 id="welcome" class="text-base">Welcome to Kontrast</h2>
    <p>
      Describe the water you fish, and Kontrast tells you which lure to tie and why. It shows how each part looks to a
      bass down there, and whether skirt and trailer match or contrast. Then it builds the lure with you, from parts you
      own or from a list of what to buy.
    </p>
  </div>
  <Button look="primary" onclick={onclose}>Start</Button>
</section>
