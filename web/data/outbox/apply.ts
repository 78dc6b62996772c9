import type { Outing, OutingEvent, Stint } from '../../words/documents'
import type { Write } from './entry'

/** The outing as it is once a write is stored: the same as the server makes of it, so that the page need not wait for the signal. */
export function applied(outing: Outing, write: Write): Outing {
  switch (write.kind) {
    case 'tie':
      return tied(outing, { ...write.body, id: write.stint })
    case 'untie':
      return untied(outing, write.stint)
    case 'note':
      return noted(without(outing, write.event), { ...write.body, id: write.event }, previous(outing, write.event))
    case 'unnote':
      return without(outing, write.event)
    case 'photo':
      return inEvents(outing, (event) => (event.id === write.event ? { ...event, has_photo: true } : event))
    case 'unphoto':
      return inEvents(outing, (event) => (event.id === write.event ? { ...event, has_photo: false } : event))
    case 'end':
      return ended(outing, write.ended_at)
    case 'box':
      return { ...outing, box: write.box }
    default:
      return outing
  }
}

const stintsOf = (outing: Outing) => outing.stints ?? []
const isOf = (stint: Stint, angler: Stint['angler']) => (stint.angler ?? 'me') === (angler ?? 'me')
/** Moments are compared as such: the server writes “+00:00” where this device writes “Z”. */
const on = (moment: string) => Date.parse(moment)
const inOrder = (stints: Stint[]) => stints.toSorted((a, b) => on(a.started_at) - on(b.started_at))

/** A new lure ends the one that was on then, and takes over what happened after; a note of a known one is replaced. */
function tied(outing: Outing, stint: Stint): Outing {
  const stints = stintsOf(outing)
  const known = stints.find((one) => one.id === stint.id)
  if (known) {
    const same = { ...stint, ended_at: stint.ended_at ?? known.ended_at ?? null, events: known.events ?? [] }
    return { ...outing, stints: stints.map((one) => (one === known ? same : one)) }
  }
  const mine = inOrder(stints).filter((one) => isOf(one, stint.angler))
  const before = mine.findLast(
    (one) => on(one.started_at) <= on(stint.started_at) && (!one.ended_at || on(one.ended_at) > on(stint.started_at)),
  )
  const next = mine.find((one) => on(one.started_at) > on(stint.started_at))
  const ends = stint.ended_at ?? next?.started_at ?? null
  const isLater = (event: OutingEvent) =>
    on(event.at) > on(stint.started_at) && (ends === null || on(event.at) <= on(ends))
  const moved = (before?.events ?? []).filter(isLater)
  const others = stints.map((one) =>
    one === before
      ? { ...one, ended_at: stint.started_at, events: (one.events ?? []).filter((event) => !isLater(event)) }
      : one,
  )
  return { ...outing, stints: inOrder([...others, { ...stint, ended_at: ends, events: moved }]) }
}

/** A lure that was tied on by mistake is taken off the list, and the one before it goes on. */
function untied(outing: Outing, id: string): Outing {
  const gone = stintsOf(outing).find((stint) => stint.id === id)
  if (!gone) return outing
  const rest = stintsOf(outing).filter((stint) => stint !== gone)
  const before = inOrder(rest).findLast(
    (stint) => isOf(stint, gone.angler) && on(stint.started_at) <= on(gone.started_at),
  )
  return {
    ...outing,
    stints: rest.map((stint) => (stint === before && !gone.ended_at ? { ...stint, ended_at: null } : stint)),
  }
}

/** What happened belongs to the lure that was on then: the angler's own, else mine. */
function noted(outing: Outing, event: OutingEvent, was: OutingEvent | undefined): Outing {
  const running = inOrder(stintsOf(outing)).filter(
    (stint) => on(stint.started_at) <= on(event.at) && (!stint.ended_at || on(stint.ended_at) >= on(event.at)),
  )
  const under = running.findLast((stint) => isOf(stint, event.angler)) ?? running.findLast((stint) => isOf(stint, 'me'))
  const whole: OutingEvent = {
    has_photo: was?.has_photo ?? false,
    ...event,
    ...(was?.taken ? { taken: was.taken } : {}),
  }
  return {
    ...outing,
    stints: stintsOf(outing).map((stint) =>
      stint === under ? { ...stint, events: byTime([...(stint.events ?? []), whole]) } : stint,
    ),
  }
}

const byTime = (events: OutingEvent[]) => events.toSorted((a, b) => on(a.at) - on(b.at))

function previous(outing: Outing, id: string): OutingEvent | undefined {
  return stintsOf(outing)
    .flatMap((stint) => stint.events ?? [])
    .find((event) => event.id === id)
}

function without(outing: Outing, event: string): Outing {
  return {
    ...outing,
    stints: stintsOf(outing).map((stint) => ({
      ...stint,
      events: (stint.events ?? []).filter((one) => one.id !== event),
    })),
  }
}

function inEvents(outing: Outing, change: (event: OutingEvent) => OutingEvent): Outing {
  return {
    ...outing,
    stints: stintsOf(outing).map((stint) => ({ ...stint, events: (stint.events ?? []).map(change) })),
  }
}

function ended(outing: Outing, at: string): Outing {
  return {
    ...outing,
    ended_at: at,
    stints: stintsOf(outing).map((stint) =>
      stint.ended_at ? stint : { ...stint, ended_at: on(at) > on(stint.started_at) ? at : stint.started_at },
    ),
  }
}
