import { computed, ref, shallowRef, type ComputedRef, type Ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Place } from '@/court/turn'
import type { Laid, Level, LyingZone, Ruling, SetView, Shot, Sport, Plane, Stance, Verdict } from '@/shared/api'
import { useGoals } from '@/shared/goals'
import { plain, useSentences } from '@/shared/sentences'
import { useSettings } from '@/shared/settings'
import type { Logged, Note } from './entries'
import type { Cue } from './feedback'
import { landingsOf } from './landings'
import type { Charted } from './useSet'

interface Seen {
  rung: ComputedRef<Level | undefined>
  zones: () => LyingZone[]
  stages: () => number
  onSurface: ComputedRef<{ sport: Sport, plane: Plane } | undefined>
  /** Shots touched while the set is still being made ready wait for it, in their order. */
  ready: Ref<Promise<unknown>>
  logged: (shot: string) => void
}

/** What a hand beside the court does to the set, answered by a word and a sound. */
export function useCharting(charted: Charted, seen: Seen, cue: (cue: Cue) => void) {
  const { t } = useI18n()
  const { ruling } = useSentences()
  const goals = useGoals()
  const settings = useSettings()
  const { set, level } = charted
  const verdict = shallowRef<Verdict>()
  const chosenId = ref<string>()
  const decided = ref<string>()
  const said = ref('')
  /** Shots that were touched and wait for the set. */
  const held = ref(0)
  const locked = ref(false)

  const shots = computed(() => set.value?.shots ?? [])
  const closeShot = computed(() => {
    const last = shots.value.at(-1)
    return last?.close ? last : undefined
  })
  const chosen = computed(() => {
    const place = shots.value.findIndex((shot) => shot.id === chosenId.value)
    const shot = shots.value[place]
    return shot && { shot, number: place + 1 }
  })
  const counted = () => seen.rung.value ? goals.counted(seen.rung.value, set.value) : ''
  const lastRuling = (now: SetView): Ruling => now.shots.at(-1)?.ruling ?? plain('VOID')

  function settle(logged: Logged | undefined, words?: (set: SetView) => string) {
    if (!logged) {
      return
    }
    if (!logged.ok) {
      cue('refused')
      said.value = t('courtside.refused', { reason: t(`problem.${logged.problem.code}`, { ...logged.problem }) })
      return
    }
    if (!logged.set.closed) {
      verdict.value = undefined
    }
    said.value = words ? words(logged.set) : counted()
  }

  /** Another tab of this browser has the pen. */
  function isOnlyWatched(): boolean {
    if (charted.run.watching.value) {
      cue('refused')
      said.value = t('pen.watching')
    }
    return charted.run.watching.value
  }

  async function log(write: () => Logged | undefined): Promise<boolean> {
    held.value += 1
    await seen.ready.value
    held.value -= 1
    if (isOnlyWatched()) {
      return false
    }
    if (locked.value || set.value?.closed || set.value?.count.full) {
      cue('refused')
      said.value = set.value?.closed ? t('courtside.closed') : t('courtside.full', { balls: set.value?.trials ?? 0 })
      return false
    }
    chosenId.value = undefined
    if (set.value?.pausedSince !== undefined) {
      charted.entries.goOn()
    }
    const logged = write()
    if (!logged) {
      cue('miss')
      said.value = t('courtside.onTheWay', { count: charted.ball.onTheWay.value.length, stages: seen.stages() })
      return false
    }
    settle(logged, (now) => t('courtside.said', { ruling: ruling(lastRuling(now), seen.onSurface.value), count: counted() }))
    if (logged.ok) {
      cue(lastRuling(logged.set).outcome === 'HIT' ? 'hit' : 'miss')
      seen.logged(logged.set.shots.at(-1)?.id ?? '')
    }
    return logged.ok
  }

  /** What is no shot, but belongs to the set: it waits for the set, too. */
  async function enter(write: () => Logged | undefined) {
    await seen.ready.value
    if (isOnlyWatched()) {
      return
    }
    if (locked.value || set.value?.closed) {
      cue('refused')
    } else {
      settle(write())
    }
  }

  /** Whose ball is next; in its order among the balls that wait for the set. */
  async function toSide(sideOf: (now: number) => number) {
    await seen.ready.value
    charted.team.value = sideOf(charted.team.value)
  }

  const logKey = (given: Ruling) => log(() => charted.ball.key(given, settings.caller, settings.standpoint))
  const { land, landInZone } = landingsOf(charted, log, settings)

  /** One by one; of a pattern they are its passes, of whose steps nothing is said. */
  async function logRow(row: string) {
    const rung = seen.rung.value
    for (const one of row) {
      await (rung?.dials.pattern && rung.unit === 'PASS' && rung.hitsAlone
        ? log(() => charted.entries.countHits(Number(one), 1, settings.caller, settings.standpoint))
        : logKey(plain(one === '1' ? 'HIT' : 'NOT_HIT')))
    }
  }

  const call = (shot: string, given: Ruling) => isOnlyWatched() || settle(charted.entries.call(shot, given),
    () => t('courtside.said', { ruling: ruling(given), count: counted() }))
  const takenBack = () => t('courtside.undone', { count: counted() })

  /** What is taken back, marked or closed comes after the balls that were touched before it. */
  async function undo() {
    await seen.ready.value
    if (isOnlyWatched()) {
      return
    }
    if (charted.ball.onTheWay.value.length > 0) {
      charted.ball.forget()
    } else if (!set.value?.closed) {
      settle(charted.entries.undo(), takenBack)
    }
  }

  async function redo() {
    await seen.ready.value
    if (!isOnlyWatched() && !set.value?.closed) {
      settle(charted.entries.redo(), takenBack)
    }
  }

  async function callClose(other: boolean) {
    await seen.ready.value
    const shot = closeShot.value
    if (shot) {
      call(shot.id, other && shot.other ? shot.other : shot.ruling)
    }
  }

  /** A flick after a close touch, without lifting: towards the zone's middle it was in it, away it was not. */
  function flick(from: Place, to: Place) {
    const shot = closeShot.value
    const number = shot?.other?.zone || shot?.ruling.zone
    const middle = (seen.zones().find((zone) => zone.number === number) ?? seen.zones()[0])?.whole.middle
    if (!middle || !shot?.other) {
      return
    }
    const towards = (to.x - from.x) * (middle.x - from.x) + (to.y - from.y) * (middle.y - from.y) > 0
    const hit = shot.ruling.outcome === 'HIT' ? shot.ruling : shot.other
    const not = shot.ruling.outcome === 'HIT' ? shot.other : shot.ruling
    call(shot.id, towards ? hit : not)
  }

  /** The effect on the receiver: of the shot just charted, or of one without a place. */
  async function effect() {
    await seen.ready.value
    const shot = closeShot.value
    if (shot?.other?.outcome === 'HIT') {
      call(shot.id, shot.other)
    } else {
      void logKey(plain('HIT'))
    }
  }

  function hitZone(number: number) {
    if (seen.rung.value?.target.zones.some((zone) => zone.number === number)) {
      void logKey({ outcome: 'HIT', side: 'NONE', zone: number })
    }
  }

  /** A mark on the chosen shot, else on the last one; again takes it off. */
  async function note(what: Note) {
    await seen.ready.value
    const shot = chosen.value?.shot ?? shots.value.at(-1)
    if (shot && !isOnlyWatched() && !set.value?.closed) {
      const on = !shot.notes.includes(what)
      settle(charted.entries.note(shot.id, what, on), () => t(on ? 'note.on' : 'note.off', { note: t(`note.${what}`) }))
    }
  }

  async function pause() {
    await seen.ready.value
    const now = set.value
    if (now && !isOnlyWatched() && !now.closed) {
      settle(now.pausedSince === undefined ? charted.entries.pause() : charted.entries.goOn(), (after) =>
        t(after.pausedSince === undefined ? 'pause.over' : 'pause.on'))
    }
  }

  const ballOf = (id: string): Shot | undefined => shots.value.find((shot) => shot.id === id)
  const give = (id: string, to: string) => settle(charted.entries.give(id, to))

  /**
   * A ball of another player's set, with its places, what a person called it, and what is marked on it.
   * @returns the shot that it is in this set, if it could be taken
   */
  async function take({ x, y, before = [], ruling: was, called, by, notes }: Shot): Promise<string | undefined> {
    const taken = await log(() => x === undefined || y === undefined
      ? charted.ball.key(was, by, settings.standpoint)
      : charted.ball.landed(before, { x, y }, by, settings.standpoint))
    const id = taken ? shots.value.at(-1)?.id : undefined
    if (id !== undefined) {
      notes.forEach((mark) => charted.entries.note(id, mark, true))
      if (called) {
        call(id, was)
      }
    }
    return id
  }

  const closeOpen = async () => set.value && !set.value.closed ? closeOrNext() : undefined

  function lay(laid: Laid[]): string {
    const problem = charted.conditions.under({ laid })
    return problem ? t(`problem.${problem.code}`, { ...problem }) : ''
  }

  const standAt = (moved: Stance) => settle(charted.entries.standAt(moved))

  const unchoose = () => void (chosenId.value = undefined)

  function judge() {
    verdict.value = charted.says.judged()?.verdict
  }

  async function closeOrNext() {
    await seen.ready.value
    if (isOnlyWatched()) {
      return
    }
    if (set.value?.closed) {
      seen.ready.value = next()
      return
    }
    const judged = charted.says.judged()
    if (judged) {
      chosenId.value = undefined
      verdict.value = judged.verdict
      settle(charted.entries.close(judged.said), () => t('courtside.closed'))
    }
  }

  function move(to: number, by: 'RULE' | 'COACH', unmet: boolean) {
    if (isOnlyWatched()) {
      return
    }
    const byRule = to > level.value ? 'up' : 'down'
    settle(charted.entries.moveLevel(to, by, unmet))
    decided.value = t(`courtside.decided.${unmet ? 'unmet' : by === 'COACH' ? 'coach' : byRule}`, { to })
  }

  function reopen() {
    if (isOnlyWatched()) {
      return
    }
    decided.value = verdict.value = undefined
    settle(charted.entries.reopen())
  }

  async function next() {
    decided.value = verdict.value = chosenId.value = undefined
    await charted.next()
  }

  return {
    verdict, chosenId, decided, said, held, locked, shots, closeShot, chosen, settle, log, enter, toSide, logKey, land, landInZone,
    logRow, call, undo, redo, callClose, flick, effect, hitZone, note, ballOf, give, take, closeOpen, pause, lay,
    standAt, unchoose, judge, closeOrNext, move, reopen, next,
  }
}
