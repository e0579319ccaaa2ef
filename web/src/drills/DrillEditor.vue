<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import type { LoadedDrafting } from '@/charting/drafting'
import { AS_DRAWN, type LoadedRules } from '@/charting/rules'
import { halfBeyond, surfaceOf } from '@/court/shape'
import StagePicture from '@/court/StagePicture.vue'
import { api, type Club, type DraftDrill, type DraftLevel, type Drill, type OwnCourt, type Pattern, type TargetSet } from '@/shared/api'
import { strokesAt } from '@/shared/patterns'
import { useSteps } from '@/shared/steps'
import DesignFields from './DesignFields.vue'
import DrillWords from './DrillWords.vue'
import GrowLevels from './GrowLevels.vue'
import LevelFields from './LevelFields.vue'
import { freeFamily } from './newest'
import PatternEditor from './PatternEditor.vue'
import { useDrillDraft, useProblemWords } from './useDrillDraft'

/** A drill while it is made: in fields or in words, both of one draft. */
const props = defineProps<{
  draftKey: string
  club: Club
  drills: Drill[]
  rules: LoadedRules
  drafting: LoadedDrafting
  targets: TargetSet[]
  courts: OwnCourt[]
  start: DraftDrill
  /** The family that is changed; a copy or a new drill has none yet. */
  stored: string | undefined
}>()
const { t } = useI18n()
const problemWords = useProblemWords()
const router = useRouter()
const { step } = useSteps()
const draft = useDrillDraft(props.drafting, props.courts, props.draftKey, props.start, props.stored ? props.start.version : 0)
const { drill, problem, easier, changed } = draft
const view = ref<'fields' | 'pattern' | 'words'>('fields')
const number = ref(1)
const saving = ref(false)
const word = ref('')
/** Sent again after a lost answer, a new drill is still the same one. */
let family = props.stored ?? ''
const level = computed(() => drill.value.levels[number.value - 1] ?? drill.value.levels[0])
/** The levels with how their targets lie; one that cannot be laid yet lies as if there were nothing. */
const rungs = computed(() => drill.value.levels.map((one) => {
  const seen = props.rules.lying(one.target, one.ring, AS_DRAWN)
  return { ...one, forRight: 'lying' in seen ? seen.lying : { stages: [] } }
}))
const stage = computed(() => (rungs.value[number.value - 1] ?? rungs.value[0])?.forRight.stages.at(-1))
const court = computed(() => props.club.courts.find((one) => one.id === drill.value.court))
const surface = computed(() => court.value && stage.value && surfaceOf(court.value, stage.value.plane))
const beyond = computed(() => court.value && stage.value && halfBeyond(court.value, stage.value.plane))
const others = computed(() => props.drills.filter((one) => one.family !== props.stored))
const set = (given: Partial<DraftDrill>) => draft.take({ ...drill.value, ...given })
const setLevel = (given: Partial<DraftLevel>) => draft.setLevel(number.value, given)

/** What a drill with a pattern counts are its passes. */
function setPattern(pattern: Pattern | undefined) {
  const { design } = drill.value
  const levels = drill.value.levels.map((one) => one.number === number.value
    ? { ...one, dials: { ...one.dials, pattern } as DraftLevel['dials'] }
    : one)
  const unit = { kind: 'PASS', balls: 1, firstMiss: 'USES_UP_A_TRY' } as const
  set({ levels, ...pattern && design.unit.kind === 'BALL' && { freedom: 'FIXED' as const, design: { ...design, unit } } })
}

function addLevel() {
  const last = drill.value.levels.at(-1)
  if (last) {
    draft.setLevels([...drill.value.levels, last])
    number.value = drill.value.levels.length
  }
}

function removeLevel() {
  draft.setLevels(drill.value.levels.filter((one) => one.number !== number.value))
  number.value = Math.max(1, number.value - 1)
}

async function save() {
  saving.value = true
  word.value = ''
  family ||= freeFamily(drill.value.name, props.drills)
  const { data, error } = await api.PUT('/api/drills/{family}', {
    params: { path: { family }, query: { basedOn: draft.basedOn } }, body: drill.value,
  }).catch(() => ({ data: undefined, error: undefined }))
  saving.value = false
  if (!data) {
    word.value = (error as { detail?: string } | undefined)?.detail ?? t('editor.notKept')
    return
  }
  draft.forget()
  await router.push(`/drills/${family}`)
}
</script>

