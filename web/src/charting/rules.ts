import type {
  Actor, Advice, ChartEvent, Drill, Format, From, GroupView, Hand, Laid, Lying, MatchReview, MatchView, PassReport,
  PlacementTally, Problem, Ruling, Said, SetLine, SetView, Shot, Sport, Stance, TacticCheck,
  TargetSet, Team,
  Verdict,
} from '@/shared/api'
import { clubDays } from '@/shared/clock'
import type { Place } from '@/court/turn'

/** Where a player stands on a drill, with the sets that this device alone knows. */
export interface Standing {
  level: number
  /** Sets that count at that level so far. */
  tries: number
  sets: SetLine[]
  /** The best that is to be beaten, where the level asks for that. */
  best?: number
}

/** How games change ends: not at all, after each, or at the half of the last one too. */
export type EndsChange = 'STAY' | 'GAMES' | 'HALF'

/** Players who hit one after the other, as the page keeps them. */
export interface Queue { order: string[], away: string[], ballsATurn: number, at: number, taken: number }

export interface QueueTurn { queue: Queue, hitter: string, next: string, left: number }

export type QueueAct = 'BALL' | 'SKIP' | 'THAT_WAS' | 'CALL' | 'AWAY' | 'BACK' | 'NOTHING'

/** What a set says now, and what is to be said when it closes. */
export interface Judged { verdict?: Verdict, said: Said }

/** The chance to meet the goal from where a set stands, and the rate that it rests on. */
export interface FromHere { chance: number, rate: number, trials: number }

export type RulesProblem = Pick<Problem, 'code' | 'field' | 'value' | 'allowed'>

/** What the place of a zone depends on as a shot is played. */
export interface Conditions {
  hand: Hand
  from: From
  opponent: Hand
  stance?: Stance
  laid?: Laid[]
  /** Wing, hand or side, where the drill keeps them apart. */
  track?: string
  /** Who plays with or against the player, in the order of the sides. */
  partners?: string[]
  /** What the sets of a queue have in common. */
  queue?: string
  /** The player's place in the pattern. */
  as?: Actor
  /** When it was held, for a set that is entered from paper. */
  heldAt?: number
}

export const AS_DRAWN: Conditions = { hand: 'RIGHT', from: 'RIGHT', opponent: 'RIGHT' }

/** What a ball would be that came to some places. */
export interface Preview {
  ruling: Ruling
  goesOn: boolean
  points: number
  toEdge?: number
  fromAim?: number
}

export type Change = { kind: 'MIRROR' } | { kind: 'OTHER_END' } | { kind: 'SCALE', factor: number, about: Place }

export type Call = GroupView['call']

export type Or<T> = T | { problem: RulesProblem }

/** A set with its shots from the first that changed on. */
interface Appended {
  fromShot: number
  set: SetView
}

