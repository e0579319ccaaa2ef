<script setup lang="ts">
import { mdiArrowDown, mdiArrowLeft, mdiArrowRight, mdiArrowUp } from '@mdi/js'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Stance } from '@/shared/api'
import { toTheCentimetre } from '@/targets/snap'

/** Moves the opponents by half a step; the zones drawn from them follow from the next shot on. */
const props = defineProps<{ stance: Stance }>()
const emit = defineEmits<{ stand: [stance: Stance] }>()
const { t } = useI18n()
const STEP = 0.4
const WAYS = [
  { word: 'LEFT', icon: mdiArrowLeft, x: -STEP, y: 0 },
  { word: 'RIGHT', icon: mdiArrowRight, x: STEP, y: 0 },
  { word: 'DEEP', icon: mdiArrowUp, x: 0, y: STEP },
  { word: 'SHORT', icon: mdiArrowDown, x: 0, y: -STEP },
] as const
const moving = ref(0)

function move(way: { x: number, y: number }) {
  const opponents = props.stance.opponents.map((one, place) => place === moving.value
    ? { x: toTheCentimetre(one.x + way.x), y: toTheCentimetre(one.y + way.y) }
    : one)
  emit('stand', { ...props.stance, opponents })
}
</script>

<template>
  <section class="stance" :aria-label="t('stance.title')">
    <p class="soft">{{ t('stance.title') }}</p>
    <v-btn-toggle v-if="stance.opponents.length > 1" v-model="moving" mandatory>
      <v-btn v-for="(_, place) in stance.opponents" :key="place" :value="place">{{ place + 1 }}</v-btn>
    </v-btn-toggle>
    <div class="ways">
      <v-btn
        v-for="way in WAYS"
        :key="way.word"
        :icon="way.icon"
        :aria-label="t(`stance.${way.word}`)"
        @click="move(way)"
      />
    </div>
  </section>
</template>

<style scoped>
.stance {
  display: grid;
  gap: 8px;
  margin-top: 12px;
}

.ways {
  display: flex;
  gap: 8px;
}

.ways :deep(.v-btn) {
  width: 64px;
  height: 64px;
  border-radius: 6px;
}
</style>