<template>
  <div class="drill-editor">
    <header>
      <h1>{{ drill.name }}</h1>
      <v-btn-toggle v-model="view" mandatory variant="outlined" :aria-label="t('drillEdit.view')">
        <v-btn value="fields">{{ t('drillEdit.fields') }}</v-btn>
        <v-btn v-if="stage" value="pattern">{{ t('pattern.title') }}</v-btn>
        <v-btn value="words">{{ t('drillEdit.words') }}</v-btn>
      </v-btn-toggle>
      <span v-if="changed" class="soft small">{{ t('drillEdit.draftKept') }}</span>
      <div class="ends">
        <v-btn v-if="changed" @click="draft.discard">{{ t('editor.discard') }}</v-btn>
        <v-btn
          color="primary"
          variant="flat"
          :disabled="!!problem"
          :loading="saving"
          @click="save"
        >
          {{ t('drillEdit.store') }}
        </v-btn>
      </div>
    </header>
    <p v-if="word" role="alert" class="problem">{{ word }}</p>
    <p v-else-if="problem && view === 'fields'" role="alert" class="problem" data-test="drill-problem">{{ problemWords(problem) }}</p>
    <p
      v-for="one in easier"
      :key="one"
      role="status"
      class="warning"
      data-test="easier"
    >
      {{ t('drillEdit.easier', { level: one, before: one - 1 }) }}
    </p>
    <div class="columns">
      <PatternEditor
        v-if="view === 'pattern' && level && surface && stage"
        :key="number"
        :level="level"
        :surface="surface"
        :beyond="beyond"
        :stage="stage"
        :strokes="court ? strokesAt(court, drills) : []"
        @pattern="setPattern"
      />
      <DesignFields
        v-if="view === 'fields'"
        class="part"
        :drill="drill"
        :others="others"
        @set="set"
      />
      <DrillWords v-else-if="view === 'words'" class="part wide" :draft="draft" />
      <section v-if="view !== 'pattern'" class="rungs">
        <div class="picture"><StagePicture v-if="surface && stage" :surface="surface" :stage="stage" /></div>
        <h2>{{ t('drills.rungs') }}</h2>
        <ol>
          <li v-for="(one, place) in rungs" :key="one.number">
            <button type="button" :aria-pressed="one.number === number" @click="number = one.number">
              <strong>{{ one.number }}</strong> <span>{{ step(one, rungs[place - 1]) }}</span>
            </button>
          </li>
        </ol>
        <template v-if="view === 'fields'">
          <div class="row">
            <v-btn @click="addLevel">{{ t('drillEdit.addLevel') }}</v-btn>
            <v-btn v-if="drill.levels.length > 1" @click="removeLevel">{{ t('drillEdit.removeLevel', { level: number }) }}</v-btn>
          </div>
          <GrowLevels :grow="draft.grow" />
        </template>
      </section>
      <LevelFields
        v-if="view === 'fields' && level"
        :key="number"
        class="part"
        :level="level"
        :targets="targets"
        @set="setLevel"
      />
    </div>
  </div>
</template>

<style scoped>
.drill-editor {
  padding: 16px 28px;
}

header,
.ends {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
}

.ends {
  margin-left: auto;
}

.problem,
.warning {
  margin-top: 8px;
  padding-left: 12px;
  border-left: 4px solid var(--plum);
}

.warning {
  border-left-color: var(--ink-soft);
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 0.9fr) minmax(0, 1fr);
  gap: 28px;
  margin-top: 16px;
}

.wide {
  grid-column: span 2;
}

.columns :deep(.fields),
.columns :deep(details[open]) {
  display: grid;
  gap: 12px;
  align-content: start;
}

.columns :deep(.row) {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(92px, 1fr));
  gap: 8px;
}

.columns :deep(summary) {
  min-height: 48px;
  padding: 12px 0;
  cursor: pointer;
}

.columns :deep(.small) {
  font-size: 14px;
}

.picture {
  height: 230px;
}

.rungs {
  display: grid;
  align-content: start;
  gap: 8px;
}

ol {
  list-style: none;
  padding: 0;
  max-height: 300px;
  overflow-y: auto;
}

ol button {
  width: 100%;
  min-height: 48px;
  text-align: left;
  border: 0;
  border-left: 4px solid transparent;
  border-bottom: 1px solid var(--rule);
  padding: 4px 8px;
  background: none;
  color: var(--ink);
}

ol button[aria-pressed='true'] {
  border-left-color: var(--ink);
  background: var(--floor);
}

@media (max-width: 1000px) {
  .drill-editor {
    padding: 12px 16px;
  }

  .columns {
    grid-template-columns: minmax(0, 1fr);
  }

  .wide {
    grid-column: auto;
  }
}
</style>
