<script setup lang="ts">
import { mdiBackspaceOutline } from '@mdi/js'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'

/** A set that was played already: as a row of hits and misses, or where hits alone decide it as so many of so many. */
const props = defineProps<{ most: number | undefined, hitsAlone: boolean, full: boolean }>()
const emit = defineEmits<{ row: [row: string], count: [hits: number, balls: number] }>()
const { t } = useI18n()
const row = ref('')
const dots = useTemplateRef('dots')
const hits = ref<number>()
const balls = ref<number | undefined>(props.most)
const LONGEST = 200
const fits = computed(() => hits.value !== undefined && balls.value !== undefined && Number.isInteger(hits.value) && Number.isInteger(balls.value)
  && hits.value >= 0 && balls.value >= 1 && hits.value <= balls.value && balls.value <= (props.most ?? 1000))
const roomLeft = computed(() => row.value.length < Math.min(LONGEST, props.most ?? LONGEST))

async function add(one: '1' | '0') {
  if (roomLeft.value) {
    row.value += one
    await nextTick()
    dots.value?.scrollTo({ top: dots.value.scrollHeight })
  }
}

function enterRow() {
  emit('row', row.value)
  row.value = ''
}
</script>

<template>
  <section class="after" :aria-label="t('ways.AFTER')">
    <h2>{{ t('after.title') }}</h2>
    <p ref="dots" class="row" data-test="row" :aria-label="t('after.row', { row })">
      <span v-for="(one, place) in row" :key="place" :class="one === '1' ? 'hit' : 'not'" />
      <span v-if="!row" class="soft">{{ t('after.empty') }}</span>
    </p>
    <div class="buttons">
      <v-btn size="x-large" :disabled="full || !roomLeft" @click="add('1')">{{ t('outcome.HIT') }}</v-btn>
      <v-btn size="x-large" :disabled="full || !roomLeft" @click="add('0')">{{ t('outcome.NOT_HIT') }}</v-btn>
      <v-btn :icon="mdiBackspaceOutline" :aria-label="t('after.back')" :disabled="!row" @click="row = row.slice(0, -1)" />
      <v-btn
        size="x-large"
        color="primary"
        variant="flat"
        :disabled="!row || full"
        @click="enterRow"
      >
        {{ t('after.enterRow', { count: row.length }, row.length) }}
      </v-btn>
    </div>
    <template v-if="hitsAlone">
      <h2>{{ t('after.only') }}</h2>
      <form @submit.prevent="fits && emit('count', hits ?? 0, balls ?? 0)">
        <v-text-field
          v-model.number="hits"
          type="number"
          inputmode="numeric"
          min="0"
          :label="t('after.hits')"
          hide-details
        />
        <v-text-field
          v-model.number="balls"
          type="number"
          inputmode="numeric"
          min="1"
          :label="t('after.balls')"
          hide-details
        />
        <v-btn type="submit" size="x-large" :disabled="!fits || full">{{ t('after.enterCount') }}</v-btn>
      </form>
      <p class="soft small">{{ t('after.onlyNote') }}</p>
    </template>
    <p v-else class="soft small">{{ t('after.orderMatters') }}</p>
  </section>
</template>

<style scoped>
.after {
  display: grid;
  align-content: center;
  gap: 16px;
  height: 100%;
  max-width: 640px;
  margin: 0 auto;
  padding: 16px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  align-content: flex-start;
  gap: 6px;
  /* The keys stay where the finger is, however long the row becomes. */
  height: 78px;
  overflow-y: auto;
}

.row .hit,
.row .not {
  width: 22px;
  height: 22px;
  border: 2px solid var(--ink);
  border-radius: 50%;
}

.row .hit {
  background: var(--ink);
}

.buttons,
form {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}

.buttons :deep(.v-btn) {
  min-height: 64px;
  min-width: 88px;
}

form :deep(.v-text-field) {
  min-width: 110px;
}

.small {
  font-size: 14px;
}

@media (max-width: 800px) {
  .after {
    height: auto;
  }
}
</style>
