<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { askClub, askTargets } from '@/charting/asked'
import { surfaceOf } from '@/court/shape'
import StagePicture from '@/court/StagePicture.vue'
import { api, type KeptTarget } from '@/shared/api'
import { asMetres } from '@/shared/format'
import PlainState from '@/shared/PlainState.vue'
import ShelfCard from '@/shared/ShelfCard.vue'
import ShelfPage from '@/shared/ShelfPage.vue'
import { useAsked } from '@/shared/useAsked'

/** The club's targets, each on its court. */
const { t, te } = useI18n()
const { answer, failed, load } = useAsked(async () => {
  const [club, targets] = await Promise.all([askClub(), askTargets()])
  return { club, targets }
})
const court = ref('badminton')
const problem = ref('')
const courtName = (id: string) => {
  const place = answer.value?.club.data.places.find((one) => one.court === id && one.ownCourt)
  return place?.name ?? (te(`courtName.${id}`) ? t(`courtName.${id}`) : id)
}
const courts = computed(() => (answer.value?.club.data.courts ?? [])
  .filter((one) => one.surfaces.length > 0).map(({ id }) => ({ value: id, title: courtName(id) })))

const rows = computed(() => (answer.value?.targets.data ?? []).flatMap((kept) => {
  const on = answer.value?.club.data.courts.find((one) => one.id === kept.target.court)
  const stage = kept.lying.stages.at(-1)
  return on && stage ? [{ kept, stage, surface: surfaceOf(on, stage.plane) }] : []
}))

function uses({ usedBy }: KeptTarget): string {
  const names = [...new Set(usedBy.map((use) => use.name))]
  return names.map((drill) => {
    const levels = usedBy.filter((use) => use.name === drill).map((use) => use.level)
    return t('targets.use', { drill, levels: levels.join(', ') }, levels.length)
  }).join(', ')
}

async function remove(kept: KeptTarget) {
  problem.value = ''
  const { response } = await api.DELETE('/api/targets/{target}', { params: { path: { target: kept.target.id } } })
    .catch(() => ({ response: undefined }))
  problem.value = response?.ok ? '' : t('state.offline')
  await load()
}
</script>

<template>
  <ShelfPage
    :title="t('targets.title')"
    :failed="failed"
    :ready="!!answer"
    :cached-at="answer?.targets.cached ? answer.targets.at : undefined"
    takes-in="/api/exchange/targets"
    accept=".geojson,.json"
    :problem="problem"
    @load="load"
  >
    <template #links>
      <router-link to="/drills/places">{{ t('places.title') }}</router-link>
    </template>
    <template #tools>
      <v-select
        v-model="court"
        class="court"
        :label="t('targets.court')"
        :items="courts"
        hide-details
      />
      <v-btn color="primary" variant="flat" :to="`/drills/targets/new/${court}`">{{ t('targets.new') }}</v-btn>
    </template>
    <PlainState v-if="rows.length === 0" :title="t('targets.none')" :body="t('targets.noneBody')" />
    <ul>
      <ShelfCard v-for="{ kept, stage, surface } in rows" :key="kept.target.id" :name="kept.target.name" :to="`/drills/targets/${kept.target.id}`">
        <template #picture>
          <StagePicture :surface="surface" :stage="stage" />
        </template>
        <span class="soft">{{ courtName(kept.target.court) }} · {{ t('targets.version', { version: kept.target.version }) }}</span>
        <span>{{ stage.zones.map((zone) => t('targets.zone', { name: zone.name, size: asMetres(zone.size) })).join(', ') }}</span>
        <span class="soft">{{ uses(kept) }}</span>
        <template #actions>
          <v-btn variant="text" :href="`/api/exchange/targets/${kept.target.id}`" download>GeoJSON</v-btn>
          <v-btn variant="text" :aria-label="t('targets.removeOf', { name: kept.target.name })" @click="remove(kept)">
            {{ t('targets.remove') }}
          </v-btn>
        </template>
      </ShelfCard>
    </ul>
  </ShelfPage>
</template>

<style scoped>
.court {
  min-width: 220px;
}
</style>
