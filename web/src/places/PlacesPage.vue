<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { v7 as uuid } from 'uuid'
import { askClub } from '@/charting/asked'
import StagePicture from '@/court/StagePicture.vue'
import { api, type PlaceVersion } from '@/shared/api'
import PlainState from '@/shared/PlainState.vue'
import ShelfCard from '@/shared/ShelfCard.vue'
import ShelfPage from '@/shared/ShelfPage.vue'
import { useAsked } from '@/shared/useAsked'
import { useLengths } from '@/shared/useLengths'
import { useSettings } from '@/shared/settings'
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
const club = computed(() => answer.value?.data)
const places = computed(() => club.value?.places ?? [])
const courtOf = (place: PlaceVersion) => club.value?.courts.find((one) => one.id === place.court)
function bare(place: PlaceVersion) {
  const surface = courtOf(place)?.surfaces[0]
  const inUse = surface?.regions[0]
  return surface && inUse ? { surface, stage: { inUse, zones: [] } } : undefined
}
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
</script>

<template>
  <ShelfPage
    :title="t('places.title')"
    :failed="failed"
    :ready="!!answer"
    :cached-at="answer?.cached ? answer.at : undefined"
    takes-in="/api/exchange/places"
    accept=".geojson,.json"
    :problem="problem"
    @load="load"
  >
    <template #links>
      <router-link to="/drills/targets">{{ t('targets.title') }}</router-link>
    </template>
    <template #tools>
      <v-btn color="primary" variant="flat" @click="add">{{ t('places.new') }}</v-btn>
    </template>
    <PlainState v-if="places.length === 0" :title="t('places.none')" :body="t('places.noneBody')">
      <v-btn color="primary" variant="flat" @click="add">{{ t('places.new') }}</v-btn>
    </PlainState>
    <ul>
      <ShelfCard v-for="place in places" :key="place.id" :name="place.name">
        <template #picture>
          <StagePicture v-if="bare(place)" v-bind="bare(place)!" />
        </template>
        <span class="soft">{{ courtName(place) }}</span>
        <span v-for="measure in place.measures" :key="measure.one">
          {{ t('places.measure', { one: measure.one, length: say(measure.metres) }) }}
        </span>
        <span v-if="place.charterSd !== undefined">{{ t('places.eye', { length: say(place.charterSd) }) }}</span>
        <span v-else-if="courtOf(place)?.surfaces.length" class="soft">{{ t('places.noEye') }}</span>
        <span v-if="settings.place === place.id" class="here">{{ t('places.hereNow') }}</span>
        <template #actions>
          <v-btn v-if="settings.place !== place.id" @click="settings.place = place.id">{{ t('places.iAmHere') }}</v-btn>
          <v-btn @click="editing = place">{{ t('places.change') }}</v-btn>
          <v-btn v-if="courtOf(place)?.surfaces.length" @click="checking = place">{{ t('places.check') }}</v-btn>
          <v-btn variant="text" :href="`/api/exchange/places/${place.id}`" download>GeoJSON</v-btn>
          <v-btn variant="text" @click="remove(place)">{{ t('targets.remove') }}</v-btn>
        </template>
      </ShelfCard>
    </ul>
    <template #dialogs>
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
    </template>
  </ShelfPage>
</template>

<style scoped>
.here {
  padding-left: 8px;
  border-left: 4px solid var(--pine);
}
</style>
