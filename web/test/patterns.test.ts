import { describe, expect, it } from 'vitest'
import type { Court, Drill } from '@/shared/api'
import { strokesAt } from '@/shared/patterns'

const court = { id: 'badminton', strokes: ['clear', 'drop'] } as Court
const drill = (on: string, ...strokes: string[]) => ({
  court: on, levels: [{ dials: { pattern: { steps: [{ ways: strokes.map((stroke) => ({ stroke })) }] } } }, { dials: {} }],
}) as unknown as Drill

describe('strokes that are offered', () => {
  it('are those of the sport, then those that the club has named there', () => {
    expect(strokesAt(court, [drill('badminton', 'drop', 'reverse slice', ''), drill('padel', 'bandeja')]))
      .toEqual(['clear', 'drop', 'reverse slice'])
  })
})