/** The rules, compiled from the server's own; loaded when charting begins. */
export async function loadRules() {
  const rules = await import('@bersaglio/rules')
  rules.clubDays(JSON.stringify(clubDays()))

  /** @param track wing, hand or side, where the drill keeps them apart */
  function standing(drill: Drill, history: SetLine[], own: SetLine[], player: string, track: string, start: number): Standing {
    return JSON.parse(rules.standing(JSON.stringify(drill), JSON.stringify(history), JSON.stringify(own), player, track, start))
  }

  function lying(target: TargetSet, ring: number, conditions: Conditions): Or<{ lying: Lying, rings: number }> {
    return JSON.parse(rules.lying(JSON.stringify(target), ring, JSON.stringify(conditions)))
  }

  function preview(target: TargetSet, ring: number, conditions: Conditions, places: Place[]): Or<Preview> {
    return JSON.parse(rules.preview(JSON.stringify(target), ring, JSON.stringify(conditions), JSON.stringify(places)))
  }

  /** @param player whom it is about; nobody for a ball or a skipped turn */
  function queue(now: Queue, act: QueueAct, player = ''): Or<QueueTurn> {
    return JSON.parse(rules.queue(JSON.stringify(now), act, player))
  }

  /** A group, as these events make it. */
  function group(events: ChartEvent[]): Or<{ group: GroupView }> {
    return JSON.parse(rules.group(JSON.stringify(events)))
  }

  /** What to call out in a turn of such a length, so many before its end, when so many are done. */
  const groupCall = (length: number, ahead: number, done: number): Call => rules.groupCall(length, ahead, done) as Call

  /** The chart of one set; every call is answered at once, from this device. */
  function chart(drill: Drill, history: SetLine[]) {
    const chart = rules.chart(JSON.stringify(drill), JSON.stringify(history))
    let shots: Shot[] = []
    return {
      append(events: ChartEvent | ChartEvent[]): SetView | { problem: RulesProblem } {
        const seen: Appended | { problem: RulesProblem } = JSON.parse(chart.append(JSON.stringify(events)))
        if ('problem' in seen) {
          return seen
        }
        shots = [...shots.slice(0, seen.fromShot), ...seen.set.shots]
        return { ...seen.set, shots }
      },
      fromHere(): FromHere | undefined {
        const here = chart.fromHere()
        return here === '' ? undefined : JSON.parse(here)
      },
      decided(): Advice | undefined {
        const advice = chart.decided()
        return advice === '' ? undefined : JSON.parse(advice)
      },
      /** Where passes break so far; nothing where no pattern is played. */
      passReport(): PassReport | undefined {
        const report = chart.passReport()
        return report === '' ? undefined : JSON.parse(report)
      },
      /** Milliseconds from the player's last shot to the call of the next one. */
      callAfter: (ahead: number): number => chart.callAfter(ahead),
      lying(): Lying {
        return JSON.parse(chart.lying())
      },
      preview(places: Place[]): Or<Preview> {
        return JSON.parse(chart.preview(JSON.stringify(places)))
      },
      line(): SetLine {
        return JSON.parse(chart.line())
      },
      judged(): Judged {
        return JSON.parse(chart.judged())
      },
      /** So that the set is judged without a wait as it closes. */
      prepare: (level: number, track: string) => chart.prepare(level, track),
    }
  }

  /** The chart of one match; every call is answered at once, from this device. */
  function match() {
    const chart = rules.match()
    let story: MatchView['story'] = []
    return {
      append(events: ChartEvent | ChartEvent[]): MatchView | { problem: RulesProblem } {
        const seen: { fromStep: number, match: MatchView } | { problem: RulesProblem } = JSON.parse(chart.append(JSON.stringify(events)))
        if ('problem' in seen) {
          return seen
        }
        story = [...story.slice(0, seen.fromStep), ...seen.match.story]
        return { ...seen.match, story }
      },
      /** What the next shot would be that comes down at a place, seen by who hits it. */
      where: (place: Place): { ruling: Ruling, spot: number } => JSON.parse(chart.where(place.x, place.y)),
      /** @param player of the team, from 0; -1 for all of it */
      review: (team: Team, player: number, earlier: PlacementTally[]): MatchReview =>
        JSON.parse(chart.review(team, player, JSON.stringify(earlier))),
      /** A tactical rule held against what was charted. */
      check: (words: string, team: Team): Or<{ check: TacticCheck }> => JSON.parse(chart.check(words, team)),
    }
  }

  const formats = (): Format[] => JSON.parse(rules.formats())
  const playedTo = (format: Format, to: number): Format => JSON.parse(rules.playedTo(JSON.stringify(format), to))
  const cappedAt = (format: Format, cap: number): Format => JSON.parse(rules.cappedAt(JSON.stringify(format), cap))
  const wonBy = (format: Format, sets: number): Format => JSON.parse(rules.wonBy(JSON.stringify(format), sets))
  const changing = (format: Format, ends: EndsChange): Format => JSON.parse(rules.changing(JSON.stringify(format), ends))

  /** A tactical rule as it is kept, or what is wrong with it. */
  const tactic = (words: string, sport: Sport): Or<{ words: string }> => JSON.parse(rules.tactic(words, sport))
  const strokes = (): Record<Sport, string[]> => JSON.parse(rules.strokes())

  return { standing, lying, preview, queue, group, groupCall, chart, match, formats, playedTo, cappedAt, wonBy, changing, strokes, tactic }
}

export type LoadedRules = Awaited<ReturnType<typeof loadRules>>
export type MatchChart = ReturnType<LoadedRules['match']>
export type Chart = ReturnType<LoadedRules['chart']>
