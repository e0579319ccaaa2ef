import { computed, type ComputedRef, type Ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Level, Player } from '@/shared/api'
import { steady } from '@/shared/steady'
import type { Charted } from './useSet'

/** How many sides a set has that play against each other, and who is in it, in their order. */
export function useSides(
  charted: Charted, rung: ComputedRef<Level | undefined>, person: Ref<Player | undefined>, players: Ref<Player[]>,
) {
  const { t } = useI18n()
  const count = computed(() => charted.set.value?.count ?? rung.value?.fresh)
  const sides = computed(() => rung.value?.sides ?? 1)
  const names = steady(() => {
    const partners = charted.set.value?.partners ?? charted.conditions.conditions.value.partners ?? []
    const known = [person.value?.id ?? '', ...partners].map((id) => players.value.find((one) => one.id === id)?.name.split(' ')[0] ?? '')
    const missing = Array.from({ length: Math.max(0, sides.value - known.length) }, (_, place) =>
      t('count.side', { number: known.length + place + 1 }))
    return [...known, ...missing]
  })
  return { count, sides, names }
}
