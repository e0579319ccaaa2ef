<script setup lang="ts">
import { ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import PageStates from './PageStates.vue'
import { sendFile } from './files'

/** What the club keeps of one kind: its cards, what makes a new one, and files in. */
const props = defineProps<{
  title: string
  failed: boolean
  ready: boolean
  cachedAt?: number | undefined
  /** Where a file is taken in, and which ones. */
  takesIn?: string
  accept?: string
  importWord?: string
  /** What went wrong with a card. */
  problem?: string
}>()
const emit = defineEmits<{ load: [] }>()
defineSlots<{ links(): unknown, tools(): unknown, default(): unknown, dialogs(): unknown }>()
const { t } = useI18n()
const picked = useTemplateRef<HTMLInputElement>('picked')
const refused = ref('')

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const [file] = input.files ?? []
  refused.value = file && props.takesIn ? await sendFile(file, props.takesIn, t('state.offline'), t('exchange.tooLarge')) : ''
  input.value = ''
  emit('load')
}
</script>

<template>
  <PageStates :failed="failed" :ready="ready" :cached-at="cachedAt" @retry="emit('load')">
    <div class="shelf">
      <header>
        <h1>{{ title }}</h1>
        <slot name="links" />
        <div class="tools">
          <slot name="tools" />
          <v-btn v-if="takesIn" @click="picked?.click()">{{ importWord ?? t('exchange.import') }}</v-btn>
        </div>
        <input
          v-if="takesIn"
          ref="picked"
          class="visually-hidden"
          type="file"
          :accept="accept"
          :aria-label="importWord ?? t('exchange.import')"
          @change="take"
        >
      </header>
      <p v-if="refused || problem" role="alert" class="problem">{{ refused || problem }}</p>
      <slot />
    </div>
    <slot name="dialogs" />
  </PageStates>
</template>

<style scoped>
.shelf {
  padding: 24px 32px;
}

header,
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 16px;
}

.tools {
  margin-left: auto;
}

header :deep(a:not(.v-btn)) {
  color: var(--ink);
}

.problem {
  margin-top: 12px;
  padding-left: 12px;
  border-left: 4px solid var(--plum);
}

.shelf :deep(ul) {
  list-style: none;
  padding: 0;
  margin-top: 16px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(420px, 100%), 1fr));
  gap: 16px;
}

@media (max-width: 800px) {
  .shelf {
    padding: 16px;
  }
}
</style>
