import { useI18n } from 'vue-i18n'
import type { Advice, Drill, Hand, Level, Lying, Plane, Ruling, Shape, Sport, Stage, Verdict } from './api'
import { asMetres, asPercent } from './format'
import { useGoals } from './goals'

const FEWEST_TRIALS_TO_SAY_MUCH = 5

/** What of a level says what is aimed at. */
export type Aimed = Pick<Level, 'goal' | 'target' | 'ring' | 'forRight' | 'dials'>

/** Goals of balls that come down somewhere; a lap, a hold or a duel goes into nothing. */
const AIMED: Record<Level['goal']['kind'], boolean> = {
  QUOTA: true, WINDOW: true, RUN: true, TOTAL: true, TIMED: true, BEST: true, TEST: true, COMPARE: true,
  RALLY: false, LADDER: false, CIRCUIT: false, RACE: false, DUEL: false, WATCH: false, HOLD: false, MEASURED: false, COVER: false,
  TICK: false,
}

/** Turns the codes of the rules into sentences; every number in them comes from the rules. */
export function useSentences() {
  const { t, te } = useI18n()
  const { asked } = useGoals()

  /** A surface has its own words for what misses it. */
  function ruling(given: Ruling, at?: { sport: Sport, plane: Plane }): string {
    const own = at ? `miss.${at.sport}.${at.plane}.${given.outcome}` : ''
    const word = own && te(own) ? t(own) : t(`outcome.${given.outcome}`)
    return given.side === 'NONE' ? word : `${word} ${t(`side.${given.side}`)}`
  }

  function advice(given: Pick<Advice, 'code' | 'figures'>): string {
    const key = `advice.${given.code}`
    return te(key) ? t(key, figures(given.figures), given.figures['unmet'] ?? 1) : given.code
  }

  /** Whether the level still fits, where it does not. */
  function growth(verdict: Pick<Verdict, 'growth' | 'tries' | 'targetRate'>, level: number): string {
    if (!verdict.growth) {
      return ''
    }
    const code = { OUT_OF_REACH: level > 1 ? 'stepBack' : 'makeEasier', TOO_EASY: 'TOO_EASY', STOPPED: 'STOPPED' }[verdict.growth]
    return t(`forecast.growth.${code}`, { tries: verdict.tries, targetRate: asPercent(verdict.targetRate) })
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

  function rule(level: Pick<Level, 'advance'>): string {
    const { rule: name, times, sets, confidence, each, notReady, ready, leastTrials } = level.advance
    return t(each === 'DAY' ? 'rule.met_in_last_days' : `rule.${name}`, {
      times: times ?? 0, sets: sets ?? 0, confidence: asPercent(confidence ?? 0), notReady: asPercent(notReady ?? 0),
      ready: asPercent(ready ?? 0), leastTrials: leastTrials ?? 0,
    })
  }

  function goal(level: Aimed): string {
    const { pattern } = level.dials
    if (pattern) {
      return t('goal.passes', { goal: asked(level.goal), steps: pattern.steps.length })
    }
    if (!AIMED[level.goal.kind]) {
      return asked(level.goal)
    }
    const size = sizeWords(level)
    return size
      ? t('goal.intoSized', { goal: asked(level.goal), target: level.target.name, size })
      : t('goal.into', { goal: asked(level.goal), target: targetWords(level) })
  }

  /** The size of a single zone; of others there is none in two numbers. */
  function sizeWords(level: Aimed): string {
    const zones = level.forRight.stages.length === 1 ? stageOf(level.forRight).zones : []
    const zone = zones[0]
    if (zone && zones.length === 1 && zone.whole.kind === 'RECTANGLE' && !zone.rings && !zone.avoid) {
      return t('target.sized', sizeOf(zone.whole))
    }
    return ''
  }

  /** What is aimed at: the size of a single zone, else the target by its name. */
  function targetWords(level: Aimed): string {
    const size = sizeWords(level)
    if (size) {
      return size
    }
    return level.ring > 0 ? t('target.ring', { name: level.target.name, ring: level.ring }) : level.target.name
  }

  /** What takes a player down, where the rule that moves up does not do that itself. */
  function retreat({ advance, retreat: { rule: name, sets = 0, to } }: Pick<Level, 'advance' | 'retreat'>): string {
    if (name === 'stay') {
      return ['sequential', 'ball_by_ball', 'learners'].includes(advance.rule) ? '' : t('retreat.stay')
    }
    return t(to === 'THE_START' ? 'retreat.after_unmet_start' : `retreat.${name}`, { sets })
  }

  return { ruling, advice, growth, evidence, luck, rule, retreat, goal, targetWords, sizeWords }
}

export function levelOf(drill: Drill, number: number): Level {
  const level = drill.levels[number - 1]
  if (!level) {
    throw new Error(`${drill.name} has no level ${number}`)
  }
  return level
}

export function lyingFor(level: Level, hand: Hand): Lying {
  return hand === 'LEFT' ? level.forLeft : level.forRight
}

/** The surface that shots come to last, where most are judged. */
export function stageOf(lying: Lying): Stage {
  const last = lying.stages.at(-1)
  if (!last) {
    throw new Error('a target has a stage')
  }
  return last
}

/** A ruling of which nothing more is known. */
export function plain(outcome: Ruling['outcome'], side: Ruling['side'] = 'NONE'): Ruling {
  return { outcome, side, zone: 0 }
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
