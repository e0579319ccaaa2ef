<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { v7 as uuid } from 'uuid'
import { useI18n } from 'vue-i18n'
import { askClub, askTargets } from '@/charting/asked'
import { loadDrafting } from '@/charting/drafting'
import { loadRules } from '@/charting/rules'
import type { Court, KeptTarget, TargetSet } from '@/shared/api'
import PageStates from '@/shared/PageStates.vue'
import { useAsked } from '@/shared/useAsked'
import TargetEditor from './TargetEditor.vue'

/** One target of the shelf, or a new one on a court. */
const props = defineProps<{ target: string, court?: string }>()
const { t } = useI18n()
const isNew = props.target === 'new'
/** A new target keeps its name until it is stored, so that its draft is found again. */
const unstored = useStorage<Record<string, string>>('bersaglio.newTargets', {})
const id = isNew ? unstored.value[props.court ?? ''] ?? uuid() : props.target
if (isNew) {
  unstored.value = { ...unstored.value, [props.court ?? '']: id }
}

const { answer, failed, load } = useAsked(async () => {
  const [club, targets, rules, drafting] = await Promise.all([askClub(), askTargets(), loadRules(), loadDrafting()])
  const stored = targets.data.find((one) => one.target.id === id)?.target
  const court = club.data.courts.find((one) => one.id === (stored?.court ?? props.court))
  if (!court || (!stored && !isNew)) {
    throw new Error('no such target')
  }
  const own = club.data.places.find((place) => place.ownCourt?.id === court.id)?.ownCourt
  return { club, rules, drafting, court, stored: stored ?? { ...empty(court), ...own && { ownCourt: own } } }
})

function empty(court: Court): TargetSet {
  return {
    id, version: 1, name: t('editor.unnamed'), court: court.id,
    inUse: { region: court.surfaces[0]?.regions[0]?.id ?? '', tie: 'COURT' }, bounce: 'FIRST', zones: [], precedence: [],
  }
}

function kept({ target }: KeptTarget) {
  if (isNew) {
    unstored.value = Object.fromEntries(Object.entries(unstored.value).filter(([, one]) => one !== id))
    // The page stays as it is, with all its steps; only its address is now that of the target.
    const address = `/drills/targets/${target.id}`
    window.history.replaceState({ ...window.history.state, current: address }, '', address)
  }
}
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer" @retry="load">
    <TargetEditor
      v-if="answer"
      :rules="answer.rules"
      :drafting="answer.drafting"
      :club="answer.club.data"
      :court="answer.court"
      :stored="answer.stored"
      :is-new="isNew"
      @kept="kept"
    />
  </PageStates>
</template>
