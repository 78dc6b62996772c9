import { whenWritten } from './cache'

/** Whether the logbook has something to say on the first screen: an outing still open, a moment of the season. */
class News {
  isThere = $state(false)

  constructor() {
    whenWritten((what) => {
      if (what === 'everything' || what.includes('notes') || what.includes('readings')) this.isThere = true
    })
  }
}

export const news = new News()
