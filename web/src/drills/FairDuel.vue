<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type FairDuel, type Goal } from '@/shared/api'
import { asMetres } from '@/shared/format'

/** How even a duel of two would be, and what would make it even. */
const props = defineProps<{
  player: string
  other: string
  drill: string
  level: number
  track: string
  nameOf: (player: string) => string
  taking: boolean
}>()
const emit = defineEmits<{ take: [goal: Goal] }>()
const { t } = useI18n()
const fair = shallowRef<FairDuel>()
const asked = shallowRef(false)
let latest = 0

watch(() => [props.player, props.other, props.drill, props.level, props.track], async () => {
  const own = ++latest
  asked.value = false
  const { player, other, drill, level, track } = props
  const { data } = await api.GET('/api/players/{player}/fair-duel', {
    params: { path: { player }, query: { with: other, drill, level, track } },
  }).catch(() => ({ data: undefined }))
  if (own === latest) {
    fair.value = data?.duel
    asked.value = true
  }
}, { immediate: true })

const names = computed(() => ({ player: props.nameOf(props.player), other: props.nameOf(props.other) }))
const of100 = (chance: number) => Math.round(chance * 100)
const ahead = computed(() => {
  const [own = 0, others = 0] = fair.value?.goal.headStarts ?? []
  return { points: Math.max(own, others), name: own > others ? names.value.player : names.value.other }
})
</script>

<template>
  <section v-if="asked" class="fair" data-test="fair">
    <h3>{{ t('fair.title') }}</h3>
    <p v-if="!fair">{{ t('fair.unknown', names) }}</p>
    <template v-else>
      <p>{{ t('fair.stands', { ...names, times: of100(fair.chance) }) }}</p>
      <div v-if="ahead.points" class="beside">
        <p>
          {{ t('fair.headStart', { ...ahead, player: names.player, times: of100(fair.withHeadStart) }, ahead.points) }}
          <template v-if="!fair.even">{{ t('fair.nearest') }}</template>
        </p>
        <v-btn :disabled="taking" @click="emit('take', fair.goal)">{{ t('forecast.take') }}</v-btn>
      </div>
      <p v-if="fair.size">
        {{ t('fair.size', {
          name: nameOf(fair.size.of), percent: of100(fair.size.scale), narrowest: asMetres(fair.size.narrowest), count: fair.size.landings,
        }, fair.size.landings) }}
        <template v-if="fair.size.few">{{ t('fair.few') }}</template>
      </p>
      <p class="soft small">{{ t('fair.assumes') }}</p>
    </template>
  </section>
</template>

<style scoped>
.fair {
  display: grid;
  gap: 8px;
  padding-top: 12px;
  border-top: 1px solid var(--rule);
}

.beside {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 8px 16px;
}

.small {
  font-size: 14px;
}
</style>
