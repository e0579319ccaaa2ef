import { computed, ref } from 'vue'
import type { Place } from '@/court/turn'
import type { Cue } from '@/courtside/feedback'
import type { MatchShot, RallyEnd, Side, Team } from '@/shared/api'
import { otherTeam, type Match } from './useMatch'

type How = RallyEnd['how']

/** What a hand beside the court does to the rally that is on, by touch or by key. */
export function useMatchRally(charted: Match, oneHalf: () => boolean, cue: (cue: Cue) => void) {
  const { match } = charted
  const bounce = ref<MatchShot['bounce']>()
  /** Errors that come next are said to be forced. */
  const forced = ref(false)
  const refused = ref('')
  const open = computed(() => match.value?.open)
  const inPlay = computed(() => open.value?.shots.filter((shot) => !shot.serve || shot.outcome === 'IN') ?? [])
  const lastHitter = computed<Team | undefined>(() => inPlay.value.at(-1)?.team)

  function answer(ok: boolean, how: Cue = 'hit') {
    cue(ok ? how : 'refused')
    refused.value = ok ? '' : charted.run.watching.value ? 'watching' : 'refused'
  }

  function refuse(why: string) {
    cue('refused')
    refused.value = why
  }

  function isOver() {
    if (match.value?.ended) {
      refuse('over')
    }
    return !match.value || match.value.ended
  }

  /** A touch of the court: where the next shot went; beyond the lines it is an error of who hit it. */
  function land(at: Place) {
    if (isOver() || !match.value || !open.value) {
      return
    }
    if (match.value.depth === 'POINTS') {
      refuse('pointsOnly')
      return
    }
    const team = charted.hitterOf(at, oneHalf())
    if (open.value.serve && team !== open.value.team) {
      refuse('otherServes')
      return
    }
    const place = charted.seenBy(team, at, oneHalf())
    const { ruling, spot } = charted.where(place)
    if (ruling.outcome !== 'IN') {
      missed(team, ruling.outcome, ruling.side)
      return
    }
    answer(charted.shot({ team, place, gap: isGap(team), bounce: bounce.value, ruling }), spot ? 'hit' : 'miss')
  }

  const isGap = (team: Team) => !open.value?.serve && (team !== open.value?.team || !!open.value.leavesOut)

  /** Where the next shot went, by the number of the part. */
  function spot(number: number) {
    if (isOver() || !open.value) {
      return
    }
    if (match.value?.depth === 'POINTS') {
      refuse('pointsOnly')
      return
    }
    const { team } = open.value
    answer(charted.shot({ team, spot: number, gap: isGap(team), bounce: bounce.value }))
  }

  /** A miss of a team: of a first serve where there is a second one no more than that, else the rally. */
  function missed(team: Team, miss: MatchShot['outcome'], side: Side = 'NONE') {
    if (open.value?.serve && open.value.another && team === open.value.team) {
      answer(charted.shot({ team, ruling: { outcome: miss, side, zone: 0 } }), 'miss')
      return
    }
    end(forced.value ? 'FORCED' : 'UNFORCED', otherTeam(team), miss, side)
  }

  /** The one whose turn it is missed. */
  const nextMissed = (miss: MatchShot['outcome'], side: Side = 'NONE') => isOver() || !open.value || missed(open.value.team, miss, side)

  function end(how: How, winner?: Team, miss: RallyEnd['miss'] = 'NOT_HIT', side: Side = 'NONE') {
    if (isOver()) {
      return
    }
    answer(charted.endRally({ how, ...winner && { winner }, ...miss !== 'NOT_HIT' && { miss }, ...side !== 'NONE' && { side } }))
    forced.value = false
    const now = match.value
    if (now?.fallsBehind) {
      charted.toDepth(now.shallower, true)
    }
  }

  /** Nobody could play what was hit last. */
  function winner() {
    const by = lastHitter.value
    if (by) {
      end('WINNER', by)
    } else {
      refuse('noShot')
    }
  }

  /** The point is given, as for what hindered or touched the net: to who was to hit, or to who hit last. */
  function given(to: 'NEXT' | 'LAST') {
    if (open.value) {
      // Where shots are left out, whose turn it is is not known; who hit last is.
      const last = lastHitter.value ?? otherTeam(open.value.team)
      end('GIVEN', to === 'LAST' ? last : otherTeam(last))
    }
  }

  /** A serve touched the net: it is served again, or played and marked. */
  function netClip() {
    const now = match.value
    const last = open.value?.shots.at(-1)
    if (!now || isOver()) {
      return
    }
    if (open.value?.serve && now.netServe) {
      answer(charted.shot({ team: now.open.team, ruling: { outcome: 'VOID', side: 'NONE', zone: 0 } }), 'tick')
    } else if (last) {
      answer(charted.note(last.id, 'NET_CLIP', !last.notes.includes('NET_CLIP')), 'tick')
    }
  }

  /** A slide of the same touch says which stroke it was. */
  function slide(from: Place, to: Place) {
    const last = open.value?.shots.at(-1)
    const stroke = alternatives.value[directionOf(from, to)]
    if (last && !last.serve && stroke) {
      answer(charted.settle(last.id, { stroke }), 'tick')
    }
  }

  /** The strokes that a slide up, right, down and left says. */
  const alternatives = computed(() => (match.value?.strokes ?? []).filter((one) => one !== 'serve' && one !== 'return').slice(0, 4))

  /** What the touches that come now are the place of. */
  function touchIs(kind: MatchShot['bounce']) {
    bounce.value = kind
  }

  function force() {
    forced.value = !forced.value
  }

  function undo() {
    answer(charted.undo(), 'tick')
  }

  return {
    open, inPlay, lastHitter, bounce, forced, refused, alternatives,
    land, spot, nextMissed, end, winner, given, netClip, slide, force, touchIs, undo, answer,
    redo: () => answer(charted.redo(), 'tick'),
  }
}

function directionOf(from: Place, to: Place): number {
  const [x, y] = [to.x - from.x, to.y - from.y]
  return Math.abs(y) >= Math.abs(x) ? y > 0 ? 0 : 2 : x > 0 ? 1 : 3
}

export type MatchRally = ReturnType<typeof useMatchRally>
