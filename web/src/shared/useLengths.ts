import { shallowRef } from 'vue'
import { loadDrafting, type LoadedDrafting } from '@/charting/drafting'
import type { Or } from '@/charting/rules'
import type { Measure } from './api'
import { asMetres } from './format'
import { useSettings } from './settings'

/** Lengths as this coach says them; the rules read and write them, metres stand in until they are loaded. */
export function useLengths(measures: () => Measure[]) {
  const settings = useSettings()
  const drafting = shallowRef<LoadedDrafting>()
  void loadDrafting().then((loaded) => {
    drafting.value = loaded
  })

  function say(metres: number): string {
    return drafting.value?.written(metres, settings.unit, measures()) ?? `${asMetres(metres)} m`
  }

  function read(text: string): Or<{ metres: number }> | undefined {
    return drafting.value?.length(text, measures())
  }

  return { say, read }
}
