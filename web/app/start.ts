import { reach } from '../data/reach.svelte'
import { knowAdvice } from '../data/advice'
import { currentReading } from '../data/currentReading.svelte'
import { news } from '../data/news.svelte'
import { release } from '../data/release.svelte'
import { settings } from '../data/settings.svelte'
import { takeFirst } from './first'

/** Takes what came with the page; what did not is asked for. */
export async function start(): Promise<void> {
  const first = takeFirst()
  if (!first) {
    await Promise.all([settings.load(), currentReading.load()])
    return
  }
  settings.start(first.settings.document, first.settings.version)
  const { document, version } = first.current ?? { document: null, version: null }
  currentReading.start(document && { reading: document.reading, water_id: document.water_id ?? null }, version)
  reach.pageAt = first.at
  news.isThere = first.news
  release.start(first.release)
  if (first.advice) knowAdvice(currentReading.asked, first.advice)
}
