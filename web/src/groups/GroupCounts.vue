<script setup lang="ts">
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'

/** A count that the teams do not agree on: what each says that it is, and what it is from here on. */
const props = defineProps<{ points: number[] }>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ settle: [team: number, count: number, claims: number[]] }>()
const { t } = useI18n()
const team = ref(0)
const claims = ref<number[]>([])
const count = ref(0)

watch([open, team], () => {
  count.value = props.points[team.value] ?? 0
  claims.value = props.points.map(() => count.value)
})

const fits = (value: number) => Number.isInteger(value) && value >= 0 && value <= 1000

function settle() {
  emit('settle', team.value, count.value, claims.value)
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="480" :aria-label="t('group.settle')">
    <v-card class="dialog-card counts">
      <h2>{{ t('group.settle') }}</h2>
      <v-select
        v-model="team"
        :label="t('group.whose')"
        :items="points.map((_, place) => ({ value: place, title: t('group.team', { number: place + 1 }) }))"
        hide-details
      />
      <v-text-field
        v-for="(_, place) in points"
        :key="place"
        v-model.number="claims[place]"
        type="number"
        inputmode="numeric"
        min="0"
        :label="t('group.says', { number: place + 1 })"
        hide-details
      />
      <v-text-field
        v-model.number="count"
        type="number"
        inputmode="numeric"
        min="0"
        :label="t('group.itIs')"
        hide-details
      />
      <v-btn
        color="primary"
        variant="flat"
        size="large"
        :disabled="!fits(count) || !claims.every(fits)"
        @click="settle"
      >
        {{ t('group.settled') }}
      </v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.counts {
  display: grid;
  gap: 16px;
}
</style>
