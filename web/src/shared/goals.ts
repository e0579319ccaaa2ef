import { useI18n } from 'vue-i18n'
import type { Goal, Level, SetCount, SetView } from './api'

/** A goal, its miss rule and the count of a set in words; what they are is for the rules to say. */
export function useGoals() {
  const { t } = useI18n()

  /** What a set asks for, in short. */
  function asked(goal: Goal): string {
    const { hits = 0, length = 0, times = 0, rounds = 0, seconds = 0 } = goal
    const words = t(`goal.${goal.kind}`, {
      hits, length, times, rounds, seconds,
      balls: goal.balls ?? 0,
      of: goal.of ?? 0,
      stations: goal.stations?.length ?? 0,
      zones: goal.zones ?? 0,
      sides: goal.sides ?? 2,
      what: goal.what ?? '',
      one: goal.ways?.[0] ?? '',
      other: goal.ways?.[1] ?? '',
      measure: goal.measure ? t(`goal.measure.${goal.measure}`) : '',
    }, times || 1)
    const within = goal.balls && !['QUOTA', 'BEST', 'TEST', 'COMPARE'].includes(goal.kind) ? t('goal.within', { balls: goal.balls }) : ''
    return `${words}${within}`
  }

  /** The stations of a ladder or circuit in the order in which they are run. */
  function stations(goal: Goal): string {
    return (goal.stations ?? [])
      .map(({ name, hits, seconds = 0 }) => hits === undefined ? t('goal.stop', { name, seconds }) : t('goal.station', { name, hits }))
      .join(', ')
  }

  function missRule(goal: Goal): string {
    const { misses } = goal
    if (!misses) {
      return ''
    }
    const tries = misses.tries ? t(misses.does === 'STAY' ? 'missRule.triesHere' : 'missRule.tries', { tries: misses.tries }) : ''
    const owes = misses.owes ? t('missRule.owes', { owes: misses.owes }) : ''
    return [t(`missRule.${misses.does}`), tries, owes].filter((words) => words !== '').join(', ')
  }

  /** The count that is read from beside the court. */
  function counted({ goal, fresh }: Level, set: SetView | undefined): string {
    const count = set?.count ?? fresh
    switch (goal.kind) {
      case 'QUOTA': case 'TEST': case 'COMPARE':
        return t('courtside.count', { hits: count.done, trials: count.balls })
      case 'BEST':
        return t('courtside.count', { hits: goal.measure === 'RUN' ? count.done : set?.hits ?? 0, trials: count.balls })
      case 'RACE': case 'DUEL':
        return count.parts.join(' : ')
      case 'HOLD': case 'WATCH':
        return count.done ? t('count.seconds', { seconds: count.done }) : '–'
      case 'MEASURED':
        return count.balls ? String(count.done) : '–'
      case 'TIMED': case 'CIRCUIT':
        if (count.parts.length > 1) {
          return count.parts.join(' : ')
        }
        return count.wanted ? t('courtside.count', { hits: count.done, trials: count.wanted }) : String(count.done)
      case 'RUN':
        return t('count.run', { count: count.done })
      case 'LADDER':
        return t('courtside.count', { hits: count.here, trials: count.hereWanted })
      default:
        return t('courtside.count', { hits: count.done, trials: count.wanted })
    }
  }

  /** What is still wanted, or how it ended. */
  function standing({ fresh, goal }: Level, set: SetView | undefined): string {
    if (set && set.standing !== 'OPEN') {
      return t({ MET: 'courtside.met', OUT_OF_REACH: 'courtside.outOfReach', DONE: 'count.done' }[set.standing])
    }
    const { more, left, wanted } = set?.count ?? fresh
    if (goal.kind === 'HOLD' || goal.kind === 'WATCH') {
      return t(goal.kind === 'HOLD' ? 'count.toHold' : 'count.atMost', { seconds: wanted })
    }
    if (goal.kind === 'RACE' || goal.kind === 'DUEL') {
      return t('count.firstTo', { count: wanted })
    }
    if (goal.kind === 'RALLY' && left !== undefined && more > 0) {
      return t('rally.wanted', { count: more, tries: left }, more)
    }
    if (more === 0) {
      return left === undefined ? t('count.open') : t('count.left', { balls: left }, left)
    }
    return left === undefined ? t('count.more', { count: more }, more) : t('courtside.wanted', { count: more, balls: left }, more)
  }

  /** Where in its stations, rounds or ways a set is. */
  function place(goal: Goal, { station }: SetCount): string {
    const name = goal.stations?.[station]?.name
    if (name !== undefined) {
      return t('count.station', { number: station + 1, stations: goal.stations?.length ?? 0, name })
    }
    return goal.ways ? goal.ways[station] ?? '' : ''
  }

  /** The count at which each attempt broke. */
  function broke(count: SetCount): string {
    return count.brokeAt.length ? t('count.broke', { counts: count.brokeAt.join(', ') }) : ''
  }

  /** A wing, hand or side with a rung of its own. */
  function trackWords(track: string): string {
    return track === '' ? '' : track.split('-').map((way) => t(`track.${way}`)).join(', ')
  }

  return { asked, trackWords, stations, missRule, counted, standing, place, broke }
}
