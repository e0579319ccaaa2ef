import { describe, expect, it } from 'vitest'
import { chosenAtFirst, withOwn } from '@/groups/ownGroups'
import type { GroupLine } from '@/shared/api'

const line = (run: string, turns: number): GroupLine => ({ run, turns, openedAt: 0, form: 'ROTATION', ended: false, players: [] })

describe('groups of a day', () => {
  it('are those of the server, with what this device knows better', () => {
    expect(withOwn([line('a', 1), line('b', 2)], [line('b', 5), line('c', 1)]).map(({ run, turns }) => `${run}${turns}`))
      .toEqual(['b5', 'c1', 'a1'])
  })

  it('begins with those who are here, and with nobody where hardly all are meant', () => {
    const here = Array.from({ length: 12 }, (_, at) => `player-${at}`)
    expect(chosenAtFirst(here)).toEqual(here)
    expect(chosenAtFirst([...here, 'one more'])).toEqual([])
  })
})
