import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { toDrawing, type Place } from '@/court/turn'
import type { Actor, Asked, Ending, Level, PatternStep, Role, Shot } from '@/shared/api'
import { usePatterns } from '@/shared/patterns'
import { useSettings } from '@/shared/settings'
import { steady } from '@/shared/steady'
import type { Logged } from './entries'
import { useBothSides } from './useBothSides'
import { useCalls } from './useCalls'
import { asOf } from './opening'
import type { Cue } from './feedback'
import type { Charted } from './useSet'

const way = ({ stroke, zone }: Asked) => ({ ...stroke !== undefined && { stroke }, ...zone !== undefined && { zone } })

/** A pattern as it is charted: the step that is next, the pass that is on, and how others end it. */
export function usePattern(
  charted: Charted, rung: () => Level | undefined, names: () => string[],
  strokes: () => string[], facing: () => boolean,
  enter: (write: () => Logged) => Promise<void>, cue: (cue: Cue) => void, isActive: () => boolean,
) {
  const { t } = useI18n()
  const { stepWords } = usePatterns()
  const settings = useSettings()
  const pattern = computed(() => rung()?.dials.pattern)
  const passes = computed(() => charted.set.value?.passes)
  const as = computed<Actor>(() => charted.set.value?.as ?? asOf(charted.conditions.conditions.value, rung()))
  /** Places of the player's next step; before the first entry those of their first. */
  const expected = computed(() => passes.value?.expected ?? rung()?.first.find(({ by }) => by === as.value)?.steps ?? [])
  /** The point that the pattern opened is on. */
  const isOpen = computed(() => !!passes.value && expected.value.length === 0 && !charted.set.value?.count.full)
  const both = useBothSides(charted, { set: () => charted.set.value, pattern, as })
  const calls = useCalls(charted, { pattern, as, expected, enter, cue, isActive })
  /** What is to come, as far as it is known: of a step that was called one way only. */
  const coming = computed<PatternStep[]>(() => {
    const { value: asked } = calls.asked
    const own = expected.value.flatMap((place) => pattern.value?.steps[place] ?? [])
      .map((step, place) => asked && expected.value[place] === asked.step ? { ...step, ways: [way(asked)] } : step)
    return both.theirs.value ? [both.theirs.value] : own
  })
  const litZones = steady(() => coming.value.flatMap(({ ways }) => ways.map(({ zone = 0 }) => zone)).filter((zone) => zone > 0))
  const lit = computed(() => pattern.value && litZones.value)

  /** Whether a call is out. */
  const called = computed(() => !both.theirs.value && !!calls.asked.value)
  /** The same in words. */
  const next = computed(() => {
    const target = rung()?.target
    if (!target || !pattern.value) {
      return ''
    }
    const words = isOpen.value ? t('pattern.open') : coming.value.map((step) => stepWords(step, target)).join(' / ')
    return called.value ? t(calls.isChange.value ? 'pattern.changeNow' : 'pattern.whereNext', { step: words }) : words
  })
  /** Between two passes, and two points: the time to grade. */
  const isDead = computed(() => !passes.value?.now.length && !isOpen.value)

  /** The player's last shot. */
  const lastOwn = computed(() => charted.set.value?.shots.filter((shot) => !shot.hitter).at(-1))

  /** Strokes that a shot may have been, those that its step asks for first. */
  function strokesOf(shot: Shot | undefined): string[] {
    const asked = (pattern.value?.steps[shot?.step ?? -1]?.ways ?? []).map((way) => way.stroke ?? '')
    return [...new Set([...asked, ...strokes(), shot?.stroke ?? ''])].filter((stroke) => stroke !== '')
  }

  /** A slide of the touch that charted a shot says its stroke: one of the first four, by its direction on the drawing. */
  function slide(from: Place, to: Place) {
    const shot = lastOwn.value
    const [one, other] = [from, to].map((place) => toDrawing(place, settings.standpoint, facing()))
    if (!pattern.value || !shot || !one || !other || charted.set.value?.shots.at(-1) !== shot) {
      return
    }
    const [x, y] = [other.x - one.x, other.y - one.y]
    const way = Math.abs(x) > Math.abs(y) ? (x > 0 ? 1 : 3) : y > 0 ? 2 : 0
    const stroke = strokesOf(shot)[way]
    if (stroke !== undefined) {
      void enter(() => charted.entries.stroke(shot.id, stroke))
      cue('tick')
    }
  }

  async function end(ending: Ending) {
    await enter(() => charted.entries.endRally(ending, settings.standpoint))
    cue('miss')
  }

  const named = (role: Role) => names()[role === 'PLAYER' ? 0 : 1] || t(`rally.role.${role}`)
  /** How others end a pass, and anybody the point; always as many, so that no key moves. */
  const endings = computed<{ words: string, ending: Ending }[]>(() => {
    if (!pattern.value) {
      return []
    }
    const missed = (by: Role): { words: string, ending: Ending } => ({
      words: t('rally.missed', { name: named(by) }), ending: { how: 'ERROR', by },
    })
    const won = (by: Role): { words: string, ending: Ending } => ({
      words: t('pattern.winner', { name: named(by) }), ending: { how: 'WINNER', by },
    })
    return isOpen.value
      ? [won('PLAYER'), missed('PARTNER'), missed('PLAYER'), won('PARTNER')]
      : [missed('PARTNER'), missed('FEEDER'), won('PARTNER'), { words: t('pattern.let'), ending: { how: 'STOPPED' } }]
  })

  const ends = {
    partnerMissed: () => pattern.value && void end({ how: 'ERROR', by: 'PARTNER' }),
    feederMissed: () => pattern.value && void end({ how: 'ERROR', by: 'FEEDER' }),
    letBall: () => pattern.value && void end({ how: 'STOPPED' }),
  }

  return {
    pattern, passes, as, both, expected, isOpen, isDead, lit, next, called, hasChoice: calls.hasChoice,
    endings, lastOwn, strokesOf, slide, end: (ending: Ending) => void end(ending), ends,
  }
}

export type PatternNow = ReturnType<typeof usePattern>
