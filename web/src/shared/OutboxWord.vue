<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { withFate, type Kept } from '@/charting/deviceLog'
import { useOutbox } from '@/charting/outbox'

/** A quiet word about what this device still keeps for the server; never in the way of a shot. */
defineProps<{ besideCourt?: boolean }>()
const { t } = useI18n()
const outbox = useOutbox()
const asideOpen = ref(false)
const asideEvents = ref<Kept[]>([])
const canWorkOffline = 'serviceWorker' in navigator

const word = computed(() => {
  if (outbox.unkept.length > 0) {
    return t('state.notKept', { count: outbox.unkept.length }, outbox.unkept.length)
  }
  if (outbox.serverSays) {
    return outbox.serverSays
  }
  if (outbox.waiting > 0 && !outbox.reachable) {
    return t('state.waiting', { count: outbox.waiting })
  }
  return outbox.reachable ? '' : t('state.offline')
})

async function openAside() {
  asideEvents.value = await withFate('aside')
  asideOpen.value = true
}

async function sendAgain() {
  await outbox.sendAsideAgain()
  asideOpen.value = false
}

function save() {
  const file = new Blob([JSON.stringify(asideEvents.value.map((kept) => kept.event), null, 2)], { type: 'application/json' })
  const link = document.createElement('a')
  link.href = URL.createObjectURL(file)
  link.download = 'set-aside.json'
  link.click()
  URL.revokeObjectURL(link.href)
}
</script>

<template>
  <div class="words" :class="{ 'beside-court': besideCourt }" role="status" :data-waiting="outbox.waiting">
    <span v-if="word" class="word" data-test="outbox">{{ word }}</span>
    <span v-if="!canWorkOffline" class="word">{{ t('state.noOffline') }}</span>
    <button
      v-if="outbox.aside"
      type="button"
      class="word aside"
      data-test="aside"
      @click="openAside"
    >
      {{ t('state.aside', { count: outbox.aside }) }}
    </button>
  </div>
  <v-dialog v-model="asideOpen" max-width="640" :aria-label="t('state.asideTitle')">
    <v-card class="dialog-card">
      <h2>{{ t('state.asideTitle') }}</h2>
      <p class="soft">{{ t('state.asideBody') }}</p>
      <ul class="problems">
        <li v-for="kept in asideEvents.filter((one) => one.problem)" :key="kept.seq">{{ kept.problem?.detail }}</li>
      </ul>
      <div class="actions">
        <v-btn color="primary" variant="flat" @click="sendAgain">{{ t('state.asideAgain') }}</v-btn>
        <v-btn @click="save">{{ t('state.asideSave') }}</v-btn>
        <v-btn variant="text" @click="asideOpen = false">{{ t('settings.close') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.words {
  position: absolute;
  z-index: 2;
  top: 8px;
  left: 50%;
  transform: translateX(-50%);
  display: flex;
  gap: 8px;
  pointer-events: none;
}

/* Clear of the corner and of the keys; on a phone in a line of its own, which is there before it is filled. */
.beside-court {
  left: calc((100% - 448px + 72px) / 2);
  max-width: calc(100% - 448px - 72px);
}

@media (max-width: 800px) {
  .beside-court {
    position: static;
    transform: none;
    max-width: none;
    height: 32px;
    padding: 2px 16px;
  }

  .beside-court .word {
    padding: 2px 8px;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
}

.word {
  font-size: 14px;
  padding: 4px 12px;
  background: var(--paper);
  border: 1px solid var(--rule);
  border-radius: 6px;
  color: var(--ink);
}

.aside {
  pointer-events: auto;
  min-height: 48px;
}

.problems {
  margin: 16px 24px;
}

.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
