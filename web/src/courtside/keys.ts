/** Every courtside action with the key that it has until another is learned; a clicker is a keyboard with few keys. */
export const KEYS = {
  hit: 'Space',
  notHit: '0',
  net: 'n',
  notSeen: 'u',
  noReach: 'r',
  void: 'v',
  undo: 'Backspace',
  redo: 'Shift+Backspace',
  callOther: 'c',
  callStands: 's',
  effect: 'e',
  netClip: 'l',
  watchKept: 'w',
  watchLost: 'Shift+w',
  asAsked: 'a',
  choiceRight: 'g',
  choiceWrong: 'Shift+g',
  struckWell: 'y',
  struckBadly: 'Shift+y',
  mark: 'm',
  nextSide: 'x',
  clock: 'k',
  rallyOver: 'Enter',
  partnerMissed: 'b',
  feederMissed: 'd',
  letBall: 'i',
  pause: 'p',
  countIs: 'o',
  skip: 'q',
  judge: 'j',
  close: 'Shift+Enter',
  turn: 't',
  halves: 'h',
  far: 'f',
  help: '?',
} as const

export type ActionId = keyof typeof KEYS

/** A key as it is remembered: with shift where that makes another key of it. */
export function tokenOf(event: KeyboardEvent): string {
  const key = event.key === ' ' ? 'Space' : event.key.length === 1 ? event.key.toLowerCase() : event.key
  const shifted = event.shiftKey && (event.key.length > 1 || /[a-z]/i.test(event.key) || event.key === ' ')
  return shifted ? `Shift+${key}` : key
}

/** What a key does: what was learned comes before what it does by itself. */
export function actionOf(token: string, learned: Record<string, string>): ActionId | undefined {
  const ids = Object.keys(KEYS) as ActionId[]
  return ids.find((id) => learned[id] === token) ?? ids.find((id) => learned[id] === undefined && KEYS[id] === token)
}
