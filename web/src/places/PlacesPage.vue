<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { v7 as uuid } from 'uuid'
import { askClub } from '@/charting/asked'
import CourtDrawing from '@/court/CourtDrawing.vue'
import { api, type PlaceVersion } from '@/shared/api'
import PageStates from '@/shared/PageStates.vue'
import PlainState from '@/shared/PlainState.vue'
import { useAsked } from '@/shared/useAsked'
import { useLengths } from '@/shared/useLengths'
import { useSettings } from '@/shared/settings'
import { readFile } from '@/targets/files'
import CharterCheck from './CharterCheck.vue'
import PlaceEditor from './PlaceEditor.vue'

/** Where the club plays: its courts with their names, what lengths are told by there, and how well one sees there. */
const { t, te } = useI18n()
const settings = useSettings()
const { say } = useLengths(() => [])
const { answer, failed, load } = useAsked(askClub)
const editing = ref<PlaceVersion>()
const checking = ref<PlaceVersion>()
const problem = ref('')
const picked = ref<HTMLInputElement>()
const club = computed(() => answer.value?.data)
const places = computed(() => club.value?.places ?? [])
const courtOf = (place: PlaceVersion) => club.value?.courts.find((one) => one.id === place.court)
const courtName = (place: PlaceVersion) => te(`courtName.${place.court}`) ? t(`courtName.${place.court}`) : t('places.own')

function add() {
  editing.value = { id: uuid(), version: 0, versionId: '', name: '', court: 'badminton', measures: [] }
}

async function remove(place: PlaceVersion) {
  const { response } = await api.DELETE('/api/places/{place}', { params: { path: { place: place.id } } })
    .catch(() => ({ response: undefined }))
  problem.value = response?.ok ? '' : t('state.offline')
  await load()
}

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const [file] = input.files ?? []
  problem.value = file ? await readFile(file, '/api/exchange/places', t('state.offline'), t('exchange.tooLarge')) : ''
  input.value = ''
  await load()
}
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer" :cached-at="answer?.cached ? answer.at : undefined" @retry="load">
    <div class="places">
      <header>
        <h1>{{ t('places.title') }}</h1>
        <router-link class="other" to="/drills/targets">{{ t('targets.title') }}</router-link>
        <v-btn class="add" color="primary" variant="flat" @click="add">{{ t('places.new') }}</v-btn>
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
      <PlainState v-if="places.length === 0" :title="t('places.none')" :body="t('places.noneBody')">
        <v-btn color="primary" variant="flat" @click="add">{{ t('places.new') }}</v-btn>
      </PlainState>
      <ul>
        <li v-for="place in places" :key="place.id" class="sheet">
          <div class="thumb">
            <CourtDrawing
              v-if="courtOf(place)?.surfaces[0]"
              :surface="courtOf(place)!.surfaces[0]!"
              :in-use="courtOf(place)!.surfaces[0]!.regions[0]!"
              :zones="[]"
              standpoint="BEHIND"
              :marks="[]"
              label=""
            />
          </div>
          <div class="says">
            <strong class="name">{{ place.name }}</strong>
            <span class="soft">{{ courtName(place) }}</span>
            <span v-for="measure in place.measures" :key="measure.one">
              {{ t('places.measure', { one: measure.one, length: say(measure.metres) }) }}
            </span>
            <span v-if="place.charterSd !== undefined">{{ t('places.eye', { length: say(place.charterSd) }) }}</span>
            <span v-else-if="courtOf(place)?.surfaces.length" class="soft">{{ t('places.noEye') }}</span>
            <span v-if="settings.place === place.id" class="here">{{ t('places.hereNow') }}</span>
            <div class="actions">
              <v-btn v-if="settings.place !== place.id" @click="settings.place = place.id">{{ t('places.iAmHere') }}</v-btn>
              <v-btn @click="editing = place">{{ t('places.change') }}</v-btn>
              <v-btn v-if="courtOf(place)?.surfaces.length" @click="checking = place">{{ t('places.check') }}</v-btn>
              <v-btn variant="text" :href="`/api/exchange/places/${place.id}`" download>GeoJSON</v-btn>
              <v-btn variant="text" @click="remove(place)">{{ t('targets.remove') }}</v-btn>
            </div>
          </div>
        </li>
      </ul>
    </div>
    <PlaceEditor
      v-if="editing && club"
      :key="editing.id"
      :place="editing"
      :courts="club.courts"
      @close="editing = undefined"
      @kept="() => { editing = undefined; void load() }"
    />
    <CharterCheck
      v-if="checking && courtOf(checking)"
      :place="checking"
      :court="courtOf(checking)!"
      @close="checking = undefined"
      @kept="() => { checking = undefined; void load() }"
    />
  </PageStates>
</template>

<style scoped>
.places {
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

.add {
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
  grid-template-columns: repeat(auto-fill, minmax(480px, 1fr));
  gap: 16px;
}

li {
  display: grid;
  grid-template-columns: 160px 1fr;
  gap: 16px;
  padding: 12px;
}

.thumb {
  height: 190px;
}

.says {
  display: grid;
  align-content: start;
  gap: 4px;
}

.name {
  font-size: 18px;
}

.here {
  padding-left: 8px;
  border-left: 4px solid var(--pine);
}

.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
}

@media (max-width: 800px) {
  .places {
    padding: 16px;
  }

  ul {
    grid-template-columns: 1fr;
  }

  li {
    grid-template-columns: 96px 1fr;
  }
}
</style>
