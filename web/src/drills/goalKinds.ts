import type { Goal } from '@/shared/api'

export type GoalKind = Goal['kind']
type CountField
  = 'hits' | 'balls' | 'of' | 'rounds' | 'seconds' | 'rest' | 'length' | 'times' | 'tries' | 'sides' | 'lead' | 'penalty' | 'laps' | 'zones'

/** What each kind of goal is made of, the counts in the order in which they are read; what is optional may be empty. */
export interface GoalForm {
  fresh: Goal
  counts: CountField[]
  optional?: CountField[]
  misses?: NonNullable<Goal['misses']>['does'][]
}

const countOn = { does: 'COUNT_ON', tries: 0, owes: 0 } as const

export const GOAL_FORMS: Record<GoalKind, GoalForm> = {
  QUOTA: { fresh: { kind: 'QUOTA', hits: 7, balls: 10, misses: countOn }, counts: ['hits', 'balls'], misses: ['COUNT_ON'] },
  WINDOW: { fresh: { kind: 'WINDOW', hits: 8, of: 10, balls: 30 }, counts: ['hits', 'of', 'balls'], optional: ['balls'] },
  RUN: {
    fresh: { kind: 'RUN', hits: 5, misses: { does: 'RESTART_RUN', tries: 0, owes: 0 } },
    counts: ['hits', 'balls'], optional: ['balls'], misses: ['RESTART_RUN'],
  },
  TOTAL: { fresh: { kind: 'TOTAL', hits: 20, misses: countOn }, counts: ['hits', 'balls'], optional: ['balls'], misses: ['COUNT_ON'] },
  TIMED: {
    fresh: { kind: 'TIMED', rounds: 2, seconds: 60, rest: 20, hits: 20, signal: 'COUNTS' },
    counts: ['rounds', 'seconds', 'rest', 'hits', 'sides'], optional: ['sides'],
  },
  RALLY: { fresh: { kind: 'RALLY', length: 8, times: 2 }, counts: ['length', 'times', 'tries'], optional: ['tries'] },
  BEST: { fresh: { kind: 'BEST', measure: 'HITS', balls: 20 }, counts: ['balls'] },
  LADDER: {
    fresh: {
      kind: 'LADDER', stations: [{ name: '1', zone: 0, hits: 3 }, { name: '2', zone: 0, hits: 3 }],
      misses: { does: 'RESTART_STATION', tries: 0, owes: 0 },
    },
    counts: ['balls'], optional: ['balls'],
    misses: ['COUNT_ON', 'RESTART_STATION', 'STEP_BACK', 'RESTART_LADDER', 'STAY'],
  },
  CIRCUIT: {
    fresh: {
      kind: 'CIRCUIT', stations: [{ name: '1', zone: 0, seconds: 60 }, { name: '2', zone: 0, seconds: 60 }],
      rest: 20, hits: 20, signal: 'COUNTS',
    },
    counts: ['rest', 'hits'],
  },
  RACE: { fresh: { kind: 'RACE', sides: 2, hits: 10, tie: 'EQUAL_TURNS' }, counts: ['sides', 'hits', 'balls'], optional: ['balls'] },
  DUEL: { fresh: { kind: 'DUEL', hits: 11, lead: 2, headStarts: [0, 0] }, counts: ['hits', 'lead'] },
  WATCH: { fresh: { kind: 'WATCH', seconds: 40, penalty: 3, laps: 3 }, counts: ['seconds', 'penalty', 'laps'] },
  HOLD: { fresh: { kind: 'HOLD', seconds: 20, tries: 3 }, counts: ['seconds', 'tries'] },
  MEASURED: { fresh: { kind: 'MEASURED', what: '', better: 'MORE', tries: 3 }, counts: ['tries'] },
  COVER: { fresh: { kind: 'COVER', zones: 2, times: 3 }, counts: ['zones', 'times', 'balls'], optional: ['balls'] },
  TEST: { fresh: { kind: 'TEST', balls: 24 }, counts: ['balls'] },
  COMPARE: { fresh: { kind: 'COMPARE', ways: ['', ''], balls: 12 }, counts: ['balls'] },
  TICK: { fresh: { kind: 'TICK' }, counts: [] },
}

export const GOAL_KINDS = Object.keys(GOAL_FORMS) as GoalKind[]
