<script lang="ts">
  import { accessQuery, access as writes } from '../../data/access'
  import { notices } from '../../data/notices.svelte'
  import Button from '../../ui/Button.svelte'
  import Stored from '../../ui/Stored.svelte'
  import { dateTime } from '../../words/clock'
  import { deviceWords } from './device'

  /** Where a phone reaches Kontrast, what it has to trust, and which devices are signed in. */
  const access = accessQuery()

  const code = async (address: string) => {
    const { toString } = await import('qrcode')
    return `data:image/svg+xml,${encodeURIComponent(await toString(address, { type: 'svg', margin: 2 }))}`
  }

  const end = (id: string, device: string) => writes.end(id, () => notices.say(`Signed out: ${device}.`))

  /** What waits here would go with everything else that the browser keeps. */
  async function signOut() {
    const { outbox } = await import('../../data/outbox/outbox.svelte')
    if (outbox.entries.length > 0) {
      notices.problem(new Error('Notes on this device have not been sent yet. Send or discard them first.'))
      return
    }
    await writes.signOut(undefined, () => location.assign('/sign-in'))
  }
</script>

<section class="flex flex-col gap-3" aria-labelledby="access">
  <h1 id="access">On your phone</h1>
  <Stored query={access} waiting="Loading devices…">
    {#snippet children(now)}
      {#if now.addresses.length === 0}
        <p class="max-w-prose text-sm">
          Kontrast is reached from this computer only. To use it on a phone in the same network, start it with
          <code>./kontrast serve --phone</code>. Devices then sign in with a pass phrase.
        </p>
      {:else}
        <div class="flex flex-wrap items-start gap-4">
          {#await code(now.addresses[0] ?? '') then picture}
            <img class="border-rule h-40 w-40 border" src={picture} alt="QR code of {now.addresses[0]}" />
          {/await}
          <div class="min-w-48 flex-1 text-sm">
            <p>In the same network, open one of these, or scan the code:</p>
            <ul class="py-1 font-semibold">
              {#each now.addresses as address (address)}<li class="break-all">{address}</li>{/each}
            </ul>
            {#if now.fingerprint}
              <p>
                The first time, the phone warns of a certificate it does not know. The sign-in page says how to trust
                it. Its fingerprint (SHA-256):
              </p>
              <p class="font-mono text-xs break-words">{now.fingerprint}</p>
            {/if}
          </div>
        </div>
      {/if}
      {#if now.sessions.length > 0}
        <ul aria-label="Signed in">
          {#each now.sessions as session (session.id)}
            {@const device = deviceWords(session.device)}
            <li class="border-rule flex flex-wrap items-center justify-between gap-2 border-t py-2 text-sm">
              <span class="min-w-48 flex-1"
                ><span class="font-semibold">{device}{session.is_this ? ' (this device)' : ''}</span><br />
                {session.address}, signed in {dateTime(session.signed_in_at)}, used {dateTime(
                  session.last_used_at,
                )}</span
              >
              {#if session.is_this}<Button onclick={signOut}>Sign out</Button>
              {:else}<Button label="Sign out {device}" onclick={() => end(session.id, device)}>Sign out</Button>{/if}
            </li>
          {/each}
        </ul>
      {/if}
      {#if now.has_pass_phrase}
        <p class="text-faint text-sm">
          <code>./kontrast passphrase</code> on the computer sets a new pass phrase and signs every device out.
        </p>
      {/if}
    {/snippet}
  </Stored>
</section>
