import { describe, expect, it } from 'vitest'
import en from '@messages/en.json'
import type { Goal, Level, PatternStep, Readout, TargetSet, Verdict } from '@/shared/api'
import { useGoals } from '@/shared/goals'
import { usePatterns } from '@/shared/patterns'
import { useSentences, type Aimed } from '@/shared/sentences'
import { inApp } from './inApp'

const plain = (words: string) => words.replaceAll('\u00a0', ' ')
const target = { name: 'Rear corner' } as Level['target']
const whole = { kind: 'RECTANGLE', bounds: { left: 0, right: 1, near: 0, far: 1.5 } }
const square = { stages: [{ zones: [{ size: 1, whole }] }] } as unknown as Level['forRight']
const two = { stages: [{ zones: [{ size: 1 }, { size: 1 }] }] } as unknown as Level['forRight']

function aimed(goal: Partial<Goal>, forRight = square): Aimed {
  return { goal: goal as Goal, target, ring: 0, forRight, dials: {} as Level['dials'] }
}

const step = (...ways: PatternStep['ways']): PatternStep => ({ by: 'A', ways })

const verdict = {
  hits: 8, trials: 12, lower: 0.39, upper: 0.87, targetRate: 0.62, mastery: 0.6, tries: 3, notReadyRate: 0.5, luckChance: 0.0004,
  advice: { call: 'STAY', code: 'once.missed', figures: {} },
} as unknown as Verdict

describe('sentences', () => {
  const said = inApp(useSentences)

  it('say a goal with what is aimed at, by its size where it is one zone', () => {
    expect(plain(said.goal(aimed({ kind: 'QUOTA', hits: 8, balls: 12 })))).toContain('1.00 × 1.50 m')
    expect(plain(said.goal(aimed({ kind: 'QUOTA', hits: 8, balls: 12 }, two)))).toMatch(/Rear corner”$/)
  })

  it('say of a pattern how many passes, and of how many steps', () => {
    const pattern = { steps: [step({ stroke: 'drop' }), step({ zone: 1 })] }
    const level = { ...aimed({ kind: 'QUOTA', hits: 6, balls: 10 }), dials: { pattern } as Level['dials'] }
    expect(said.goal(level)).toBe('6 of 10 whole passes of 2 steps')
  })

  it('aim at nothing where nothing comes down', () => {
    expect(said.goal(aimed({ kind: 'HOLD', seconds: 30 }))).not.toContain('into')
    expect(said.goal(aimed({ kind: 'DUEL', hits: 11 }))).not.toContain('Rear corner')
  })

  it('say how little few trials tell, and never that luck never comes', () => {
    expect(said.evidence({ ...verdict, trials: 4 })).not.toBe(said.evidence(verdict))
    expect(plain(said.luck(verdict))).not.toContain('0 times')
    expect(plain(said.luck({ ...verdict, luckChance: 0.05 }))).toContain('5 times in 100')
  })

  it('say that a level does not fit only where it does not, and how to make the lowest easier', () => {
    expect(said.growth(verdict, 2)).toBe('')
    expect(said.growth({ ...verdict, growth: 'OUT_OF_REACH' }, 2)).not.toBe(said.growth({ ...verdict, growth: 'OUT_OF_REACH' }, 1))
  })

  it('have words for each rule, and none for what the rule itself does', () => {
    const rules = ['one_met', 'met_in_last', 'evidence', 'sequential', 'ball_by_ball', 'learners', 'coach'] as const
    const words = rules.map((rule) => said.rule({ advance: { rule, times: 2, sets: 3, confidence: 0.8 } } as unknown as Level))
    expect(new Set(words).size).toBe(rules.length)
    expect(words.every((one) => !one.includes('rule.'))).toBe(true)
    expect(said.retreat({ advance: { rule: 'sequential' }, retreat: { rule: 'stay' } } as unknown as Level)).toBe('')
  })

  it('tell a code that has no words rather than nothing', () => {
    expect(said.advice({ code: 'not.there', figures: {} })).toBe('not.there')
  })

  it('leave no hole for any advice that there is', () => {
    const figures = Object.fromEntries([...JSON.stringify(en.advice).matchAll(/\{(\w+)\}/g)].map(([, name]) => [name, 3]))
    for (const code of codesOf(en.advice)) {
      expect(said.advice({ code, figures }), code).not.toMatch(/[{}]|undefined|NaN/)
    }
  })
})

function codesOf(words: object, before = ''): string[] {
  return Object.entries(words).flatMap(([name, value]) =>
    typeof value === 'string' ? [`${before}${name}`] : codesOf(value as object, `${before}${name}.`))
}

describe('a step of a pattern', () => {
  const words = inApp(usePatterns)
  const places = { zones: [{ number: 1, name: 'net' }, { number: 2, name: 'rear left' }] } as TargetSet

  it('is a stroke, a place, or both', () => {
    expect(words.stepWords(step({ stroke: 'drop', zone: 1 }), places)).toBe('A: drop to net')
    expect(words.stepWords(step({ stroke: 'smash' }), places)).toBe('A: smash, anywhere')
    expect(words.stepWords(step({ zone: 2 }), places)).toBe('A: to rear left')
    expect(words.stepWords(step({}), places)).toBe('A: anywhere')
  })

  it('is one of several where the hitter chooses, and tells the ball that it waits for', () => {
    const chosen = { ...step({ stroke: 'drop', zone: 1 }, { stroke: 'clear', zone: 2 }), by: 'FEEDER' as const, when: 'SHORT' as const }
    expect(words.stepWords(chosen, places)).toBe('Feeder: drop to net or clear to rear left, when it is short')
  })

  it('names those in it in the order in which they first hit', () => {
    const steps = [{ ...step({}), by: 'B' as const }, step({}), { ...step({}), by: 'B' as const }]
    expect(words.actorsOf({ steps })).toEqual(['B', 'A'])
  })
})

describe('a count', () => {
  const goals = inApp(useGoals)
  const fresh = { done: 3, wanted: 8, balls: 5, left: 7, more: 5, parts: [2, 1], here: 1, hereWanted: 4 }
  const level = (count: Readout['count'], wanted: Readout['wanted'] = 'MORE_WITHIN_BALLS') =>
    ({ readout: { count, wanted }, unit: 'PASS', fresh }) as unknown as Level

  it('is read as its goal counts', () => {
    expect(goals.counted(level('DONE_OF_BALLS'), undefined)).toBe('3 of 5')
    expect(goals.counted(level('SIDES'), undefined)).toBe('2 : 1')
    expect(goals.counted(level('AT_THE_STATION'), undefined)).toBe('1 of 4')
    expect(goals.counted(level('DONE_OF_WANTED'), undefined)).toBe('3 of 8')
  })

  it('says what is still wanted, and how it ended', () => {
    expect(goals.standing(level('DONE_OF_BALLS'), undefined)).toBe('5 more to pass, 7 passes left')
    const open = goals.standing(level('DONE_OF_BALLS'), undefined)
    const met = goals.standing(level('DONE_OF_BALLS'), { standing: 'MET' } as never)
    expect(met).not.toBe(open)
    expect(goals.standing(level('SIDES', 'FIRST_TO'), undefined)).toContain('8')
  })

  it('names wings, hands and sides', () => {
    expect(goals.trackWords('')).toBe('')
    expect(goals.trackWords('BACKHAND-FROM_LEFT')).toMatch(/^backhand, /)
  })
})
