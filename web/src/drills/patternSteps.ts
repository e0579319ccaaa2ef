import type { Actor, Pattern, PatternStep } from '@/shared/api'

type Way = PatternStep['ways'][number]

/** A pattern with other steps; what comes again no more has all of its steps is taken out. */
function withSteps(pattern: Pattern, steps: PatternStep[], moved: (place: number) => number | undefined): Pattern {
  const repeats = (pattern.repeats ?? []).flatMap((one) => {
    const [first, last] = [moved(one.first), moved(one.last)]
    const whole = first !== undefined && last !== undefined && last - first === one.last - one.first
    const endsOpen = one.orFewer && last === steps.length - 1
    return whole && !endsOpen ? [{ ...one, first, last }] : []
  })
  return { ...pattern, steps, repeats }
}

const same = (place: number) => place

export function added(pattern: Pattern | undefined, step: PatternStep): Pattern {
  return pattern ? withSteps(pattern, [...pattern.steps, step], same) : { steps: [step] }
}

export function changed(pattern: Pattern, at: number, given: Partial<PatternStep>): Pattern {
  return withSteps(pattern, pattern.steps.map((step, place) => place === at ? { ...step, ...given } : step), same)
}

export function withWay(pattern: Pattern, at: number, way: Way): Pattern {
  return changed(pattern, at, { ways: [...pattern.steps[at]?.ways ?? [], way].slice(0, 4) })
}

export function removed(pattern: Pattern, at: number): Pattern | undefined {
  const steps = pattern.steps.filter((_, place) => place !== at)
  return steps.length === 0
    ? undefined
    : withSteps(pattern, steps, (place) => place === at ? undefined : place > at ? place - 1 : place)
}

export function doubled(pattern: Pattern, at: number): Pattern {
  return withSteps(pattern, pattern.steps.flatMap((step, place) => place === at ? [step, step] : [step]), (place) => place > at ? place + 1 : place)
}

/** Each of its ways becomes a step of its own, one after the other. */
export function split(pattern: Pattern, at: number): Pattern {
  const ways = pattern.steps[at]?.ways.length ?? 1
  const steps = pattern.steps.flatMap((step, place) => place === at ? step.ways.map((way) => ({ ...step, ways: [way] })) : [step])
  return withSteps(pattern, steps, (place) => place > at ? place + ways - 1 : place)
}

/** @param by -1 for earlier, 1 for later */
export function moved(pattern: Pattern, at: number, by: -1 | 1): Pattern {
  const [one, other] = [pattern.steps[at], pattern.steps[at + by]]
  if (!one || !other) {
    return pattern
  }
  const steps = pattern.steps.map((step, place) => place === at ? other : place === at + by ? one : step)
  return withSteps(pattern, steps, same)
}

/** Who hits after somebody, until a coach says otherwise. */
export function nextActor(before: Actor | undefined): Actor {
  return before === undefined || before === 'B' || before === 'FEEDER' ? 'A' : before === 'A' ? 'B' : before === 'C' ? 'D' : 'C'
}
