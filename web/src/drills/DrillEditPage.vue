<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { askClub, askTargets } from '@/charting/asked'
import { loadDrafting } from '@/charting/drafting'
import { loadRules } from '@/charting/rules'
import type { DraftDrill, TargetSet } from '@/shared/api'
import PageStates from '@/shared/PageStates.vue'
import PlainState from '@/shared/PlainState.vue'
import { useAsked } from '@/shared/useAsked'
import DrillEditor from './DrillEditor.vue'
import { GOAL_FORMS } from './goalKinds'
import { newestOf } from './newest'

/** A drill to change, a copy of one, on this side or mirrored, or a new one on a court. */
const props = defineProps<{ family?: string, court?: string, way?: string }>()
const { t } = useI18n()
const key = props.family ? `${props.family}.${props.way ?? 'edit'}` : `new.${props.court}`

const { answer, failed, load } = useAsked(async () => {
  const [club, shelf, rules, drafting] = await Promise.all([askClub(), askTargets(), loadRules(), loadDrafting()])
  const drills = newestOf(club.data.drills)
  const stored = drills.find((one) => one.family === props.family)
  const court = stored?.court ?? props.court ?? ''
  const targets = shelf.data.map((one) => one.target).filter((one) => one.court === court)
  const courts = club.data.places.flatMap((place) => place.ownCourt ? [place.ownCourt] : [])
  const begun = stored ?? (targets[0] && fresh(court, targets[0]))
  return { club: club.data, drills, rules, drafting, targets, courts, start: begun && started(begun) }

  function started(from: DraftDrill): DraftDrill {
    if (!props.way) {
      return from
    }
    const mirrored = props.way === 'mirror' ? drafting.mirrored(from) : undefined
    const drill = mirrored && 'drill' in mirrored ? mirrored.drill : from
    return { ...drill, name: t(props.way === 'mirror' ? 'drillEdit.mirroredName' : 'drillEdit.copyName', { name: from.name }) }
  }
})

function fresh(court: string, target: TargetSet): DraftDrill {
  return {
    id: 'new-1', family: 'new', version: 1, name: t('drillEdit.newName'), feed: '', freedom: 'FED', court,
    design: {
      purposes: [], situation: '', watchPoint: '', unit: { kind: 'BALL', balls: 1, firstMiss: 'USES_UP_A_TRY' }, order: 'BLOCKED',
      rangeFinding: 'NONE', setting: { feeder: '', partnerMay: '', ball: '', obstruction: '' }, apart: [],
      players: { least: 1, most: 4 }, minutes: 10, requires: [],
    },
    levels: [{
      number: 1, target, ring: 0, goal: GOAL_FORMS.QUOTA.fresh, dials: { feed: '', contacts: 0, hitting: 'STRONGER_HAND' }, tries: 3,
      advance: { rule: 'ball_by_ball', gap: 0.12, up: 2.2, down: 3 }, retreat: { rule: 'stay' }, accepts: ['COACH', 'ASSISTANT', 'WAITING_PLAYER'],
    }],
  }
}
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer" @retry="load">
    <DrillEditor
      v-if="answer?.start"
      :key="key"
      :draft-key="key"
      :club="answer.club"
      :drills="answer.drills"
      :rules="answer.rules"
      :drafting="answer.drafting"
      :targets="answer.targets"
      :courts="answer.courts"
      :start="answer.start"
      :stored="way ? undefined : family"
    />
    <PlainState v-else :title="t('drillEdit.noTarget')" :body="t('drillEdit.noTargetBody')">
      <v-btn :to="`/drills/targets/new/${court}`">{{ t('targets.new') }}</v-btn>
    </PlainState>
  </PageStates>
</template>
