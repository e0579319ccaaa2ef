import { useI18n } from 'vue-i18n'
import type { Advice, Drill, Hand, Level, Ruling, Shape, Verdict } from './api'
import { asMetres, asPercent } from './format'

const FEWEST_TRIALS_TO_SAY_MUCH = 5

/** Turns the codes of the rules into sentences; every number in them comes from the rules. */
export function useSentences() {
  const { t, te } = useI18n()

  function ruling(given: Ruling): string {
    const side = given.side === 'NONE' ? '' : ` ${t(`side.${given.side}`)}`
    return t(`outcome.${given.outcome}`) + side
  }

  function advice(given: Pick<Advice, 'code' | 'figures'>): string {
    const key = `advice.${given.code}`
    return te(key) ? t(key, figures(given.figures)) : given.code
  }

  function evidence(verdict: Verdict): string {
    return t(verdict.trials < FEWEST_TRIALS_TO_SAY_MUCH ? 'verdict.few' : 'verdict.evidence', {
      hits: verdict.hits,
      trials: verdict.trials,
      lower: asPercent(verdict.lower),
      upper: asPercent(verdict.upper),
      mastery: asPercent(verdict.mastery),
      targetRate: asPercent(verdict.targetRate),
    })
  }

  function luck(verdict: Verdict): string {
    return t('verdict.luck', {
      count: verdict.tries,
      notReadyRate: asPercent(verdict.notReadyRate),
      luck: inHundred(verdict.luckChance),
    }, verdict.tries)
  }

  function inHundred(chance: number): string {
    const times = Math.round(chance * 100)
    if (times > 1) {
      return t('verdict.timesIn100', { count: times })
    }
    return t(times === 1 ? 'verdict.onceIn100' : 'verdict.never')
  }

  function rule(level: Level): string {
    const { rule: name, times, sets, confidence } = level.advance
    return t(`rule.${name}`, { times: times ?? 0, sets: sets ?? 0, confidence: asPercent(confidence ?? 0) })
  }

  function goal(level: Level): string {
    const size = sizeOf(level.zone.area)
    return t('today.goal', { hits: level.quota.hits, balls: level.quota.balls, ...size })
  }

  return { ruling, advice, evidence, luck, rule, goal }
}

export function levelOf(drill: Drill, number: number): Level {
  const level = drill.levels[number - 1]
  if (!level) {
    throw new Error(`${drill.name} has no level ${number}`)
  }
  return level
}

export function areaFor(level: Level, hand: Hand): Shape {
  return hand === 'LEFT' ? level.zone.areaForLeft : level.zone.area
}

export function sizeOf({ bounds }: Shape): { width: string, depth: string } {
  return { width: asMetres(bounds.right - bounds.left), depth: asMetres(bounds.far - bounds.near) }
}

/** Figures named "…Rate" or "…Chance" are shares; all others are counts. */
function figures(given: Record<string, number>): Record<string, string | number> {
  return Object.fromEntries(
    Object.entries(given).map(([name, value]) => [name, /(Rate|Chance)$/.test(name) ? asPercent(value) : value]),
  )
}
