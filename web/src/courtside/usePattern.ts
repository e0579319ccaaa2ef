import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { toDrawing, type Place } from '@/court/turn'
import type { Actor, Ending, Level, Role, Shot } from '@/shared/api'
import { usePatterns } from '@/shared/patterns'
import { useSettings } from '@/shared/settings'
import type { Logged } from './entries'
import { asOf } from './opening'
import type { Cue } from './feedback'
import type { useSet } from './useSet'

/** A pattern as it is charted: the step that is next, the pass that is on, and how others end it. */
export function usePattern(
  charted: ReturnType<typeof useSet>, rung: () => Level | undefined, names: () => string[],
  strokes: () => string[], facing: () => boolean,
  enter: (write: () => Logged) => Promise<void>, cue: (cue: Cue) => void,
) {
  const { t } = useI18n()
  const { stepWords } = usePatterns()
  const settings = useSettings()
  const pattern = computed(() => rung()?.dials.pattern)
  const passes = computed(() => charted.set.value?.passes)
  const as = computed<Actor>(() => charted.set.value?.as ?? asOf(charted.conditions.value, rung()))
  /** Places of the player's next step; before the first entry those of their first. */
  const expected = computed(() => passes.value?.expected ?? rung()?.first.find(({ by }) => by === as.value)?.steps ?? [])
  /** The point that the pattern opened is on. */
  const isOpen = computed(() => !!passes.value && expected.value.length === 0 && !charted.set.value?.count.full)
  const lit = computed(() => {
    const steps = pattern.value?.steps
    if (!steps) {
      return undefined
    }
    return expected.value.flatMap((place) => (steps[place]?.ways ?? []).map((way) => way.zone ?? 0)).filter((zone) => zone > 0)
  })

  /** What is to come, in words. */
  const next = computed(() => {
    const target = rung()?.target
    if (!target || !pattern.value) {
      return ''
    }
    const asked = expected.value.flatMap((place) => pattern.value?.steps[place] ?? [])
    return isOpen.value ? t('pattern.open') : asked.map((step) => stepWords(step, target)).join(' / ')
  })

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
    if (!pattern.value || !shot || !one || !other) {
      return
    }
    const [x, y] = [other.x - one.x, other.y - one.y]
    const way = Math.abs(x) > Math.abs(y) ? (x > 0 ? 1 : 3) : y > 0 ? 2 : 0
    const stroke = strokesOf(shot)[way]
    if (stroke !== undefined) {
      void enter(() => charted.stroke(shot.id, stroke))
      cue('tick')
    }
  }

  async function end(ending: Ending) {
    await enter(() => charted.endRally(ending, settings.standpoint))
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

  return { pattern, passes, as, expected, isOpen, lit, next, endings, lastOwn, strokesOf, slide, end: (ending: Ending) => void end(ending), ends }
}

export type PatternNow = ReturnType<typeof usePattern>
