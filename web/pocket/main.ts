import './noNetwork'
import { mount } from 'svelte'
import type { TripPack } from '../api/client'
import '../app/app.css'
import Pocket from './Pocket.svelte'

const target = document.getElementById('app')
const pack = JSON.parse(document.getElementById('pack')?.textContent ?? 'null') as TripPack
if (target) {
  target.textContent = ''
  mount(Pocket, { target, props: { pack } })
}
