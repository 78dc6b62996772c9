import { mount } from 'svelte'
import App from './App.svelte'
import { noteScroll } from './scroll'
import { address } from '../data/address.svelte'
import { watchCache } from '../data/busy'
import { queryClient } from '../data/cache'

address.start()
noteScroll()
watchCache(queryClient)
const target = document.getElementById('app')
/** How long the page waits for its letters: those of the device take other room, and a change would move all under a thumb. (Chosen.) */
const LETTERS_MS = 3000
await Promise.race([
  document.fonts.load('1em "Archivo Variable"'),
  new Promise((done) => setTimeout(done, LETTERS_MS)),
]).catch(() => undefined)
if (target) {
  target.textContent = ''
  mount(App, { target })
}
