import type { Ref } from 'vue'
import { plain } from '@/shared/sentences'
import type { useCharting } from './useCharting'
import type { KeyActions } from './useKeys'
import type { Live } from './useLive'
import type { PatternNow } from './usePattern'
import { keysOfRally } from './useRally'
import type { Charted } from './useSet'
import type { Way } from './ways'

interface Court {
  charted: Charted
  hand: ReturnType<typeof useCharting>
  live: Live
  pattern: PatternNow
  way: Ref<Way>
  countIs: Ref<boolean>
  help: Ref<boolean>
  turn: () => void
  nextSide: () => void
  skip: () => void
}

/** What each key does beside the court. */
export function actionsOf({ charted: { set }, hand, live, pattern, way, countIs, help, turn, nextSide, skip }: Court): KeyActions {
  const { hit, miss } = keysOfRally(live.rally, (given) => void hand.logKey(given))
  const toggle = (one: Way) => {
    way.value = way.value === one ? 'COURT' : one
  }
  return {
    log: miss, zone: hand.hitZone, hit, undo: hand.undo, redo: hand.redo, judge: hand.judge,
    close: () => void hand.closeOrNext(), turn, callOther: () => hand.callClose(true), callStands: () => hand.callClose(false),
    notHit: () => miss(plain('NOT_HIT')), net: () => miss(plain('NET')), notSeen: () => void hand.logKey(plain('NOT_SEEN')),
    noReach: () => miss(plain('NO_REACH')), void: () => void hand.logKey(plain('VOID')), effect: hand.effect,
    netClip: () => hand.note('NET_CLIP'), watchKept: () => hand.note('WATCH_KEPT'), watchLost: () => hand.note('WATCH_LOST'),
    choiceRight: () => hand.note('CHOICE_RIGHT'), choiceWrong: () => hand.note('CHOICE_WRONG'),
    struckWell: () => hand.note('STRUCK_WELL'), struckBadly: () => hand.note('STRUCK_BADLY'),
    asAsked: () => hand.note('AS_ASKED'), mark: () => hand.note('MARKED'), nextSide, pause: hand.pause, rallyOver: live.rally.over,
    clock: () => live.hasClock.value && live.startOrStop(), countIs: () => { countIs.value = !!set.value && !set.value.closed },
    skip, halves: () => toggle('HALVES'), far: () => toggle('FAR'), help: () => { help.value = true }, ...pattern.ends,
  }
}
