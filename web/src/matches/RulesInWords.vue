<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Agreed, GameRule } from '@/shared/api'

/** What is agreed, a sentence each: how it is scored, then what else holds. */
const props = defineProps<{ agreed: Agreed }>()
const { t, locale } = useI18n()
const list = (items: string[]) => new Intl.ListFormat(locale.value).format(items)

function shotOf({ stroke = '', zone = 0 }: NonNullable<GameRule['shots']>[number]): string {
  const name = stroke || t('match.aShot')
  return zone ? t('match.shotTo', { stroke: name, spot: zone }) : name
}

function rule(one: GameRule): string {
  const then = one.then ? t(`match.cardThen.${one.then}`) : ''
  const words = t(one.kind === 'BONUS' && one.spot ? 'match.cardWhere' : `match.cardRule.${one.kind}`, {
    ...one, then, spots: list((one.spots ?? []).map(String)), shots: list((one.shots ?? []).map(shotOf)),
  })
  return one.judge ? `${words} ${t('match.cardJudge', { judge: one.judge })}` : words
}

const scoring = computed(() => {
  const { points: { finish }, games, wins } = props.agreed.format
  return games
    ? [t('match.cardSets', { count: wins }, wins)]
    : [
        t(finish.cap ? 'match.cardCap' : 'match.cardTo', { ...finish }),
        t(`match.cardLead.${finish.lead}`),
        t('match.cardWins', { count: wins }, wins),
      ]
})
const time = computed(() => props.agreed.minutes ? [t('match.cardMinutes', { count: props.agreed.minutes }, props.agreed.minutes)] : [])
const lines = computed(() => [...scoring.value, ...time.value, ...props.agreed.rules.map(rule)])
const hasParts = computed(() => props.agreed.rules.some(({ kind, spot, shots }) =>
  kind === 'OUT' || spot || shots?.some(({ zone }) => zone)))
const ROWS = [[7, 8, 9], [4, 5, 6], [1, 2, 3]]
const isOut = (spot: number) => props.agreed.rules.some(({ kind, spots }) => kind === 'OUT' && spots?.includes(spot))
</script>

<template>
  <div class="card">
    <ul>
      <li v-for="line in lines" :key="line">{{ line }}</li>
    </ul>
    <figure v-if="hasParts">
      <table :aria-label="t('match.cardParts')">
        <tbody>
          <tr v-for="row in ROWS" :key="row[0]">
            <td v-for="spot in row" :key="spot" :class="{ out: isOut(spot) }">{{ spot }}</td>
          </tr>
        </tbody>
      </table>
      <figcaption class="soft">{{ t('match.gridNet') }}</figcaption>
    </figure>
  </div>
</template>

<style scoped>
.card {
  display: flex;
  flex-wrap: wrap;
  gap: 24px;
  align-items: start;
}

ul {
  flex: 1 1 320px;
  padding-left: 20px;
}

table {
  border-collapse: collapse;
  border-bottom: 4px dashed var(--ink);
}

td {
  width: 56px;
  height: 48px;
  border: 1px solid var(--ink);
  font-family: var(--counts);
  font-size: 20px;
  text-align: center;
}

.out {
  background: color-mix(in srgb, var(--ink) 24%, transparent);
  text-decoration: line-through;
}
</style>
