import { useEventListener } from '@vueuse/core'
import type { ShallowRef } from 'vue'
import { sideOfArrow } from '@/court/turn'
import type { MatchView, Side } from '@/shared/api'
import type { MatchRally } from './useMatchRally'

interface Asked {
  match: ShallowRef<MatchView | undefined>
  rally: MatchRally
  facing: () => boolean
  /** What opens beside the court. */
  open: (what: 'SCORE' | 'STORY') => void
}

const FIELD = 'input, textarea, select, [role="dialog"], [role="listbox"]'

/** Every act beside the court of a match has a key: digits place the next shot, arrows say how it missed. */
export function useMatchKeys({ match, rally, facing, open }: Asked) {
  const keys: Record<string, () => unknown> = {
    w: () => rally.winner(),
    n: () => rally.nextMissed('NET'),
    r: () => rally.nextMissed('NO_REACH'),
    f: () => rally.force(),
    l: () => rally.end('LET'),
    u: () => rally.end('NOT_SEEN'),
    c: () => rally.netClip(),
    q: () => rally.end('WON', 'ONE'),
    p: () => rally.end('WON', 'TWO'),
    g: () => rally.given('NEXT'),
    h: () => rally.given('LAST'),
    o: () => open('SCORE'),
    j: () => open('STORY'),
    Backspace: () => rally.undo(),
  }

  function missed(side: Side) {
    const across = side === 'LEFT' || side === 'RIGHT'
    rally.nextMissed(across ? 'WIDE' : side === 'DEEP' ? 'LONG' : 'SHORT', across ? side : 'NONE')
  }

  function actOf(event: KeyboardEvent, now: MatchView): (() => unknown) | undefined {
    if (/^[1-9]$/.test(event.key)) {
      return () => rally.spot(Number(event.key))
    }
    const known = keys[event.key.length === 1 ? event.key.toLowerCase() : event.key]
    if (known) {
      return known
    }
    const side = sideOfArrow(event.key, now.standpoint, facing())
    // Arrows point where they do on the drawing, whichever half the ball goes to.
    const turned = now.open.team === now.nearTeam || facing() ? side : side && OPPOSITE[side]
    return turned && (() => missed(turned))
  }

  useEventListener(window, 'keydown', (event) => {
    const at = event.target instanceof Element ? event.target : undefined
    const onButton = at?.closest('button, a') && ['Enter', ' '].includes(event.key)
    const taken = event.repeat || event.altKey || event.ctrlKey || event.metaKey || event.defaultPrevented
    const act = match.value && !taken && !onButton && !at?.closest(FIELD) ? actOf(event, match.value) : undefined
    if (act) {
      event.preventDefault()
      act()
    }
  })
}

const OPPOSITE: Record<Side, Side> = { SHORT: 'DEEP', DEEP: 'SHORT', LEFT: 'RIGHT', RIGHT: 'LEFT', NONE: 'NONE' }
