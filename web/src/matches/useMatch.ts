import { aboutMatch } from '@/charting/deviceLog'
import { loadRules, type LoadedRules, type MatchChart } from '@/charting/rules'
import { useRun } from '@/charting/useRun'
import { acrossTheNet, type Place } from '@/court/turn'
import { toTheMillimetre } from '@/courtside/opening'
import type { Agreed, ChartEvent, Depth, MatchOpened, MatchShot, MatchView, RallyEnd, Ruling, ScoreSaid, Team } from '@/shared/api'
import { useSettings } from '@/shared/settings'

export const TEAMS: readonly Team[] = ['ONE', 'TWO']
export const DEPTHS: readonly Depth[] = ['POINTS', 'ENDS', 'OPENING', 'FULL']
export const otherTeam = (team: Team): Team => team === 'ONE' ? 'TWO' : 'ONE'

/** One match while it is charted: the score is worked out at once from what was charted. */
export function useMatch() {
  const settings = useSettings()
  let rules: LoadedRules
  let chart: MatchChart

  const run = useRun<MatchView>({
    read: (_id, events) => {
      chart = rules.match()
      return events.length ? chart.append(events) : undefined
    },
    add: (event) => chart.append(event),
    about: (_match, id) => aboutMatch(id),
    isOver: (match) => match.ended,
  })
  const match = run.view

  async function begin(opened: MatchOpened): Promise<string | undefined> {
    rules = await loadRules()
    const id = await run.begin()
    run.startClock()
    run.write('match.opened', opened)
    await run.kept()
    return run.problem.value ? undefined : id
  }

  async function resume(id: string) {
    rules = await loadRules()
    await run.take(id)
    await run.resume(id)
  }

  /** Shows a match without writing in it: nobody's pen is taken. */
  async function look(id: string) {
    rules = await loadRules()
    await run.look(id)
  }

  /** Where another tab writes, this one writes nothing. */
  function write(kind: ChartEvent['kind'], body: ChartEvent['body'] | Record<string, never> = {}): boolean {
    return !run.watching.value && !('problem' in run.write(kind, body))
  }

  /** Who hit what came down at a place of the drawing: who plays from the other half. */
  function hitterOf(place: Place, oneHalf: boolean): Team {
    const now = match.value
    if (!now || oneHalf) {
      return now?.open.team ?? 'ONE'
    }
    return place.y >= 0 ? now.nearTeam : otherTeam(now.nearTeam)
  }

  /** A place of the drawing as who hits sees it. */
  const seenBy = (team: Team, place: Place, oneHalf: boolean): Place =>
    oneHalf || team === match.value?.nearTeam ? place : acrossTheNet(place)

  /** What the next shot would be at a place, seen by who hits it. */
  const where = (place: Place) => chart.where(place)

  interface Made { team: Team, spot?: number, place?: Place, ruling?: Ruling, gap?: boolean, stroke?: string, bounce?: MatchShot['bounce'] }

  /** A shot; by whom of a pair is as proposed. */
  function shot({ team, spot, place, ruling, gap, stroke, bounce }: Made): boolean {
    const now = match.value
    if (!now) {
      return false
    }
    const isNext = team === now.open.team
    const player = isNext ? now.open.player : now.agreed.format.doubles ? -1 : 0
    const serve = isNext ? now.open.serve : 0
    return write('match.shot', {
      team, player, bounce: bounce ?? now.bounce, ...ruling ?? { outcome: 'IN', side: 'NONE', zone: 0 }, caller: settings.caller,
      ...spot && { spot }, ...place && { place: { x: toTheMillimetre(place.x), y: toTheMillimetre(place.y) } },
      ...serve && { serve }, ...gap && { gap }, ...stroke && { stroke },
    })
  }

  return {
    match, run, begin, resume, look, hitterOf, seenBy, where, shot,
    settle: (id: string, said: { stroke?: string, player?: number, cause?: string }) => write('match.settled', { shot: id, ...said }),
    note: (id: string, note: MatchShot['notes'][number], on: boolean) => write('shot.noted', { shot: id, note, on }),
    endRally: (end: RallyEnd) => write('match.rally', end),
    correct: (rally: string, end: RallyEnd) => write('match.corrected', { rally, ...end }),
    bonus: (rule: number, team: Team) => write('match.bonus', { rule, team }),
    scoreIs: (score: ScoreSaid) => write('match.score', score),
    extend: () => write('match.extended'),
    agree: (agreed: Agreed, from: 'NEXT_RALLY' | 'START') => write('match.agreed', { agreed, from }),
    toDepth: (depth: Depth, fellBehind = false) => write('match.depth', { depth, ...fellBehind && { fellBehind } }),
    allowCoaching: (allowed: boolean) => write('match.coaching', { allowed }),
    end: () => write('match.ended'),
    undo: () => !run.watching.value && run.undo() !== undefined,
    redo: () => !run.watching.value && run.redo() !== undefined,
    review: (team: Team, player: number, earlier: Parameters<MatchChart['review']>[2]) => chart.review(team, player, earlier),
    check: (words: string, team: Team) => chart.check(words, team),
  }
}

export type Match = ReturnType<typeof useMatch>
