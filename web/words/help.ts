/** The five places, and the gear beside them. */
export type PlaceName = 'Water' | 'Tie' | 'Box' | 'Fish' | 'Learned' | 'Settings'
export type ScreenName =
  | PlaceName
  | 'Rules'
  | 'On the water'
  | 'Outing'
  | 'Trip card'
  | 'Chart'
  | 'How to measure visibility'
  | 'Page not found'

/** What each screen is for and how to work it, a few sentences each. */
export const HELP: Record<ScreenName, readonly string[]> = {
  Water: [
    'Describe the water you are fishing. The answer beside it follows each tap; on a phone it opens from the strip above the places.',
    'Visibility is the depth at which a light-colored lure on a marked line just disappears.',
    'Tap a mark, use the steppers, type the number, or rest a finger on the stick for a finer scale.',
    'Each row of the answer opens to its reasons and its rules. “Change it back” undoes the last change.',
    'Your last reading is always kept. “Save reading” puts a copy under Waters.',
  ],
  Tie: [
    'Put parts together and see the lure in the hand and in this water.',
    'Arrow keys step through the parts of the marked slot and through the slots. Press / to find a command by name.',
    'Single keys can be turned off in Settings.',
    'Each lure has its own build. Undo goes back up to fifty changes, even after you close the page.',
    'The build sheet puts it together step by step, on one page to print; a batch builds several in one sitting.',
  ],
  Box: [
    'The parts you own. Paste a list in your own words, add them one by one, or import a table.',
    'Check several parts to change them at once. Every change can be undone until the next one.',
    'What to buy lists what the build on Tie lacks, and which single parts would help most.',
  ],
  Fish: [
    'Plan a day on the water: when the picks change, and the few lures that cover the day.',
    'Say what the sky and the water may do and how likely that is. The sun’s times follow from the place and the date.',
    'Drag along the timeline, or use the arrow keys, to see the advised lure at each time of the day.',
  ],
  Learned: [
    'Practice makes up waters, lures and days by the program’s own rules: what to tie, what stands out, how far one sees, what is wrong.',
    'Your outings, what they show and how surely, fair trials of two lures, and the season of each water.',
    'The interval of a rate holds the true one four times in five. No part takes the credit of a good day, nor of what was tied with it.',
  ],
  Settings: [
    'Units, theme, currency, keys, and which approach you follow where anglers disagree.',
    'Waters and saved readings, the rules, your devices, and everything as one file, out and in again.',
  ],
  Rules: [
    'Every rule behind the advice, with what it says, when it applies and the facts behind it.',
    'Open a rule to see which other rules it conflicts with and to load a reading where it decides.',
  ],
  'On the water': [
    'Notes with one thumb: what is tied on, four big buttons, and Undo. Note each fish once, by how it ended.',
    'A lure counts from tying on to taking off, bites or not. Changing the lure, a part or the water starts a new count.',
    'What is lost or torn is taken from your stock. Undo puts it back.',
  ],
  Outing: ['Everything noted on one day, to correct or to add from memory.'],
  'Trip card': ['The plan on one page, to print and take along. It reads in black and white.'],
  Chart: [
    'What to tie in this water as it clears, under each sky or for each forage, on one page to print.',
    'Bold marks what differs from the cell on its left.',
  ],
  'How to measure visibility': ['How to measure visibility with a lure on a marked line, and why it matters.'],
  'Page not found': ['There is no page at this address.'],
}
