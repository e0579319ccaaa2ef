import { shallowRef } from 'vue'
import { AS_DRAWN, type Chart, type Conditions, type LoadedRules, type RulesProblem } from '@/charting/rules'
import type { Place } from '@/court/turn'
import type { Level, Lying } from '@/shared/api'

/** What the next set is opened under (side, opponent's hand, what was really laid), and how the target lies by it. */
export function useConditions(asked: {
  /** None before they are here. */
  rules: () => LoadedRules | undefined
  rung: () => Level
  /** None before the set is open. */
  chart: () => Chart | undefined
}) {
  const conditions = shallowRef<Conditions>(AS_DRAWN)
  /** How the target lies now: by the set once it is open, else as it would be opened. */
  const lying = shallowRef<Lying>()
  /** What was chosen before the rules were here. */
  let early: Partial<Conditions> = {}

  function beginUnder(given: Conditions) {
    conditions.value = { ...given, ...early }
  }

  function lie() {
    const rules = asked.rules()
    const { target, ring } = asked.rung()
    const chart = asked.chart()
    const seen = chart ? { lying: chart.lying() } : rules?.lying(target, ring, conditions.value)
    if (seen && 'lying' in seen) {
      lying.value = seen.lying
    }
  }

  /** @return what is wrong with what was laid, if anything */
  function under(given: Partial<Conditions>): RulesProblem | undefined {
    const next = { ...conditions.value, ...given }
    const rules = asked.rules()
    if (rules) {
      const { target, ring } = asked.rung()
      const seen = rules.lying(target, ring, next)
      if ('problem' in seen) {
        return seen.problem
      }
    } else {
      early = { ...early, ...given }
    }
    conditions.value = next
    lie()
    return undefined
  }

  /** What a ball at these places would be, without logging it. */
  function preview(rules: LoadedRules, places: Place[]) {
    const { target, ring } = asked.rung()
    return asked.chart()?.preview(places) ?? rules.preview(target, ring, conditions.value, places)
  }

  return { conditions, lying, beginUnder, lie, under, preview }
}
