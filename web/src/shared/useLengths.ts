import { shallowRef } from 'vue'
import { loadRules, type LoadedRules, type Or } from '@/charting/rules'
import type { Measure } from './api'
import { asMetres } from './format'
import { useSettings } from './settings'

/** Lengths as this coach says them; the rules read and write them, metres stand in until they are loaded. */
export function useLengths(measures: () => Measure[]) {
  const settings = useSettings()
  const rules = shallowRef<LoadedRules>()
  void loadRules().then((loaded) => {
    rules.value = loaded
  })

  function say(metres: number): string {
    return rules.value?.written(metres, settings.unit, measures()) ?? `${asMetres(metres)} m`
  }

  function read(text: string): Or<{ metres: number }> | undefined {
    return rules.value?.length(text, measures())
  }

  return { say, read }
}
