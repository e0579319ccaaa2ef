import { useI18n } from 'vue-i18n'
import type { Actor, Court, Drill, Pattern, PatternStep, TargetSet } from './api'
import { region } from './language'

/** The strokes of a court's sport, and those that the club's own drills there name besides. */
export function strokesAt(court: Court, drills: Drill[]): string[] {
  const own = drills.filter((drill) => drill.court === court.id)
    .flatMap(({ levels }) => levels.flatMap(({ dials }) => dials.pattern?.steps ?? []))
    .flatMap(({ ways }) => ways.flatMap(({ stroke }) => stroke ?? []))
  return [...new Set([...court.strokes, ...own])].filter((stroke) => stroke !== '')
}

/** Steps of a pattern in words. */
export function usePatterns() {
  const { t } = useI18n()
  const either = new Intl.ListFormat(region, { type: 'disjunction' })

  const who = (actor: Actor) => actor === 'FEEDER' ? t('pattern.feeder') : actor

  function wayWords({ stroke = '', zone = 0 }: PatternStep['ways'][number], target: TargetSet): string {
    const place = target.zones.find((one) => one.number === zone)?.name
    if (place === undefined) {
      return stroke === '' ? t('pattern.anywhere') : t('pattern.stroke', { stroke })
    }
    return stroke === '' ? t('pattern.to', { place }) : t('pattern.strokeTo', { stroke, place })
  }

  function stepWords(step: PatternStep, target: TargetSet): string {
    const what = either.format(step.ways.map((way) => wayWords(way, target)))
    const words = t('pattern.step', { who: who(step.by), what })
    return step.when && step.when !== 'ANY' ? t('pattern.when', { step: words, ball: t(`pattern.incoming.${step.when}`) }) : words
  }

  /** Those in it, in the order in which they first hit. */
  const actorsOf = (pattern: Pattern) => [...new Set(pattern.steps.map((step) => step.by))]

  return { who, wayWords, stepWords, actorsOf }
}
