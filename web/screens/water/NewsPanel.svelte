<script lang="ts">
  import { outingsQuery } from '../../data/outings'
  import { seasonQuery } from '../../data/logbook'
  import Button from '../../ui/Button.svelte'
  import Facts from '../../ui/Facts.svelte'
  import { time } from '../../words/numbers'
  import { capital } from '../../words/words'

  /** What the logbook has to say today: an outing that nobody ended, and moments of the season that have come or are near. */
  const outings = outingsQuery()
  const season = seasonQuery()
  const open = $derived(outings.data?.find((outing) => outing.ended_at === null))
  const notices = $derived((season.data ?? []).flatMap((water) => water.notices.map((notice) => ({ water, notice }))))
</script>

{#if open}
  <p class="border-base-content flex flex-wrap items-center justify-between gap-2 border-2 p-2 text-sm" role="status">
    <span>An outing is still open: {open.water || 'no named water'}, last note {time(open.last_noted_at)}.</span>
    <Button look="primary" href="#/on-the-water/{open.id}">Go on with it</Button>
  </p>
{/if}
{#each notices as { water, notice } (water.water_id + notice.moment)}
  <p class="border-base-content border-2 p-2 text-sm" role="status">
    <a class="font-semibold underline" href="#/learned/season">{water.water}</a>
    <span class="font-semibold">{notice.has_come ? '' : ' is near'}: {capital(notice.words)}.</span>
    {notice.meaning}
    <Facts ids={notice.facts} />
  </p>
{/each}
