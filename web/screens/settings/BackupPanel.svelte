<script lang="ts">
  import Button from '../../ui/Button.svelte'
  import FileButton from '../../ui/FileButton.svelte'
  import { restoreBackup } from '../../data/backup'
  import { jsonIn } from '../../words/json'

  /** Everything kept, carried away as one file and put back from one; what a file holds is told before anything is replaced. */
  type Chosen = { name: string; backup: unknown; words: string }
  let chosen = $state.raw<Chosen | null>(null)
  let told = $state('')
  let trouble = $state('')

  type Backup = { notebook?: Record<string, unknown>; parts?: unknown; deleted?: Record<string, string> }
  /** What is on the lists; what was deleted comes along uncounted. */
  const count = (list: unknown, deleted: Record<string, string> = {}) =>
    Array.isArray(list) ? list.filter((one: { id?: string }) => !(one.id && one.id in deleted)).length : 0

  const held = ({ notebook, parts, deleted }: Backup) =>
    [
      `${count(notebook?.waters, deleted)} waters`,
      `${count(notebook?.readings, deleted)} readings`,
      `${count(notebook?.builds, deleted)} builds`,
      `${count(parts, deleted)} parts`,
    ].join(', ')

  async function choose(file: File) {
    told = trouble = ''
    chosen = null
    const backup = jsonIn(await file.text()) as Backup | null
    if (backup) chosen = { name: file.name, backup, words: held(backup) }
    else trouble = 'This file is not a backup: it is not JSON. Choose one that this program made.'
  }

  const restore = () =>
    restoreBackup(chosen?.backup, {
      then: (done) => {
        told =
          `Restored: ${done.waters} waters, ${done.readings} readings, ${done.builds} builds, ${done.parts} parts, ` +
          `${done.trips} trips, ${done.outings} outings. ` +
          `The data from before is in ${done.kept_in}, in the folder backups next to the database.`
        chosen = null
      },
      failed: (sentence) => (trouble = sentence),
    })
</script>

<section class="flex flex-col gap-2" aria-labelledby="backup">
  <h1 id="backup">Backup</h1>
  <p class="text-faint max-w-prose text-sm">
    Everything you have stored as one JSON file: waters, readings, builds, parts and your names for colors, trips,
    outings with their notes and pictures, trials, settings. Restoring a backup replaces everything; the current data is
    saved to a file first.
  </p>
  <div class="flex flex-wrap gap-2">
    <Button href="/api/backup" download="">Back up everything</Button>
    <FileButton words="Restore a backup" accept=".json,application/json" onchoose={choose} />
  </div>
  {#if chosen}
    <div class="border-base-content flex flex-wrap items-center gap-2 border-2 p-2 text-sm">
      <p class="flex-1">{chosen.name} holds {chosen.words}. It replaces everything stored now.</p>
      <Button look="primary" onclick={restore}>Replace everything</Button>
      <Button onclick={() => (chosen = null)}>Cancel</Button>
    </div>
  {/if}
  {#if told}<p role="status" class="text-sm font-semibold">{told}</p>{/if}
  {#if trouble}<p role="alert" class="text-error text-sm whitespace-pre-line">{trouble}</p>{/if}
</section>
