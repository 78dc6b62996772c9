import { mount } from 'svelte'
import App from './App.svelte'
import { address } from './address.svelte'

address.start()
const target = document.getElementById('app')
if (target) {
  target.textContent = ''
  mount(App, { target })
}
