export type ScreenName =
  | 'Reading'
  | 'Advice'
  | 'Bench'
  | 'Build sheet'
  | 'Parts'
  | 'Rules'
  | 'Logbook'
  | 'On the water'
  | 'Outing'
  | 'Trips'
  | 'Trip card'
  | 'Settings'
  | 'Batch build'
  | 'Colors by depth'
  | 'Chart'
  | 'How to measure visibility'
  | 'Page not found'

/** What each screen is for and how to work it, a few sentences each. */
export const HELP: Record<ScreenName, readonly string[]> = {
  Reading: [
    'Describe the water you are fishing. The advice follows each tap.',
    'Visibility is the depth at which a light-colored lure on a marked line just disappears.',
    'Tap a mark, use the steppers, type the number, or rest a finger on the stick for a finer scale.',
    'Your last reading is always kept. “Save reading” puts a copy in the logbook.',
  ],
  Advice: [
    'The picks come first, each with its main reason. Open the sections below for more.',
    'Tap a code such as S4 to read the fact behind a reason.',
    'Change one thing above the picks, and the page marks what that changes. “Change it back” undoes it.',
  ],
  Bench: [
    'Put parts together and see the lure in the hand and in this water.',
    'Arrow keys step through the parts of the marked slot and through the slots. Press / to find a command by name.',
    'Single keys can be turned off in Settings.',
    'Each lure has its own build. Undo goes back up to fifty changes, even after you close the page.',
  ],
  'Build sheet': [
    'How to put the build on the bench together, step by step, on one page to print.',
    '“Build step by step” shows one step at a time and keeps your place.',
  ],
  Parts: [
    'The parts you own. Add them one by one or import a table, and search by any word.',
    'Check several parts to change them at once. Every change can be undone until the next one.',
  ],
  Rules: [
    'Every rule behind the advice, with what it says, when it applies and the facts behind it.',
    'Open a rule to see which other rules it conflicts with and to load a reading where it decides.',
  ],
  Logbook: [
    'Your outings, what they show and how surely, fair trials of two lures, the season of each water, saved readings and waters.',
    'The interval of a rate holds the true one four times in five. No part takes the credit of a good day, nor of what was tied with it.',
  ],
  'On the water': [
    'Notes with one thumb: what is tied on, four big buttons, and Undo. Note each fish once, by how it ended.',
    'A lure counts from tying on to taking off, bites or not. Changing the lure, a part or the water starts a new count.',
    'What is lost or torn is taken from your stock. Undo puts it back.',
  ],
  Outing: ['Everything noted on one day, to correct or to add from memory.'],
  Trips: [
    'Plan a day on the water: when the picks change, and the few lures that cover the day.',
    'Say what the sky and the water may do and how likely that is. The sun’s times follow from the place and the date.',
    'Drag along the timeline, or use the arrow keys, to see the advised lure at each time of the day.',
  ],
  'Trip card': ['The plan on one page, to print and take along. It reads in black and white.'],
  Settings: [
    'Units, theme, currency, keys, and which approach you follow where anglers disagree.',
    'Back up everything as one file, or restore it.',
  ],
  'Batch build': ['Several builds in one sitting: what they use, what is missing, and the order of work.'],
  Chart: [
    'What to tie in this water as it clears, under each sky or for each forage, on one page to print.',
    'Bold marks what differs from the cell on its left.',
  ],
  'Colors by depth': ['How each color holds up as it goes deeper in this water.'],
  'How to measure visibility': ['How to measure visibility with a lure on a marked line, and why it matters.'],
  'Page not found': ['There is no page at this address.'],
}
