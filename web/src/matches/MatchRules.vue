<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Agreed, MatchView } from '@/shared/api'
import FormatFields from './FormatFields.vue'
import RulesInWords from './RulesInWords.vue'
import RuleFields from './RuleFields.vue'

/** What is agreed, on a card; it can be changed from the next rally on, or from the start. */
const props = defineProps<{ match: MatchView, problem: string }>()
const emit = defineEmits<{ agree: [agreed: Agreed, from: 'NEXT_RALLY' | 'START'] }>()
const open = defineModel<boolean>({ required: true })
const { t } = useI18n()
const draft = ref<Agreed>(copy())
watch(open, (now) => {
  if (now) {
    draft.value = copy()
  }
})
function copy(): Agreed {
  return JSON.parse(JSON.stringify(props.match.agreed)) as Agreed
}
const changed = computed(() => JSON.stringify(draft.value) !== JSON.stringify(props.match.agreed))
</script>

<template>
  <v-dialog v-model="open" max-width="860" scrollable :aria-label="t('match.rules')">
    <v-card class="dialog-card">
      <h2>{{ t('match.rules') }}</h2>
      <div class="fields">
        <RulesInWords :agreed="draft" />
        <FormatFields v-model="draft.format" v-model:minutes="draft.minutes" />
        <RuleFields v-model="draft.rules" :strokes="match.strokes" />
      </div>
      <p v-if="problem" role="alert">{{ problem }}</p>
      <div class="choices">
        <v-btn
          color="primary"
          variant="flat"
          :disabled="!changed || match.ended"
          data-test="from-next"
          @click="emit('agree', draft, 'NEXT_RALLY')"
        >
          {{ t('match.fromNext') }}
        </v-btn>
        <v-btn :disabled="!changed" data-test="from-start" @click="emit('agree', draft, 'START')">{{ t('match.fromStart') }}</v-btn>
        <v-btn variant="text" :to="`/matches/${match.run}/card`">{{ t('match.card') }}</v-btn>
        <v-btn variant="text" @click="open = false">{{ t('match.leaveIt') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 16px;
  margin-top: 4px;
  padding-top: 8px;
  overflow-y: auto;
}

.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 16px;
}
</style>
