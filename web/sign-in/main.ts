import './sign-in.css'

const form = document.querySelector<HTMLFormElement>('#sign-in')
const phrase = document.querySelector<HTMLInputElement>('#pass-phrase')
const show = document.querySelector<HTMLInputElement>('#show')
const says = document.querySelector('#says')
const button = form?.querySelector('button')

show?.addEventListener('change', () => {
  if (phrase) phrase.type = show.checked ? 'text' : 'password'
})

form?.addEventListener('submit', (event) => {
  event.preventDefault()
  void signIn()
})
// Tapped before this ran, it would do nothing.
if (button) button.disabled = false

/** Where it works the program opens; else the server says why, and the phrase stays to be corrected. */
async function signIn(): Promise<void> {
  if (!phrase || !says) return
  says.textContent = 'Signing in…'
  try {
    const answer = await fetch('/api/sign-in', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ pass_phrase: phrase.value }),
    })
    if (answer.ok) {
      location.replace(`/${location.hash}`)
      return
    }
    says.textContent =
      ((await answer.json()) as { detail?: string }).detail ?? `Kontrast could not answer (${answer.status}).`
  } catch {
    says.textContent = 'Kontrast does not answer. Check that it runs, and that this device is in the same network.'
  }
  phrase.select()
}
