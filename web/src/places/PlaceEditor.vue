<script setup lang="ts">
import { mdiDeleteOutline } from '@mdi/js'
import { v7 as uuid } from 'uuid'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type Court, type Measure, type OwnCourt, type PlaceVersion } from '@/shared/api'
import LengthField from '@/shared/LengthField.vue'
import { vCursor } from '@/shared/cursor'

/** A place of the club: its name, its court, of a sport or by its own measurements, and what lengths are told by there. */
const props = defineProps<{ place: PlaceVersion, courts: Court[] }>()
const emit = defineEmits<{ close: [], kept: [] }>()
const { t, te } = useI18n()
const OWN = 'own'
const FIRST: OwnCourt = { id: '', width: 6, depth: 7, net: 1, lines: [] }
const name = ref(props.place.name)
const court = ref(props.place.ownCourt ? OWN : props.place.court)
const own = ref<OwnCourt>(props.place.ownCourt ?? FIRST)
const hasNet = ref((props.place.ownCourt ?? FIRST).net > 0)
const measures = ref<Measure[]>(props.place.measures.map((one) => ({ ...one })))
const problem = ref('')
const open = ref(true)
const courtItems = computed(() => [
  { value: OWN, title: t('places.own') },
  ...props.courts.filter((one) => te(`courtName.${one.id}`)).map(({ id }) => ({ value: id, title: t(`courtName.${id}`) })),
])

function addLine() {
  const { lines } = own.value
  own.value = { ...own.value, lines: [...lines, { name: t('places.line', { number: lines.length + 1 }), way: 'ACROSS', at: 2 }] }
}

function setLine(place: number, given: Partial<OwnCourt['lines'][number]>) {
  own.value = { ...own.value, lines: own.value.lines.map((line, index) => index === place ? { ...line, ...given } : line) }
}

async function keep() {
  problem.value = ''
  // What was charted on a court names it: changed measurements are another court.
  const measured = court.value === OWN ? { ...own.value, net: hasNet.value ? own.value.net : 0, id: `court-${uuid()}` } : undefined
  const same = measured && props.place.ownCourt
    && JSON.stringify({ ...measured, id: '' }) === JSON.stringify({ ...props.place.ownCourt, id: '' })
  const ownCourt = same ? props.place.ownCourt : measured
  const { data, error } = await api.PUT('/api/places/{place}', {
    params: { path: { place: props.place.id }, query: { basedOn: props.place.version } },
    body: {
      ...props.place, version: Math.max(1, props.place.version), name: name.value, court: ownCourt?.id ?? court.value,
      ownCourt, measures: measures.value,
    },
  }).catch(() => ({ data: undefined, error: undefined }))
  if (data) {
    emit('kept')
  } else {
    problem.value = (error as { detail?: string } | undefined)?.detail ?? t('state.offline')
  }
}
</script>

<template>
  <v-dialog v-model="open" max-width="620" persistent :aria-label="t('places.change')">
    <v-card class="dialog-card" data-test="place-editor">
      <form @submit.prevent="keep">
        <h2>{{ place.name || t('places.new') }}</h2>
        <v-text-field
          v-model="name"
          v-cursor
          :label="t('places.name')"
          maxlength="60"
          hide-details
        />
        <v-select v-model="court" :label="t('places.court')" :items="courtItems" hide-details />
        <template v-if="court === OWN">
          <div class="three">
            <LengthField v-model="own.width" :label="t('editor.width')" :measures="measures" />
            <LengthField v-model="own.depth" :label="t('places.depth')" :measures="measures" />
            <LengthField v-if="hasNet" v-model="own.net" :label="t('places.net')" :measures="measures" />
          </div>
          <v-switch v-model="hasNet" :label="t('places.hasNet')" />
          <div v-for="(line, index) in own.lines" :key="index" class="line">
            <v-text-field
              :model-value="line.name"
              :label="t('editor.line')"
              maxlength="40"
              hide-details
              @update:model-value="setLine(index, { name: $event })"
            />
            <v-select
              :model-value="line.way"
              :label="t('places.way')"
              :items="(['ACROSS', 'ALONG'] as const).map((value) => ({ value, title: t(`places.ways.${value}`) }))"
              hide-details
              @update:model-value="setLine(index, { way: $event })"
            />
            <LengthField
              :model-value="line.at"
              :label="t(line.way === 'ACROSS' ? 'places.fromNet' : 'places.fromMiddle')"
              :measures="measures"
              signed
              @update:model-value="setLine(index, { at: $event })"
            />
            <v-btn
              :icon="mdiDeleteOutline"
              variant="text"
              :aria-label="t('places.removeLine', { name: line.name })"
              @click="own = { ...own, lines: own.lines.filter((_, other) => other !== index) }"
            />
          </div>
          <v-btn @click="addLine">{{ t('places.addLine') }}</v-btn>
        </template>
        <h3>{{ t('places.measures') }}</h3>
        <p class="soft">{{ t('places.measuresNote') }}</p>
        <div v-for="(measure, index) in measures" :key="index" class="line">
          <v-text-field v-model="measure.one" :label="t('places.one')" maxlength="20" hide-details />
          <v-text-field v-model="measure.many" :label="t('places.many')" maxlength="20" hide-details />
          <LengthField v-model="measure.metres" :label="t('places.long')" />
          <v-btn
            :icon="mdiDeleteOutline"
            variant="text"
            :aria-label="t('places.removeMeasure', { name: measure.one })"
            @click="measures.splice(index, 1)"
          />
        </div>
        <v-btn @click="measures.push({ one: 'tile', many: 'tiles', metres: 0.3 })">{{ t('places.addMeasure') }}</v-btn>
        <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
        <v-btn type="submit" block color="primary" variant="flat">{{ t('editor.keep') }}</v-btn>
        <v-btn block variant="text" @click="emit('close')">{{ t('players.cancel') }}</v-btn>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
h3 {
  font-size: 16px;
}

.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
}

.line {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr 48px;
  gap: 8px;
}

.problem {
  padding-left: 12px;
  border-left: 4px solid var(--plum);
}
</style>
