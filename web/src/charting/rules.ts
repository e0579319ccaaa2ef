import type { ChartEvent, Drill, Problem, Said, SetLine, SetView, Shot, Verdict } from '@/shared/api'

/** Where a player stands on a drill, with the sets that this device alone knows. */
export interface Standing {
  level: number
  sets: SetLine[]
  verdict?: Verdict
}

export type RulesProblem = Pick<Problem, 'code' | 'field' | 'value' | 'allowed'>

/** A set with its shots from the first that changed on. */
interface Appended {
  fromShot: number
  set: SetView
}

/** The rules, compiled from the server's own; loaded when charting begins. */
export async function loadRules() {
  const rules = await import('@bersaglio/rules')

  function standing(drill: Drill, history: SetLine[], own: SetLine[], player: string): Standing {
    return JSON.parse(rules.standing(JSON.stringify(drill), JSON.stringify(history), JSON.stringify(own), player))
  }

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
      verdict(): Verdict | undefined {
        const verdict = chart.verdict()
        return verdict === '' ? undefined : JSON.parse(verdict)
      },
      closing(): Said {
        return JSON.parse(chart.closing())
      },
      line(): SetLine {
        return JSON.parse(chart.line())
      },
    }
  }

  return { standing, chart }
}

export type LoadedRules = Awaited<ReturnType<typeof loadRules>>
export type Chart = ReturnType<LoadedRules['chart']>
