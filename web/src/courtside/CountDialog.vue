<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { SetCount } from '@/shared/api'
import { vCursor } from '@/shared/cursor'

/** "The count is now n": brings the count back in step; where sides disagree, each one's claim is kept with the one accepted. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ now: SetCount, names: string[], parts: string[] }>()
const emit = defineEmits<{ set: [given: { part: number, count: number, balls?: number, claims?: number[] }] }>()
const { t } = useI18n()
const part = ref(0)
const count = ref<number>()
const balls = ref<number>()
const disputed = ref(false)
const claims = ref<(number | undefined)[]>([])
const whole = (value: number | undefined): value is number => value !== undefined && Number.isInteger(value) && value >= 0 && value <= 10_000
const fits = computed(() => whole(count.value) && (balls.value === undefined || whole(balls.value))
  && (!disputed.value || props.names.every((_, side) => whole(claims.value[side]))))

watch(open, (now) => {
  if (now) {
    part.value = 0
    count.value = undefined
    balls.value = props.now.left === undefined ? undefined : props.now.balls
    disputed.value = false
    claims.value = []
  }
})

function accept() {
  if (fits.value && count.value !== undefined) {
    emit('set', {
      part: part.value, count: count.value, ...whole(balls.value) && { balls: balls.value },
      ...disputed.value && { claims: claims.value.filter(whole) },
    })
    open.value = false
  }
}
</script>

<template>
  <v-dialog v-model="open" max-width="440" :aria-label="t('countIs.title')">
    <v-card class="dialog-card">
      <form @submit.prevent="accept">
        <h2>{{ t('countIs.title') }}</h2>
        <v-select v-if="parts.length > 1" v-model="part" :label="t('countIs.part')" :items="parts.map((title, value) => ({ title, value }))" />
        <v-text-field
          v-model.number="count"
          v-cursor
          type="number"
          inputmode="numeric"
          min="0"
          :label="t('countIs.count')"
        />
        <v-text-field
          v-if="props.now.left !== undefined"
          v-model.number="balls"
          type="number"
          inputmode="numeric"
          min="0"
          :label="t('countIs.balls')"
        />
        <template v-if="names.length > 1">
          <v-switch v-model="disputed" :label="t('countIs.disputed')" />
          <template v-if="disputed">
            <v-text-field
              v-for="(name, side) in names"
              :key="side"
              v-model.number="claims[side]"
              type="number"
              inputmode="numeric"
              min="0"
              :label="t('countIs.claim', { name })"
            />
          </template>
        </template>
        <p class="soft">{{ t('countIs.note') }}</p>
        <v-btn
          type="submit"
          block
          color="primary"
          variant="flat"
          :disabled="!fits"
        >
          {{ t('countIs.accept') }}
        </v-btn>
        <v-btn block variant="text" @click="open = false">{{ t('players.cancel') }}</v-btn>
      </form>
    </v-card>
  </v-dialog>
</template>
