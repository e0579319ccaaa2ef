<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Ending, Role } from '@/shared/api'
import { plain, useSentences } from '@/shared/sentences'
import { useSettings } from '@/shared/settings'
import type { RallyNow } from './useRally'

/** A rally as it goes: its contacts, whose the next one is, and how it ends. */
const props = defineProps<{ rally: RallyNow, names: string[], closed: boolean }>()
const { t } = useI18n()
const { ruling } = useSentences()
const settings = useSettings()

const nameOf = (role: Role) => props.names[role === 'PLAYER' ? 0 : 1] || t(`rally.role.${role}`)
const contacts = computed(() => props.rally.now.value.length)
const length = (count: number) => t(`rallies.length.${props.rally.counts.value}`, { count }, count)
const endings = computed<Ending[]>(() => [
  { how: 'WINNER', by: 'PLAYER' }, { how: 'WINNER', by: props.rally.other.value }, { how: 'STOPPED' }, { how: 'NOT_SEEN' },
])
const words = (ending: Ending) => t(`rally.ending.${ending.how}`, { name: ending.by ? nameOf(ending.by) : '' })
const last = computed(() => {
  const rally = props.rally.last.value
  if (!rally) {
    return ''
  }
  const { contacts: count, ending } = rally
  return t(ending?.miss ? 'rally.lastMiss' : 'rally.last', {
    contacts: t('count.contacts', { count }, count),
    ending: ending ? words(ending) : t('rally.typed'),
    miss: ending?.miss ? ruling(plain(ending.miss, ending.side)).toLocaleLowerCase() : '',
  })
})
</script>

<template>
  <p class="contacts" data-test="contacts">{{ length(rally.length.value) }}</p>
  <p v-if="last" class="small soft" data-test="last-rally">{{ last }}</p>
  <v-btn size="large" :disabled="closed" @click="rally.contact()">{{ t('rally.contact', { name: nameOf(rally.next.value) }) }}</v-btn>
  <v-btn size="large" :disabled="closed || !contacts" @click="rally.over()">{{ t('count.rallyOver') }}</v-btn>
  <div class="ends">
    <v-btn :disabled="closed" @click="rally.missed('PLAYER')">{{ t('rally.missed', { name: nameOf('PLAYER') }) }}</v-btn>
    <v-btn :disabled="closed" @click="rally.missed(rally.other.value)">{{ t('rally.missed', { name: nameOf(rally.other.value) }) }}</v-btn>
    <v-menu>
      <template #activator="{ props: menu }">
        <v-btn v-bind="menu" variant="text" :disabled="closed">{{ t('rally.otherEnd') }}</v-btn>
      </template>
      <v-list>
        <v-list-item v-for="(ending, place) in endings" :key="place" :title="words(ending)" @click="rally.end(ending)" />
      </v-list>
    </v-menu>
    <v-btn v-if="!contacts" variant="text" @click="settings.hitsFirst = !settings.hitsFirst">
      {{ t('rally.first', { name: nameOf(settings.hitsFirst ? rally.other.value : 'PLAYER') }) }}
    </v-btn>
  </div>
</template>

<style scoped>
.contacts {
  font-size: 20px;
}

.ends {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.ends > * {
  flex: 1 1 auto;
}
</style>
