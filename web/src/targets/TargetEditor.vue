<script setup lang="ts">
import { mdiRedoVariant, mdiUndoVariant } from '@mdi/js'
import { useEventListener } from '@vueuse/core'
import { computed, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { LoadedDrafting } from '@/charting/drafting'
import type { LoadedRules } from '@/charting/rules'
import type { Place } from '@/court/turn'
import { api, type Club, type Court, type KeptTarget, type PlaceVersion, type Plane, type TargetSet } from '@/shared/api'
import { plain } from '@/shared/sentences'
import { useSettings } from '@/shared/settings'
import { halfBeyond } from '@/court/shape'
import { savePicture } from '@/court/picture'
import LayingCard from '@/courtside/LayingCard.vue'
import AimPanel from './AimPanel.vue'
import EditorCourt from './EditorCourt.vue'
import SetPanel from './SetPanel.vue'
import ToolPalette from './ToolPalette.vue'
import UseInDrill from './UseInDrill.vue'
import ZonePanel from './ZonePanel.vue'
import { SHAPES, toolsFor } from './kinds'
import { useDraft } from './useDraft'
import { useDrawing } from './useDrawing'
import { useWords } from './useWords'

/** A target drawn on the court itself. */
const props = defineProps<{ rules: LoadedRules, drafting: LoadedDrafting, club: Club, court: Court, stored: TargetSet, isNew: boolean }>()
const emit = defineEmits<{ kept: [kept: KeptTarget] }>()
const { t } = useI18n()
const settings = useSettings()
const snapping = ref(true)
const panel = ref<'zone' | 'set' | 'aim'>('zone')
const using = ref(false)
const laying = ref(false)
const isKept = ref(!props.isNew)
const saving = ref(false)
const word = ref('')
const drawn = ref<HTMLElement>()

const latest = shallowRef(props.stored)
const draft = useDraft(props.rules, props.stored.id, props.stored)
const { target, problem } = draft
/** While the whole target is looked at, touches draw what is in use; a target in order has that in its parts. */
const drawingInUse = computed(() => panel.value === 'set' && target.value.zones.every(({ asks }) => asks.kind !== 'IN_ORDER'))
const drawing = useDrawing(draft, props.rules, props.court, snapping, (kind) => t(`kind.${kind}`), drawingInUse)
const { tool, trying, stage, surface, plane } = drawing
const placeHere = computed<PlaceVersion | undefined>(() => props.club.places.find((one) => one.id === settings.place))
const measures = computed(() => placeHere.value?.measures ?? [])
const tools = computed(() => drawing.inUse.value ? SHAPES : toolsFor(surface.value, drawing.parts.value.length > 0, props.court.surfaces.length > 1))
const beyond = computed(() => settings.wholeCourt ? halfBeyond(props.court, plane.value) : undefined)

const { problemWords, tried, help } = useWords(draft, drawing, props.court, () => measures.value)

function change(zone: number, what: 'MIRROR' | 'OTHER_END' | number) {
  const lying = drawing.stage.value.zones.find((one) => one.number === zone)
  const about: Place = lying?.whole.middle ?? { x: 0, y: 0 }
  const seen = props.drafting.changed(target.value, zone, typeof what === 'number' ? { kind: 'SCALE', factor: what, about } : { kind: what })
  if ('target' in seen) {
    draft.take(seen.target)
  } else {
    drawing.refused.value = seen.problem
  }
}

function setPlane(next: Plane) {
  const there = props.court.surfaces.find((one) => one.plane === next)
  if (there && target.value.zones.length === 0) {
    drawing.emptyPlane.value = next
    draft.take({ ...target.value, inUse: { region: there.regions[0]?.id ?? '', tie: 'COURT' } })
  }
}

async function save() {
  saving.value = true
  word.value = ''
  const { data, error } = await api.PUT('/api/targets/{target}', {
    params: { path: { target: target.value.id }, query: { basedOn: isKept.value ? target.value.version : 0 } }, body: target.value,
  }).catch(() => ({ data: undefined, error: undefined }))
  saving.value = false
  if (!data) {
    word.value = (error as { detail?: string } | undefined)?.detail ?? t('editor.notKept')
    return
  }
  isKept.value = true
  const kept = data as KeptTarget
  latest.value = kept.target
  draft.settle(kept.target)
  word.value = t('editor.kept', { version: kept.target.version })
  emit('kept', kept)
}

function discard() {
  draft.settle(latest.value)
  drawing.choose(latest.value.zones[0]?.number ?? 1)
}

const NUDGES: Record<string, Place> = {
  ArrowUp: { x: 0, y: 1 }, ArrowDown: { x: 0, y: -1 }, ArrowLeft: { x: -1, y: 0 }, ArrowRight: { x: 1, y: 0 },
}
const STEP = 0.01
const LONG_STEP = 0.1

useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  const at = event.target
  if (at instanceof HTMLElement && (at.matches('input, textarea, [role=listbox], [role=option]') || at.closest('[role=dialog]'))) {
    return
  }
  if (act(event)) {
    event.preventDefault()
  }
})

