import type { Caller, ChartEvent, Ending, PatternStep, Role, Said, SetView, Shot, Standpoint } from '@/shared/api'
import type { RulesProblem } from '@/charting/rules'

export type Logged = { ok: true, set: SetView } | { ok: false, problem: RulesProblem }
export type Body = ChartEvent['body']
type Way = PatternStep['ways'][number]
export type Note = Shot['notes'][number]
type Write = (kind: ChartEvent['kind'], body: Body) => Logged

/** What is entered in a set besides where a ball landed. The first entry opens the set. */
export function entriesOf(write: Write, opened: (standpoint: Standpoint) => Logged) {
  const entered = (standpoint: Standpoint, kind: ChartEvent['kind'], body: Body): Logged => {
    const open = opened(standpoint)
    return open.ok ? write(kind, body) : open
  }

  return {
    turn: () => write('set.turned', {}),
    call: (shot: string, ruling: Shot['ruling']) => write('shot.called', { shot, ...ruling }),
    close: (said: Said) => write('set.closed', { said }),
    reopen: () => write('set.reopened', {}),
    /** The balls until now were for the range; from here on they count. */
    startScoring: (standpoint: Standpoint) => entered(standpoint, 'scoring.started', {}),
    payOwed: (count: number) => write('owed.paid', { count }),
    pause: () => write('set.paused', {}),
    goOn: () => write('set.resumed', {}),
    note: (shot: string, note: Note, on: boolean) => write('shot.noted', { shot, note, on }),
    stroke: (shot: string, stroke: string) => write('shot.stroked', { shot, stroke }),
    /** Of the ways that the next step leaves open, this one is called. */
    callStep: (step: number, way: Way) => write('step.called', { step, ...way }),
    /** The shot was another player's, in whose set it is logged again. */
    give: (shot: string, to: string) => write('shot.given', { shot, to }),
    /** Called by the player before the first ball. */
    callNumber: (number: number, standpoint: Standpoint) => entered(standpoint, 'number.called', { number }),
    /** @param claims what each side said that it was, where that was disputed */
    countIs: (given: { part?: number, count: number, balls?: number, claims?: number[] }, standpoint: Standpoint) =>
      entered(standpoint, 'count.set', given),
    takeValue: (value: number, team: number, standpoint: Standpoint) =>
      entered(standpoint, 'value.taken', { value, ...team && { team } }),
    contact: (by: Role, standpoint: Standpoint) => entered(standpoint, 'contact.made', { by }),
    endRally: (ending: Ending, standpoint: Standpoint) => entered(standpoint, 'rally.ended', ending),
    turnClock: (to: 'STARTED' | 'STOPPED', standpoint: Standpoint) => entered(standpoint, 'clock.turned', { to }),
    countHits: (hits: number, balls: number, by: Caller, standpoint: Standpoint) =>
      entered(standpoint, 'hits.counted', { hits, balls, by }),
  }
}

export type Entries = ReturnType<typeof entriesOf>
