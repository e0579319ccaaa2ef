import { useI18n } from 'vue-i18n'
import type { Level } from './api'
import { asPercent } from './format'
import { useGoals } from './goals'
import { useSentences, type Aimed } from './sentences'

export type Rung = Aimed & Pick<Level, 'dials' | 'tries' | 'advance'>

/** A level by what it asks that the one before it does not; the first by all it asks. */
export function useSteps() {
  const { t } = useI18n()
  const { asked, missRule } = useGoals()
  const { goal, rule, targetWords } = useSentences()

  function step(level: Rung, before: Rung | undefined): string {
    if (!before) {
      return [goal(level), ...dials(level)].join(', ')
    }
    const said = [
      changed(asked, level.goal, before.goal),
      target(level, before),
      ...dials(level, before),
      changed(missRule, level.goal, before.goal),
      level.tries === before.tries ? '' : t('drills.tries', { tries: level.tries }),
      rule(level) === rule(before) ? '' : rule(level),
    ].filter((words) => words !== '')
    return said.length ? said.join(', ') : t('step.same')
  }

  /** A single zone by its size; of others, by how much less there is to hit. */
  function target(level: Rung, before: Rung): string {
    if (level.ring !== before.ring) {
      return t('step.ring', { ring: level.ring })
    }
    const size = sizeOf(level)
    if (targetWords(level) !== targetWords(before) && targetWords(level) !== level.target.name) {
      return t('step.sized', { size: targetWords(level) })
    }
    if (size === sizeOf(before)) {
      return JSON.stringify(level.forRight) === JSON.stringify(before.forRight) ? '' : t('step.elsewhere')
    }
    const share = asPercent(Math.abs(1 - size / sizeOf(before)))
    return t(size < sizeOf(before) ? 'step.smaller' : 'step.larger', { share })
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

function changed<T>(say: (of: T) => string, now: T, before: T): string {
  return say(now) === say(before) ? '' : say(now)
}

const sizeOf = (level: Rung) => (level.forRight.stages.at(-1)?.zones ?? []).reduce((sum, zone) => sum + zone.size, 0)
