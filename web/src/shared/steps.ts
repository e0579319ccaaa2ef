import { useI18n } from 'vue-i18n'
import type { Level } from './api'
import { asMetres } from './format'
import { useGoals } from './goals'
import { useSentences, type Aimed } from './sentences'

export type Rung = Aimed & Pick<Level, 'dials' | 'tries' | 'advance'>

/** A level by what it asks that the one before it does not; the first by all it asks. */
export function useSteps() {
  const { t } = useI18n()
  const { asked, missRule } = useGoals()
  const { goal, rule, sizeWords } = useSentences()

  function step(level: Rung, before: Rung | undefined): string {
    if (!before) {
      return asOne([goal(level), ...dials(level)])
    }
    const said = asOne([
      changed(asked, level.goal, before.goal),
      target(level, before),
      ...dials(level, before),
      changed(missRule, level.goal, before.goal),
      changed(rule, level, before),
      level.tries === before.tries ? '' : t('drills.tries', { tries: level.tries }, level.tries),
    ])
    return said || t('step.same')
  }

  /** A single zone by its size; of others, by how much there is to hit. */
  function target(level: Rung, before: Rung): string {
    if (level.ring !== before.ring) {
      return t('step.ring', { ring: level.ring })
    }
    const size = sizeOf(level)
    const words = sizeWords(level)
    if (words && words !== sizeWords(before)) {
      return t('step.sized', { size: words })
    }
    if (size === sizeOf(before)) {
      return JSON.stringify(level.forRight) === JSON.stringify(before.forRight) ? '' : t('step.elsewhere')
    }
    return t('step.toHit', { size: asMetres(size) })
  }

  function dials({ dials }: Rung, before?: Rung): string[] {
    const was = before?.dials
    return [
      dials.distance === undefined || dials.distance === was?.distance ? '' : t('step.distance', { distance: dials.distance }),
      dials.secondsABall === undefined || dials.secondsABall === was?.secondsABall
        ? ''
        : t('step.pace', { seconds: Number(dials.secondsABall.toFixed(2)) }),
      !dials.contacts || dials.contacts === was?.contacts ? '' : t('step.contacts', { count: dials.contacts }, dials.contacts),
      dials.hitting === (was?.hitting ?? 'STRONGER_HAND') ? '' : t(`step.${dials.hitting}`),
      !dials.feed || dials.feed === was?.feed ? '' : t('courtside.feed', { feed: dials.feed }),
      !dials.freedom || dials.freedom === was?.freedom ? '' : t(`freedom.${dials.freedom}`),
    ].filter((words) => words !== '')
  }

  return { step }
}

/** Parts of a sentence, each written as one of its own, in one. */
function asOne(parts: string[]): string {
  const words = parts.filter((part) => part !== '').map((part) => part.replace(/\.$/, ''))
  return words.map((part, place) => `${place === 0 ? part.charAt(0).toUpperCase() : part.charAt(0).toLowerCase()}${part.slice(1)}`).join(', ')
}

function changed<T>(say: (of: T) => string, now: T, before: T): string {
  return say(now) === say(before) ? '' : say(now)
}

const sizeOf = (level: Rung) => (level.forRight.stages.at(-1)?.zones ?? []).reduce((sum, zone) => sum + zone.size, 0)
