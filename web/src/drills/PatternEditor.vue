<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiContentDuplicate, mdiDelete, mdiRedoVariant, mdiSetSplit, mdiUndoVariant } from '@mdi/js'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { isNear, zoneAt } from '@/court/legs'
import PatternCourt from '@/court/PatternCourt.vue'
import type { Place } from '@/court/turn'
import type { Actor, DraftLevel, Pattern, PatternStep, Stage, Surface } from '@/shared/api'
import { usePatterns } from '@/shared/patterns'
import { added, changed, doubled, moved, nextActor, removed, split, withWay } from './patternSteps'
import PatternRun from './PatternRun.vue'
import StepFields from './StepFields.vue'

/** A pattern built by touching the court: places in order, with the role and the stroke chosen beside it. */
const props = defineProps<{
  level: DraftLevel
  surface: Surface
  beyond: Surface | undefined
  stage: Pick<Stage, 'inUse' | 'zones'>
  strokes: string[]
}>()
const emit = defineEmits<{ pattern: [pattern: Pattern | undefined] }>()
const { t } = useI18n()
const { stepWords, who } = usePatterns()
const ACTORS: Actor[] = ['A', 'B', 'C', 'D', 'FEEDER']
const NONE: Pattern = { steps: [] }

const pattern = computed(() => props.level.dials.pattern)
const steps = computed(() => pattern.value?.steps ?? [])
const chosen = ref<number>()
const actor = ref<Actor>()
const stroke = ref('')
/** The next touch is a further way of the last step. */
const or = ref(false)
const by = computed(() => actor.value ?? nextActor(steps.value.at(-1)?.by))
const past = ref<(Pattern | undefined)[]>([])
const coming = ref<(Pattern | undefined)[]>([])

function put(next: Pattern | undefined) {
  past.value.push(pattern.value)
  coming.value = []
  emit('pattern', next)
}

function back(from: typeof past, to: typeof past) {
  if (from.value.length > 0) {
    to.value.push(pattern.value)
    chosen.value = undefined
    emit('pattern', from.value.pop())
  }
}

const undo = () => back(past, coming)
const redo = () => back(coming, past)

function touch(place: Place) {
  const whole = pattern.value ?? NONE
  const hitter = or.value ? steps.value.at(-1)?.by ?? by.value : by.value
  const zone = zoneAt(place, isNear(hitter, whole), props.stage.zones, props.surface)
  take(zone, hitter)
}

function take(zone: number, hitter: Actor = by.value) {
  const way = { stroke: stroke.value.trim(), zone }
  put(or.value && pattern.value
    ? withWay(pattern.value, steps.value.length - 1, way)
    : added(pattern.value, { by: hitter, ways: [way] }))
  or.value = false
  actor.value = undefined
  stroke.value = ''
}

const set = (given: Partial<PatternStep>) => pattern.value && chosen.value !== undefined && put(changed(pattern.value, chosen.value, given))

function act(how: (pattern: Pattern, at: number) => Pattern | undefined, at: number, next: number | undefined) {
  if (pattern.value) {
    put(how(pattern.value, at))
    chosen.value = next
  }
}
</script>

<template>
  <div class="builder">
    <section class="court-side">
      <div class="picture">
        <PatternCourt
          :surface="surface"
          :beyond="beyond"
          :stage="stage"
          :pattern="pattern ?? NONE"
          :at="chosen"
          live
          @touch="touch"
        />
      </div>
    </section>
    <section class="tools">
      <p class="soft">{{ t('pattern.howTo') }}</p>
      <div class="chips" role="group" :aria-label="t('pattern.who')">
        <v-btn
          v-for="one in ACTORS"
          :key="one"
          :variant="one === by ? 'flat' : 'outlined'"
          :aria-pressed="one === by"
          @click="actor = one"
        >
          {{ who(one) }}
        </v-btn>
      </div>
      <v-combobox
        v-model="stroke"
        :label="t('pattern.strokeOf')"
        :items="strokes"
        hide-details
        clearable
        @update:model-value="stroke = ($event ?? '').toLocaleLowerCase()"
      />
      <div class="chips">
        <v-btn :disabled="!steps.length" :aria-pressed="or" :variant="or ? 'flat' : 'outlined'" @click="or = !or">{{ t('pattern.or') }}</v-btn>
        <v-btn
          v-for="zone in stage.zones"
          :key="zone.number"
          variant="text"
          @click="take(zone.number)"
        >
          {{ t('pattern.to', { place: zone.name }) }}
        </v-btn>
        <v-btn variant="text" @click="take(0)">{{ t('pattern.anywhere') }}</v-btn>
      </div>
      <div class="chips">
        <v-btn :prepend-icon="mdiUndoVariant" :disabled="!past.length" @click="undo">{{ t('courtside.undo') }}</v-btn>
        <v-btn :prepend-icon="mdiRedoVariant" :disabled="!coming.length" @click="redo">{{ t('courtside.redo') }}</v-btn>
      </div>
      <ol class="steps" :aria-label="t('pattern.steps')">
        <li v-for="(step, place) in steps" :key="place">
          <button type="button" :aria-pressed="place === chosen" @click="chosen = place === chosen ? undefined : place">
            {{ stepWords(step, level.target) }}
          </button>
        </li>
      </ol>
      <template v-if="chosen !== undefined && steps[chosen]">
        <div class="chips">
          <v-btn
            :icon="mdiArrowUp"
            :aria-label="t('pattern.earlier')"
            :disabled="chosen === 0"
            @click="act((one, at) => moved(one, at, -1), chosen, chosen - 1)"
          />
          <v-btn
            :icon="mdiArrowDown"
            :aria-label="t('pattern.later')"
            :disabled="chosen === steps.length - 1"
            @click="act((one, at) => moved(one, at, 1), chosen, chosen + 1)"
          />
          <v-btn :icon="mdiContentDuplicate" :aria-label="t('pattern.double')" @click="act(doubled, chosen, chosen)" />
          <v-btn
            :icon="mdiSetSplit"
            :aria-label="t('pattern.split')"
            :disabled="steps[chosen]!.ways.length < 2"
            @click="act(split, chosen, chosen)"
          />
          <v-btn :icon="mdiDelete" :aria-label="t('pattern.takeOut')" @click="act(removed, chosen, undefined)" />
        </div>
        <StepFields :step="steps[chosen]!" :zones="level.target.zones" :strokes="strokes" @set="set" />
      </template>
      <PatternRun v-if="pattern" :pattern="pattern" @set="(given) => pattern && put({ ...pattern, ...given })" />
    </section>
  </div>
</template>

<style scoped>
.builder {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(320px, 480px);
  gap: 24px;
  grid-column: 1 / -1;
}

.picture {
  height: min(78dvh, 640px);
}

.tools {
  display: grid;
  gap: 12px;
  align-content: start;
}

.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.chips :deep(.v-btn) {
  min-width: 48px;
  min-height: 48px;
}

.chips :deep(.v-btn[aria-pressed='true']) {
  background: var(--ink);
  color: var(--paper);
}

.steps {
  padding-left: 32px;
  max-height: 260px;
  overflow-y: auto;
}

.steps button {
  width: 100%;
  min-height: 48px;
  text-align: left;
  border: 0;
  border-bottom: 1px solid var(--rule);
  background: none;
  color: var(--ink);
}

.steps button[aria-pressed='true'] {
  background: var(--floor);
  font-weight: 650;
}

@media (max-width: 1000px) {
  .builder {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
