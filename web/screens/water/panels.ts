/** On a phone the answer lies in a strip; open, it is a panel of the address, so that Back closes it. */
export const ANSWER = 'answer'

/** What is told of the answer beside its picks, folded to a row; each fold with the names that its parts had as panels of their own. */
export const ANSWER_FOLDS = [
  { key: 'fish', title: 'How to fish it', holds: ['fish', 'wrong', 'notes', 'safety'] },
  { key: 'next', title: 'If it changes', holds: ['next', 'close'] },
  { key: 'others', title: 'Other ways', holds: ['others', 'model', 'lures', 'different'] },
  { key: 'water', title: 'In the water', holds: ['water', 'figures'] },
  { key: 'tell', title: 'Pass it on', holds: ['tell'] },
] as const

export type AnswerFold = (typeof ANSWER_FOLDS)[number]['key']