function act(event: KeyboardEvent): boolean {
  const step = event.shiftKey ? LONG_STEP : STEP
  const nudge = NUDGES[event.key]
  if (nudge) {
    drawing.nudge(nudge.x * step, nudge.y * step)
  } else if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
    (event.shiftKey ? draft.redo : draft.undo)()
  } else if (event.key === 'Escape') {
    drawing.setTool(undefined)
  } else if (event.key === 'Enter' && tool.value) {
    putInTheMiddle()
  } else if (/^[1-9]$/.test(event.key) && target.value.zones.some((zone) => zone.number === Number(event.key))) {
    drawing.choose(Number(event.key))
  } else {
    return false
  }
  return true
}

/** Without a pointer a zone is put in the middle of what is in use, and nudged from there. */
function putInTheMiddle() {
  if (tool.value === 'POLYGON') {
    drawing.finishPolygon()
  } else {
    drawing.down(stage.value.inUse.area.middle)
    drawing.up()
  }
}

function touch(place: Place) {
  word.value = ''
  drawing.down(place)
}

function toggleTry() {
  word.value = ''
  const next = !trying.value
  drawing.setTool(undefined)
  trying.value = next
}

function picture(kind: 'svg' | 'png') {
  const svg = drawn.value?.querySelector<SVGSVGElement>('svg.court')
  if (svg) {
    void savePicture(svg, kind, target.value.name)
  }
}
</script>

<template>
  <div class="editor">
    <h1 class="visually-hidden">{{ t('editor.court', { name: target.name }) }}</h1>
    <ToolPalette
      class="tools"
      :tools="tools"
      :tool="tool"
      :trying="trying"
      @choose="drawing.setTool"
      @try="toggleTry"
    />
    <section ref="drawn" class="drawn">
      <EditorCourt
        :surface="surface"
        :beyond="beyond"
        :stage="stage"
        :chosen="trying || drawing.inUse.value ? undefined : drawing.number.value"
        :handles="drawing.handles.value"
        :corners="drawing.corners.value"
        :stance="target.zones.some((zone) => zone.asks.kind === 'BY_STANCE') ? target.stance : undefined"
        :tried="trying ? drawing.triedHere.value : []"
        :label="t('editor.court', { name: target.name })"
        @down="touch"
        @drag="drawing.drag"
        @up="drawing.up"
      />
    </section>
    <p class="word" :class="{ wrong: problemWords }" role="status" data-test="word">
      {{ problemWords || word || (trying && tried) || help }}
    </p>
    <aside class="margin">
      <v-text-field
        :model-value="target.name"
        :label="t('editor.targetName')"
        maxlength="60"
        hide-details
        @change="draft.take({ ...target, name: ($event.target as HTMLInputElement).value || target.name })"
      />
      <div class="row">
        <v-btn :icon="mdiUndoVariant" :disabled="!draft.canUndo.value" :aria-label="t('courtside.undo')" @click="draft.undo" />
        <v-btn :icon="mdiRedoVariant" :disabled="!draft.canRedo.value" :aria-label="t('courtside.redo')" @click="draft.redo" />
        <v-btn
          class="save"
          color="primary"
          variant="flat"
          :loading="saving"
          :disabled="!!problem || (isKept && !draft.changed.value)"
          @click="save"
        >
          {{ t('editor.keep') }}
        </v-btn>
      </div>
      <v-btn v-if="draft.changed.value" variant="text" @click="discard">{{ t('editor.discard') }}</v-btn>
      <v-btn-toggle v-model="panel" mandatory class="panels">
        <v-btn v-for="one in (['zone', 'set', 'aim'] as const)" :key="one" :value="one">{{ t(`editor.panel.${one}`) }}</v-btn>
      </v-btn-toggle>
      <ZonePanel
        v-if="panel === 'zone'"
        :target="target"
        :court="court"
        :drawing="drawing"
        :measures="measures"
        @take="draft.take"
        @change="change"
      />
      <template v-else-if="panel === 'set'">
        <SetPanel
          :target="target"
          :court="court"
          :drawing="drawing"
          :measures="measures"
          @take="draft.take"
          @plane="setPlane"
        />
        <v-switch v-model="snapping" :label="t('editor.snap')" />
        <v-switch v-model="settings.wholeCourt" :label="t('court.whole')" />
        <v-btn @click="laying = true">{{ t('laying.open') }}</v-btn>
        <v-btn @click="change(0, 'OTHER_END')">{{ t('editor.otherEnd') }}</v-btn>
        <v-btn :disabled="!isKept" @click="using = true">{{ t('editor.use') }}</v-btn>
        <div class="row">
          <v-btn :disabled="!isKept" :href="`/api/exchange/targets/${target.id}`" download>GeoJSON</v-btn>
          <v-btn @click="picture('svg')">SVG</v-btn>
          <v-btn @click="picture('png')">PNG</v-btn>
        </div>
      </template>
      <AimPanel
        v-else
        :target="target"
        :number="drawing.number.value"
        :club="club"
        :fits="!problem"
        @scale="change(drawing.number.value ?? plain('HIT').zone, $event)"
      />
    </aside>
    <LayingCard v-model="laying" :lying="draft.lying.value" hand="RIGHT" :measures="measures" />
    <UseInDrill
      v-model="using"
      :club="club"
      :target="target.id"
      :court="court.id"
      :rings="target.zones[0]?.asks.rings?.length ?? 0"
      @used="word = t('editor.used')"
    />
  </div>
</template>

<style scoped src="./editor.css"></style>
