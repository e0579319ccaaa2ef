import { useEventListener } from '@vueuse/core'
import { sideOfArrow } from '@/court/turn'
import type { Ruling, Standpoint } from '@/shared/api'
import { plain } from '@/shared/sentences'
import { useSettings } from '@/shared/settings'
import { actionOf, tokenOf, type ActionId } from './keys'

export type KeyActions = Record<ActionId, () => void> & {
  log: (ruling: Ruling) => void
  zone: (number: number) => void
}

/** Every courtside action has a key, its own or a learned one. */
export function useKeys(actions: KeyActions, standpoint: () => Standpoint, facing: () => boolean, active: () => boolean) {
  const settings = useSettings()

  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (!active() || event.defaultPrevented || event.repeat || event.altKey || isTyping(event)) {
      return
    }
    if (act(event)) {
      event.preventDefault()
    }
  })

  function act(event: KeyboardEvent): boolean {
    if (event.ctrlKey || event.metaKey) {
      return event.key.toLowerCase() === 'z' && run(event.shiftKey ? actions.redo : actions.undo)
    }
    const token = tokenOf(event)
    const action = actionOf(token, settings.keys)
    if (action) {
      return run(actions[action])
    }
    if (token >= '1' && token <= '9' && token.length === 1) {
      return run(() => actions.zone(Number(token)))
    }
    const side = sideOfArrow(event.key, standpoint(), facing())
    return side ? run(() => actions.log(rulingOf(side, event.shiftKey))) : false
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
  const field = at.matches('input, textarea, select, [role=listbox], [role=option]') || at.closest('[role=dialog], [role=menu]') !== null
  const onButton = at.matches('button, a, [role=button]') && (event.key === ' ' || (event.key === 'Enter' && !event.shiftKey))
  return field || onButton
}
