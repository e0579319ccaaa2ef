import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Court, Measure } from '@/shared/api'
import { useSentences } from '@/shared/sentences'
import { useLengths } from '@/shared/useLengths'
import type { Draft } from './useDraft'
import type { Drawing } from './useDrawing'

/** What the editor says: what does not fit and where, what a tried shot would be, or what to do next. */
export function useWords(draft: Draft, drawing: Drawing, court: Court, measures: () => Measure[]) {
  const { t, te } = useI18n()
  const { ruling } = useSentences()
  const { say } = useLengths(measures)
  const { target, problem } = draft
  const { tool, trying, lastTry, plane } = drawing

  const problemWords = computed(() => {
    const wrong = drawing.refused.value ?? problem.value
    return wrong && target.value.zones.length > 0 ? t(`problem.${wrong.code}`, { ...wrong, field: fieldName(wrong.field) }) : ''
  })

  /** "zones.1.asks.width" is the width of the second zone. */
  function fieldName(path: string): string {
    const place = /^zones\.(\d+)/.exec(path)
    const last = path.split('.').at(-1) ?? path
    const name = te(`field.${last}`) ? t(`field.${last}`) : last
    const zone = place && target.value.zones[Number(place[1])]
    return zone ? t('editor.ofZone', { field: name, number: zone.number }) : name
  }

  const tried = computed(() => {
    const seen = lastTry.value
    if (!seen) {
      return ''
    }
    const words = ruling(seen.ruling, { sport: court.sport, plane: plane.value })
    const inside = seen.ruling.outcome === 'HIT' || seen.goesOn
    return [
      t('editor.here', { ruling: seen.goesOn ? t('editor.goodSoFar') : words }),
      seen.toEdge === undefined ? '' : t(inside ? 'editor.inside' : 'editor.outside', { length: say(seen.toEdge) }),
      seen.points ? t('editor.pointsHere', { count: seen.points }) : '',
      seen.fromAim === undefined ? '' : t('editor.fromAim', { length: say(seen.fromAim) }),
      seen.goesOn ? t('editor.goesOn') : '',
    ].filter((one) => one !== '').join(', ')
  })
  const help = computed(() => {
    if (trying.value) {
      return t('editor.tryHelp')
    }
    if (tool.value === 'POLYGON') {
      return t('editor.polygonHelp')
    }
    return t(tool.value ? 'editor.placeHelp' : 'editor.help')
  })

  return { problemWords, tried, help }
}
