import { useI18n } from 'vue-i18n'
import type { Goal, Level, Readout, SetCount, SetView } from './api'

/** A goal, its miss rule and the count of a set in words; what they are is for the rules to say. */
export function useGoals() {
  const { t } = useI18n()

  /** What a set asks for, in short. */
  function asked(goal: Goal): string {
    const { hits = 0, length = 0, times = 0, rounds = 0, seconds = 0 } = goal
    return t(`goal.${goal.kind}`, {
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
      contacts: goal.kind === 'RALLY' ? t(`rallies.counts.${goal.counts ?? 'ALL'}`) : '',
      within: goal.balls ? t('goal.within', { balls: goal.balls }) : '',
    }, times || 1)
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

  const ofTrials = (hits: number, trials: number) => t('courtside.count', { hits, trials })

  const COUNTS: Record<Readout['count'], (count: SetCount, set: SetView | undefined) => string> = {
    DONE_OF_BALLS: (count) => ofTrials(count.done, count.balls),
    HITS_OF_BALLS: (count, set) => ofTrials(set?.hits ?? 0, count.balls),
    DONE_OF_WANTED: (count) => ofTrials(count.done, count.wanted),
    DONE: (count) => String(count.done),
    SIDES: (count) => count.parts.join(' : '),
    SECONDS: (count) => count.done ? t('count.seconds', { seconds: count.done }) : '–',
    NUMBER: (count) => count.balls ? String(count.done) : '–',
    IN_A_ROW: (count) => t('count.run', { count: count.done }),
    AT_THE_STATION: (count) => ofTrials(count.here, count.hereWanted),
  }

  function moreWithinBalls({ more, left: most }: SetCount, unit: Level['unit']): string {
    const left = most === undefined ? undefined : t(`counted.${unit}`, { count: most }, most)
    if (more === 0) {
      return left === undefined ? t('count.open') : t('count.left', { left })
    }
    return left === undefined ? t('count.more', { count: more }, more) : t('courtside.wanted', { count: more, left })
  }

  const WANTED: Record<Readout['wanted'], (count: SetCount, unit: Level['unit']) => string> = {
    MORE_WITHIN_BALLS: moreWithinBalls,
    MORE_RALLIES: (count, unit) => count.left !== undefined && count.more > 0
      ? t('rally.wanted', { count: count.more, tries: count.left }, count.more)
      : moreWithinBalls(count, unit),
    SECONDS_HELD: ({ wanted }) => t('count.toHold', { seconds: wanted }),
    SECONDS_AT_MOST: ({ wanted }) => t('count.atMost', { seconds: wanted }),
    FIRST_TO: ({ wanted }) => t('count.firstTo', { count: wanted }),
  }

  /** The count that is read from beside the court. */
  const counted = ({ readout, fresh }: Level, set: SetView | undefined): string => COUNTS[readout.count](set?.count ?? fresh, set)

  /** What is still wanted, or how it ended. */
  const standing = ({ readout, fresh, unit }: Level, set: SetView | undefined): string => set && set.standing !== 'OPEN'
    ? t({ MET: 'courtside.met', OUT_OF_REACH: 'courtside.outOfReach', DONE: 'count.done' }[set.standing])
    : WANTED[readout.wanted](set?.count ?? fresh, unit)

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
