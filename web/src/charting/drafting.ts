import type { DraftDrill, Measure, OwnCourt, TargetSet } from '@/shared/api'
import type { Change, Or, RulesProblem } from './rules'

/** Where something stands in a text. */
export interface TextPlace { line: number, column: number, from: number, length: number }

/** A drill as the rules take it, with the levels that are easier than the one before; or what is wrong, and where. */
export type Checked = { drill: DraftDrill, easier: number[] } | { problem: RulesProblem, place?: TextPlace }

/** The rules away from the court, compiled from the server's own; loaded where something is drawn or written. */
export async function loadDrafting() {
  const drafting = await import('@bersaglio/rules')

  /** @param zone the number of the zone to change, 0 for all */
  function changed(target: TargetSet, zone: number, change: Change): Or<{ target: TargetSet }> {
    return JSON.parse(drafting.changed(JSON.stringify(target), zone, JSON.stringify(change)))
  }

  function length(text: string, measures: Measure[]): Or<{ metres: number }> {
    return JSON.parse(drafting.length(text, JSON.stringify(measures)))
  }

  /** @param unit one of the common units, or the several of one of the measures */
  function written(metres: number, unit: string, measures: Measure[]): string {
    return drafting.written(metres, unit, JSON.stringify(measures))
  }

  const known = (courts: OwnCourt[]) => JSON.stringify(courts.map((own) => ({ court: own.id, ownCourt: own })))

  /** @param courts the club's own */
  function drill(text: string, courts: OwnCourt[]): Checked {
    return JSON.parse(drafting.drill(text, known(courts)))
  }

  /** What the text up to the cursor could go on with. */
  function next(text: string, courts: OwnCourt[]): string[] {
    return (JSON.parse(drafting.next(text, known(courts))) as { next: string[] }).next
  }

  function words(given: DraftDrill): Or<{ text: string }> {
    return JSON.parse(drafting.words(JSON.stringify(given)))
  }

  function checked(given: DraftDrill): Checked {
    return JSON.parse(drafting.checked(JSON.stringify(given)))
  }

  function mirrored(given: DraftDrill): Checked {
    return JSON.parse(drafting.mirrored(JSON.stringify(given)))
  }

  /** @param rule in words, such as "5 levels, each target 10 % smaller until 0.6 m" */
  function grown(given: DraftDrill, rule: string): Checked {
    return JSON.parse(drafting.grown(JSON.stringify(given), rule))
  }

  return { changed, length, written, drill, next, words, checked, mirrored, grown }
}

export type LoadedDrafting = Awaited<ReturnType<typeof loadDrafting>>
