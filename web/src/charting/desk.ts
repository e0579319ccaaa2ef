import type { Measure, Target } from '@/shared/api'
import type { Change, Or } from './rules'

/** The rules away from the court, compiled from the server's own; loaded where something is drawn or written. */
export async function loadDesk() {
  const desk = await import('@bersaglio/rules/desk')

  /** @param zone the number of the zone to change, 0 for all */
  function changed(target: Target, zone: number, change: Change): Or<{ target: Target }> {
    return JSON.parse(desk.changed(JSON.stringify(target), zone, JSON.stringify(change)))
  }

  function length(text: string, measures: Measure[]): Or<{ metres: number }> {
    return JSON.parse(desk.length(text, JSON.stringify(measures)))
  }

  /** @param unit one of the common units, or the several of one of the measures */
  function written(metres: number, unit: string, measures: Measure[]): string {
    return desk.written(metres, unit, JSON.stringify(measures))
  }

  return { changed, length, written }
}

export type LoadedDesk = Awaited<ReturnType<typeof loadDesk>>
