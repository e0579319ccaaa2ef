import { shallowRef } from 'vue'
import { beforeEach, describe, expect, it } from 'vitest'
import { useMatchWords } from '@/matches/useMatchWords'
import type { Match } from '@/matches/useMatch'
import { useMatchRally } from '@/matches/useMatchRally'
import { withOwn } from '@/matches/ownMatches'
import type { MatchLine, MatchShot, MatchView, RallyEnd, Team } from '@/shared/api'
import type { Place } from '@/court/turn'
import { inApp } from './inApp'

const shot = (team: Team, more: Partial<MatchShot> = {}): MatchShot => ({
  id: `${team}-shot`, team, player: 0, stroke: 'clear', spot: 8, outcome: 'IN', side: 'NONE', serve: 0, gap: false, notes: [], ...more,
})

/** A match of which only what the rally asks is there. */
function matchOf(open: Partial<MatchView['open']>, more: Partial<MatchView> = {}): MatchView {
  return {
    ended: false, depth: 'FULL', nearTeam: 'ONE', netServe: false, fallsBehind: false, shallower: 'OPENING', bounce: 'MET',
    strokes: ['serve', 'clear', 'drop', 'smash', 'drive', 'lift'],
    open: { team: 'ONE', player: 0, serve: 0, another: false, leavesOut: false, parts: [], shots: [], ...open },
    ...more,
  } as MatchView
}

describe('a rally of a match', () => {
  const match = shallowRef<MatchView>()
  let written: unknown[] = []
  let cues: string[] = []

  function rally(now: MatchView, where = { ruling: { outcome: 'IN', side: 'NONE', zone: 0 }, spot: 3 }) {
    match.value = now
    written = []
    cues = []
    const taken = (what: unknown) => written.push(what) > 0
    const charted = {
      match, run: { watching: shallowRef(false) }, where: () => where,
      hitterOf: (at: Place) => at.y >= 0 ? 'ONE' : 'TWO', seenBy: (_team: Team, at: Place) => at,
      shot: (made: object) => taken(made), endRally: (end: RallyEnd) => taken(end), undo: () => taken('undo'),
      settle: (id: string, said: object) => taken({ id, ...said }), note: (id: string, note: string) => taken({ id, note }),
      toDepth: (depth: string, fellBehind: boolean) => taken({ depth, fellBehind }),
    } as unknown as Match
    return useMatchRally(charted, () => false, (cue) => cues.push(cue))
  }

  beforeEach(() => {
    match.value = undefined
  })

  it('keeps where the next shot went, by who plays from the other half', () => {
    rally(matchOf({ team: 'TWO', shots: [shot('ONE')] })).land({ x: 1, y: -4 })
    expect(written).toEqual([expect.objectContaining({ team: 'TWO', gap: false, place: { x: 1, y: -4 } })])
    rally(matchOf({ team: 'TWO', shots: [shot('ONE')] })).land({ x: 1, y: 4 })
    expect(written).toEqual([expect.objectContaining({ team: 'ONE', gap: true })])
  })

  it('takes a serve from who serves alone', () => {
    const now = rally(matchOf({ serve: 1 }))
    now.land({ x: 1, y: -4 })
    expect(written).toEqual([])
    expect(now.refused.value).toBe('otherServes')
    expect(cues).toEqual(['refused'])
  })

  it('is lost by a touch beyond the lines, and forced where that was said', () => {
    const out = { ruling: { outcome: 'LONG', side: 'NONE', zone: 0 }, spot: 8 }
    const now = rally(matchOf({ shots: [shot('TWO')] }), out)
    now.land({ x: 0, y: 9 })
    expect(written).toEqual([{ how: 'UNFORCED', winner: 'TWO', miss: 'LONG' }])
    now.force()
    now.nextMissed('NET')
    expect(written.at(-1)).toEqual({ how: 'FORCED', winner: 'TWO', miss: 'NET' })
    expect(now.forced.value).toBe(false)
  })

  it('goes on with a second serve after a fault, where the sport has one', () => {
    const now = rally(matchOf({ serve: 1, another: true }))
    now.nextMissed('NET')
    expect(written).toEqual([expect.objectContaining({ team: 'ONE', ruling: { outcome: 'NET', side: 'NONE', zone: 0 } })])
    rally(matchOf({ serve: 2 })).nextMissed('NET')
    expect(written).toEqual([{ how: 'UNFORCED', winner: 'TWO', miss: 'NET' }])
  })

  it('is won by who hit last, and by nobody before a shot', () => {
    rally(matchOf({ team: 'ONE', shots: [shot('TWO')] })).winner()
    expect(written).toEqual([{ how: 'WINNER', winner: 'TWO' }])
    const none = rally(matchOf({}))
    none.winner()
    expect(none.refused.value).toBe('noShot')
  })

  it('is charted less deep by itself when shots fall behind', () => {
    rally(matchOf({ shots: [shot('TWO')] }, { fallsBehind: true })).winner()
    expect(written.at(-1)).toEqual({ depth: 'OPENING', fellBehind: true })
  })

  it('serves again after a net clip where the sport says so, and marks it elsewhere', () => {
    rally(matchOf({ serve: 1 }, { netServe: true })).netClip()
    expect(written).toEqual([expect.objectContaining({ ruling: { outcome: 'VOID', side: 'NONE', zone: 0 } })])
    rally(matchOf({ shots: [shot('TWO')] })).netClip()
    expect(written).toEqual([{ id: 'TWO-shot', note: 'NET_CLIP' }])
  })

  it('says another stroke by a slide of the same touch', () => {
    const now = rally(matchOf({ shots: [shot('TWO')] }))
    now.slide({ x: 0, y: 0 }, { x: 0, y: 2 })
    now.slide({ x: 0, y: 0 }, { x: -2, y: 0 })
    expect(written).toEqual([{ id: 'TWO-shot', stroke: 'clear' }, { id: 'TWO-shot', stroke: 'drive' }])
  })

  it('takes nothing once it is over, nor a place where points alone are charted', () => {
    const over = rally(matchOf({}, { ended: true }))
    over.land({ x: 0, y: 3 })
    over.spot(3)
    over.end('WON', 'ONE')
    expect(written).toEqual([])
    const points = rally(matchOf({}, { depth: 'POINTS' }))
    points.spot(3)
    expect(points.refused.value).toBe('pointsOnly')
  })
})

