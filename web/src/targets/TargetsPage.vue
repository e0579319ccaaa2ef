<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { askClub, askTargets } from '@/charting/asked'
import CourtDrawing from '@/court/CourtDrawing.vue'
import { surfaceOf } from '@/court/shape'
import { api, type KeptTarget } from '@/shared/api'
import { asMetres } from '@/shared/format'
import PageStates from '@/shared/PageStates.vue'
import PlainState from '@/shared/PlainState.vue'
import { useAsked } from '@/shared/useAsked'
import { readFile } from './files'

/** The club's targets, each on its court. */
const { t, te } = useI18n()
const { answer, failed, load } = useAsked(async () => {
  const [club, targets] = await Promise.all([askClub(), askTargets()])
  return { club, targets }
})
const court = ref('badminton')
const problem = ref('')
const picked = ref<HTMLInputElement>()
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

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const [file] = input.files ?? []
  problem.value = file ? await readFile(file, '/api/exchange/targets', t('state.offline'), t('exchange.tooLarge')) : ''
  input.value = ''
  await load()
}
</script>

<template>
  <PageStates
    :failed="failed"
    :ready="!!answer"
    :cached-at="answer?.targets.cached ? answer.targets.at : undefined"
    @retry="load"
  >
    <div class="targets">
      <header>
        <h1>{{ t('targets.title') }}</h1>
        <router-link class="other" to="/drills/places">{{ t('places.title') }}</router-link>
        <v-select
          v-model="court"
          class="court"
          :label="t('targets.court')"
          :items="courts"
          hide-details
        />
        <v-btn color="primary" variant="flat" :to="`/drills/targets/new/${court}`">{{ t('targets.new') }}</v-btn>
        <v-btn @click="picked?.click()">{{ t('exchange.import') }}</v-btn>
        <input
          ref="picked"
          class="visually-hidden"
          type="file"
          accept=".geojson,.json"
          :aria-label="t('exchange.import')"
          @change="take"
        >
      </header>
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <PlainState v-if="rows.length === 0" :title="t('targets.none')" :body="t('targets.noneBody')" />
      <ul>
        <li v-for="{ kept, stage, surface } in rows" :key="kept.target.id" class="sheet">
          <router-link :to="`/drills/targets/${kept.target.id}`" class="thumb" tabindex="-1" aria-hidden="true">
            <CourtDrawing
              :surface="surface"
              :in-use="stage.inUse"
              :zones="stage.zones"
              standpoint="BEHIND"
              :marks="[]"
              label=""
            />
          </router-link>
          <div class="says">
            <router-link :to="`/drills/targets/${kept.target.id}`" class="name">{{ kept.target.name }}</router-link>
            <span class="soft">{{ courtName(kept.target.court) }} · {{ t('targets.version', { version: kept.target.version }) }}</span>
            <span>{{ stage.zones.map((zone) => t('targets.zone', { name: zone.name, size: asMetres(zone.size) })).join(', ') }}</span>
            <span class="soft">{{ uses(kept) }}</span>
            <div class="actions">
              <v-btn size="small" variant="text" :href="`/api/exchange/targets/${kept.target.id}`" download>GeoJSON</v-btn>
              <v-btn size="small" variant="text" :aria-label="t('targets.removeOf', { name: kept.target.name })" @click="remove(kept)">
                {{ t('targets.remove') }}
              </v-btn>
            </div>
          </div>
        </li>
      </ul>
    </div>
  </PageStates>
</template>

<style scoped>
.targets {
  padding: 24px 32px;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 16px;
}

header .other {
  color: var(--ink);
}

.court {
  max-width: 240px;
  margin-left: auto;
}

.problem {
  margin-top: 12px;
  padding-left: 12px;
  border-left: 4px solid var(--plum);
}

ul {
  list-style: none;
  padding: 0;
  margin-top: 16px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(360px, 1fr));
  gap: 16px;
}

li {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 16px;
  padding: 12px;
}

.thumb {
  height: 170px;
}

.says {
  display: grid;
  align-content: start;
  gap: 4px;
}

.name {
  font-size: 18px;
  font-weight: 650;
  color: var(--ink);
}

.actions {
  display: flex;
  gap: 4px;
}
</style>
