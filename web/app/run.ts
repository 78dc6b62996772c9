import { mount } from 'svelte'
import App from './App.svelte'
import { noteScroll } from './scroll'
import { address } from './address.svelte'

address.start()
noteScroll()
const target = document.getElementById('app')
if (target) {
  target.textContent = ''
  mount(App, { target })
}
