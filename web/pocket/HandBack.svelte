<script lang="ts">
  import type { Outing, TripPack } from '../words/documents'
  import { outingOf } from '../data/outbox/entry'
  import { outbox } from '../data/outbox/outbox.svelte'
  import Button from '../ui/Button.svelte'
  import { download } from '../ui/download'

  /** The notes of this file as the logbook's JSON, which Kontrast imports: shared, or saved and carried over. */
  let { pack }: { pack: TripPack } = $props()
  const TYPE = 'application/json'
  const begun = $derived(outbox.entries.flatMap((one) => (one.write.kind === 'outing' ? [one.write.outing] : [])))
  let says = $state('')
  const name = $derived(`kontrast-notes-${pack.trip.trip.date}.json`)

  async function notes(): Promise<string> {
    const all = await Promise.all(begun.map((id) => outbox.outing(id)))
    const outings = all.filter((one): one is Outing => one !== null).map(withPhotos)
    return JSON.stringify({ waters: [], readings: [], outings }, null, 1)
  }

  /** Grows with each note, so that Kontrast can tell an older file from a newer one. */
  const newest = (outing: string) =>
    Math.max(...outbox.entries.map(({ key, write }) => (outingOf(write) === outing ? key : 0)))

  /** A picture goes along with its event. */
  function withPhotos(outing: Outing): Outing {
    const photos: Record<string, string> = {}
    for (const { write } of outbox.entries) if (write.kind === 'photo') photos[write.event] = write.photo
    const stints = (outing.stints ?? []).map((stint) => ({
      ...stint,
      events: (stint.events ?? []).map((event) => {
        const photo = event.has_photo ? photos[event.id ?? ''] : undefined
        return photo ? { ...event, photo } : event
      }),
    }))
    return { ...outing, version: newest(outing.id ?? ''), stints }
  }

  async function share() {
    const file = new File([await notes()], name, { type: TYPE })
    try {
      await navigator.share({ files: [file], title: name })
      says = 'Shared. The notes stay here too.'
    } catch (error) {
      says =
        error instanceof DOMException && error.code === DOMException.ABORT_ERR
          ? ''
          : 'Sharing did not work. Save the file instead.'
    }
  }

  async function save() {
    download(name, TYPE, await notes())
    says = `Saved as ${name}. The notes stay here too.`
  }

  const canShare =
    typeof navigator.canShare === 'function' &&
    navigator.canShare({ files: [new File(['{}'], 'x.json', { type: TYPE })] })
</script>

<h1 class="pb-2">Hand your notes back</h1>
{#if begun.length === 0}
  <p>Nothing is noted yet.</p>
{:else}
  <p class="pb-3 text-sm">
    Send the file to your computer, and import it there: Logbook, Outings, Import. Doing it twice does no harm; notes
    that are new are added.
  </p>
  <div class="flex flex-col gap-2">
    {#if canShare}<Button look="primary" size="large" onclick={share}>Share the notes</Button>{/if}
    <Button look={canShare ? 'outline' : 'primary'} size="large" onclick={save}>Save the notes as a file</Button>
  </div>
  <p role="status" class="py-2 text-sm font-semibold">{says}</p>
{/if}
