import './noNetwork'
import { mount } from 'svelte'
import type { TripPack } from '../words/documents'
import '../ui/app.css'
import type { PracticeFile } from '../offline/pocketFile'
import Pocket from './Pocket.svelte'
import PocketPractice from './PocketPractice.svelte'

const target = document.getElementById('app')
const pack = JSON.parse(document.getElementById('pack')?.textContent ?? 'null') as TripPack | PracticeFile
if (target) {
  target.textContent = ''
  if ('kontrast_practice' in pack) mount(PocketPractice, { target, props: { file: pack } })
  else mount(Pocket, { target, props: { pack } })
}