describe('a match in words', () => {
  const words = inApp(() => useMatchWords())
  const players = [{ id: 'a', name: 'Nora Ginestra' }, { id: 'b', name: 'Livia Sambuco' }] as never[]
  const names = words.namesOf({ one: ['a'], two: ['b'] }, players)

  it('names who plays, or that it is a visitor', () => {
    expect(names('ONE')).toBe('Nora')
    expect(words.namesOf({ one: ['a', 'b'], two: [] }, players)('ONE')).toBe('Nora / Livia')
    expect(words.namesOf({ one: ['a'], two: [] }, players)('TWO')).toBe('Visitor')
  })

  it('says how a rally ended and whose it was', () => {
    expect(words.end({ how: 'UNFORCED', winner: 'ONE', miss: 'NET' }, names)).toBe('Nora: error of Livia, net')
    expect(words.end({ how: 'WINNER', winner: 'TWO' }, names)).toBe('Livia: winner')
    expect(words.end({ how: 'LET' }, names)).toBe('Let, played again')
  })

  it('says where a shot went, a serve by its box', () => {
    expect(words.shot(shot('ONE', { stroke: 'drop', spot: 3 }))).toBe('drop to 3')
    expect(words.shot(shot('ONE', { stroke: 'serve', spot: 2, serve: 1 }))).toBe('serve, box 2')
    expect(words.played(shot('ONE', { outcome: 'NET' }))).toBe('Net')
    expect(words.partOf(7)).toBe('back left')
  })

  it('says what to leave and what to try, with counts', () => {
    const hint = { what: 'LEAVE', stroke: 'drop', court: 'NONE', spot: 3, other: 6, won: 2, rallies: 12, looked: 24, chance: 0.914 } as const
    expect(words.hint(hint, 'Nora'))
      .toContain('leave the drop to the front right for now. After 24 rallies 2 of 12 were won there, earlier matches counted')
    expect(words.hint(hint, 'Nora')).toContain('91 %')
    expect(words.hint(hint, 'Nora')).toContain('To try: the middle right')
  })
})

describe('the matches that are listed', () => {
  it('are those of the server with what this device knows better, the latest first', () => {
    const line = (run: string, openedAt: number, rallies: number) => ({ run, openedAt, rallies } as MatchLine)
    expect(withOwn([line('a', 5, 1), line('b', 9, 1)], [line('b', 9, 4), line('c', 7, 2)]).map(({ run, rallies }) => `${run}${rallies}`))
      .toEqual(['b4', 'c2', 'a1'])
  })
})
