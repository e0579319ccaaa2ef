import { useEventListener } from '@vueuse/core'
import type { Outcome, Ruling, Standpoint } from '@/shared/api'
import { sideOfArrow } from '@/court/turn'
import { plain } from '@/shared/sentences'

export interface KeyActions {
  log: (ruling: Ruling) => void
  undo: () => void
  redo: () => void
  callOther: () => void
  effect: () => void
  zone: (number: number) => void
  callStands: () => void
  judge: () => void
  close: () => void
  turn: () => void
  help: () => void
}

const OUTCOMES: Record<string, Outcome> = { ' ': 'HIT', 'n': 'NET', 'u': 'NOT_SEEN', 'r': 'NO_REACH', 'v': 'VOID' }

/** Every courtside action has a key; a clicker or foot switch is a keyboard with few keys. */
export function useKeys(actions: KeyActions, standpoint: () => Standpoint, facing: () => boolean) {
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.repeat || event.altKey || isTyping(event)) {
      return
    }
    if (act(event)) {
      event.preventDefault()
    }
  })

  function act(event: KeyboardEvent): boolean {
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
    if (event.ctrlKey || event.metaKey) {
      return key === 'z' && run(event.shiftKey ? actions.redo : actions.undo)
    }
    const outcome = OUTCOMES[key]
    if (outcome) {
      return run(() => actions.log(plain(outcome)))
    }
    if (key >= '1' && key <= '9') {
      return run(() => actions.zone(Number(key)))
    }
    const side = sideOfArrow(key, standpoint(), facing())
    if (side) {
      return run(() => actions.log(rulingOf(side, event.shiftKey)))
    }
    const keys: Record<string, () => void> = {
      'Backspace': event.shiftKey ? actions.redo : actions.undo,
      'c': actions.callOther,
      'e': actions.effect,
      's': actions.callStands,
      'j': actions.judge,
      't': actions.turn,
      '?': actions.help,
    }
    const action = key === 'Enter' && event.shiftKey ? actions.close : keys[key]
    return action ? run(action) : false
  }
}

/** An arrow names the miss; with shift, or towards the hitter where nothing is out, the shot was in. */
function rulingOf(side: 'SHORT' | 'DEEP' | 'LEFT' | 'RIGHT' | 'NONE', inPlay: boolean): Ruling {
  if (inPlay || side === 'SHORT') {
    return plain('IN', side)
  }
  return side === 'DEEP' ? plain('LONG') : plain('WIDE', side)
}

function run(action: () => void): true {
  action()
  return true
}

/** Fields keep their keys; a focused button keeps space and enter, so that the page works by keyboard. */
function isTyping(event: KeyboardEvent): boolean {
  const at = event.target
  if (!(at instanceof HTMLElement)) {
    return false
  }
  const field = at.matches('input, textarea, select, [role=listbox], [role=option]') || at.closest('[role=dialog]') !== null
  const onButton = at.matches('button, a, [role=button]') && (event.key === ' ' || (event.key === 'Enter' && !event.shiftKey))
  return field || onButton
}
