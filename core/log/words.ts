import type { Cause, LogKind, Wish } from '../model'

/** What happened, as it is shown. */
export const KIND_WORDS: Readonly<Record<LogKind, string>> = {
  planted: 'planted',
  'came up': 'came up',
  'first flower': 'first flower',
  'last flower': 'last flower',
  tallest: 'tallest',
  flopped: 'flopped',
  eaten: 'eaten',
  sulked: 'sulked',
  died: 'died',
  moved: 'moved',
  divided: 'divided',
  'self-sown': 'self-sown',
  'wrong colour': 'wrong colour',
  'wrong plant': 'wrong plant',
  cut: 'cut',
  fed: 'fed',
  watered: 'watered',
  bought: 'bought',
  thought: 'thought',
  question: 'question',
  learned: 'learned',
}

/** Why a plant was lost, as it is shown. */
export const CAUSE_WORDS: Readonly<Record<Cause, string>> = {
  wet: 'wet',
  dry: 'dry',
  shade: 'shade',
  sun: 'sun',
  wind: 'wind',
  frost: 'frost',
  eaten: 'eaten',
  roots: 'roots',
  sick: 'sick',
  'not known': 'not known',
}

/** What is to change next season, as it is shown. */
export const WISH_WORDS: Readonly<Record<Wish, string>> = {
  move: 'move',
  split: 'split',
  thin: 'thin',
  more: 'more',
  less: 'less',
  never: 'never',
  try: 'try',
}
