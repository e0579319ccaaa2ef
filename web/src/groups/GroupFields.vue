<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { newestOf } from '@/drills/newest'
import type { GroupForm, ListedDrill, Player } from '@/shared/api'
import BigChoice from '@/shared/BigChoice.vue'
import OneOf from '@/shared/OneOf.vue'
import PlayerButtons from '@/shared/PlayerButtons.vue'
import { chosenAtFirst } from './ownGroups'

/** What a group does together: who, on how many courts, and when everybody changes. */
const props = defineProps<{ players: Player[], here: string[], drills: ListedDrill[] }>()
const emit = defineEmits<{ begin: [form: GroupForm, players: string[], drill: string] }>()
const { t } = useI18n()
const FORMS = ['ROTATION', 'PAIRINGS', 'TEAMS'] as const
const kind = ref<GroupForm['kind']>('ROTATION')
const chosen = ref(chosenAtFirst(props.here))
const courts = ref(1)
const hitters = ref(1)
const feeders = ref(1)
const opponents = ref(0)
const by = ref<'BALLS' | 'POINTS' | 'MINUTES'>('MINUTES')
const every = ref(5)
const ahead = ref(20)
const size = ref<'SINGLES' | 'DOUBLES'>('DOUBLES')
const teams = ref(2)
const finish = ref(11)
const rounds = ref(3)
const drill = ref('')

watch(by, (now) => {
  every.value = now === 'MINUTES' ? 5 : 10
  ahead.value = now === 'MINUTES' ? 20 : 2
})

const toggle = (id: string) => {
  chosen.value = chosen.value.includes(id) ? chosen.value.filter((one) => one !== id) : [...chosen.value, id]
}
const change = computed(() => ({ by: by.value, every: every.value, ahead: ahead.value }))
const form = computed<GroupForm>(() => kind.value === 'ROTATION'
  ? { kind: 'ROTATION', courts: courts.value, hitters: hitters.value, feeders: feeders.value, opponents: opponents.value, change: change.value }
  : kind.value === 'PAIRINGS'
    ? { kind: 'PAIRINGS', courts: courts.value, doubles: size.value === 'DOUBLES', change: change.value }
    : { kind: 'TEAMS', teams: teams.value, finish: finish.value, rounds: rounds.value })
const drills = computed(() => [{ value: '', title: t('group.noDrill') },
  ...newestOf(props.drills).map((one) => ({ value: one.id, title: one.name }))])
</script>

<template>
  <section class="fields">
    <BigChoice
      v-model="kind"
      :label="t('group.what')"
      words="group.form"
      about="group.formWords"
      :values="FORMS"
    />
    <PlayerButtons
      :label="t('group.who')"
      :heading="t('group.chosen', { count: chosen.length }, chosen.length)"
      :players="players"
      :chosen="chosen"
      @toggle="toggle"
    />
    <div class="numbers">
      <template v-if="kind !== 'TEAMS'">
        <v-text-field
          v-model.number="courts"
          type="number"
          min="1"
          max="12"
          :label="t('group.courts')"
          hide-details
        />
        <template v-if="kind === 'ROTATION'">
          <v-text-field
            v-model.number="hitters"
            type="number"
            min="1"
            max="4"
            :label="t('group.hitters')"
            hide-details
          />
          <v-text-field
            v-model.number="feeders"
            type="number"
            min="0"
            max="2"
            :label="t('group.feeders')"
            hide-details
          />
          <v-text-field
            v-model.number="opponents"
            type="number"
            min="0"
            max="4"
            :label="t('group.opponents')"
            hide-details
          />
        </template>
        <OneOf
          v-else
          v-model="size"
          :label="t('group.play')"
          words="group.size"
          :values="['SINGLES', 'DOUBLES']"
        />
        <OneOf v-model="by" :label="t('group.changeBy')" words="group.by" :values="['BALLS', 'POINTS', 'MINUTES']" />
        <v-text-field
          v-model.number="every"
          type="number"
          min="1"
          :label="t(`group.every.${by}`)"
          hide-details
        />
        <v-text-field
          v-model.number="ahead"
          type="number"
          min="0"
          :label="t(`group.ahead.${by}`)"
          hide-details
        />
      </template>
      <template v-else>
        <v-text-field
          v-model.number="teams"
          type="number"
          min="2"
          max="4"
          :label="t('group.teams')"
          hide-details
        />
        <v-text-field
          v-model.number="finish"
          type="number"
          min="1"
          max="200"
          :label="t('group.finish')"
          hide-details
        />
        <v-text-field
          v-model.number="rounds"
          type="number"
          min="1"
          max="20"
          :label="t('group.rounds')"
          hide-details
        />
      </template>
      <v-autocomplete
        v-model="drill"
        :label="t('group.drill')"
        :items="drills"
        auto-select-first
        hide-details
      />
    </div>
    <v-btn
      class="start"
      color="primary"
      variant="flat"
      size="x-large"
      @click="emit('begin', form, chosen, drill)"
    >
      {{ t('group.start') }}
    </v-btn>
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 24px;
}

.numbers {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 220px), 1fr));
  gap: 12px;
}

.start {
  justify-self: start;
}
</style>
