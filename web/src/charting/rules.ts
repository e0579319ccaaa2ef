import type { ChartEvent, Drill, Problem, Said, SetLine, SetView, Verdict } from '@/shared/api'

/** Where a player stands on a drill, with the sets that this device alone knows. */
export interface Standing {
  level: number
  sets: SetLine[]
  verdict?: Verdict
}

export type RulesProblem = Pick<Problem, 'code' | 'field' | 'value' | 'allowed'>

/** The rules, compiled from the server's own; loaded when charting begins. */
export async function loadRules() {
  const rules = await import('@bersaglio/rules')

  function standing(drill: Drill, history: SetLine[], own: SetLine[], player: string): Standing {
    return JSON.parse(rules.standing(JSON.stringify(drill), JSON.stringify(history), JSON.stringify(own), player))
  }

  /** The chart of one set; every call is answered at once, from this device. */
  function chart(drill: Drill, history: SetLine[]) {
    const chart = rules.chart(JSON.stringify(drill), JSON.stringify(history))
    return {
      append(events: ChartEvent | ChartEvent[]): SetView | { problem: RulesProblem } {
        return JSON.parse(chart.append(JSON.stringify(events)))
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
