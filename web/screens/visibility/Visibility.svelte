<script lang="ts">
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import { waterLength } from '../../words/words'
  import MarkedLine from './MarkedLine.svelte'

  /** How to measure visibility with a lure on a marked line, and why it matters: a read of two minutes. */
  const far = (inches: number) => waterLength(inches, settings.metric)
  const STEPS = $derived([
    [
      'Mark a line',
      `Tie a white or chartreuse lure to a line. Mark the line every ${far(6)} from the nose of the lure, every other time with two marks.`,
    ],
    [
      'Choose the spot',
      'Stand where you fish, not at the ramp. Look straight down on the shady side of the boat or dock. Take off your sunglasses.',
    ],
    [
      'Lower it slowly',
      'Let the lure sink until you just cannot see it anymore. Count the marks that are under water.',
    ],
    [
      'Raise it slowly',
      'Pull it up until you just see it again. Count again. Visibility is the middle of the two depths.',
    ],
    ['Do it again later', 'Measure again when you move to other water, after a wind change, and after rain.'],
  ] as const)
  const WHY = $derived([
    'Nearly every pick depends on it: a hand’s breadth can change the blade, the skirt and the trailer.',
    `A guess is easily off by half: stained water is ${far(12)} to one angler and ${far(36)} to another.`,
    'The model computes from this depth how fast light fades, and from that how far a bass sees each part.',
  ])
  const WATCH = [
    'Where you can see the bottom, use the depth of the bottom as the least and move to deeper water.',
    'Chop makes the lure seem to disappear early: measure in the calm water behind the boat.',
    'Mind the hook: cut its points off, or use a lure without a hook. Do not lean out; wear a life jacket.',
  ]
</script>

<div class="flex flex-col gap-6">
  <header>
    <h1>How to measure visibility</h1>
    <p class="max-w-prose text-sm">Two minutes, with a lure and a marked line.</p>
  </header>
  <div class="grid gap-6 md:grid-cols-[minmax(0,38rem)_16rem]">
    <ol class="flex max-w-prose flex-col gap-3">
      {#each STEPS as [title, text], i (title)}
        <li class="border-rule border-t pt-2">
          <h2 class="text-base">{i + 1}. {title}</h2>
          <p>{text}</p>
        </li>
      {/each}
    </ol>
    <MarkedLine />
  </div>
  <section aria-labelledby="why" class="max-w-prose">
    <h2 id="why" class="border-base-content border-b pb-1">Why measure</h2>
    <ul class="list-disc pt-2 pl-5">
      {#each WHY as sentence (sentence)}<li>{sentence}</li>{/each}
    </ul>
  </section>
  <section aria-labelledby="watch" class="max-w-prose">
    <h2 id="watch" class="border-base-content border-b pb-1">Watch out for</h2>
    <ul class="list-disc pt-2 pl-5">
      {#each WATCH as sentence (sentence)}<li>{sentence}</li>{/each}
    </ul>
  </section>
  <div><Button look="primary" href="#/">Enter your visibility</Button></div>
</div>
