<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { computed, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { askTactics } from '@/charting/asked'
import { loadRules, type LoadedRules } from '@/charting/rules'
import { api, type Sport, type TacticRule } from '@/shared/api'
import OneOf from '@/shared/OneOf.vue'
import PageStates from '@/shared/PageStates.vue'
import { useAsked } from '@/shared/useAsked'

/** The rules that coaches ask of rallies: written in words, checked while they are typed. */
const { t } = useI18n()
const rules = shallowRef<LoadedRules>()
const { answer, failed, load } = useAsked(async () => {
  rules.value = await loadRules()
  return askTactics()
})
const draft = ref<{ id: string, version: number, name: string, sport: Sport, words: string }>()
const problem = ref('')
/** Those that matches are played in. */
const sports = computed(() => [...new Set((rules.value?.formats() ?? []).map(({ sport }) => sport))])
const bySport = computed(() => sports.value.map((sport) => ({
  sport, rules: (answer.value?.data ?? []).filter((rule) => rule.sport === sport),
})).filter((group) => group.rules.length))
const read = computed(() => draft.value?.words && rules.value ? rules.value.tactic(draft.value.words, draft.value.sport) : undefined)
const wrong = computed(() => read.value && 'problem' in read.value ? t(`problem.${read.value.problem.code}`, { ...read.value.problem }) : '')
/** A ready rule becomes the club's own by being changed. */
const isReady = ({ id }: TacticRule) => !/^[0-9a-f-]{36}$/.test(id)

function change(rule: TacticRule) {
  draft.value = isReady(rule) && rule.version === 1 ? { ...rule, id: uuid(), version: 0 } : { ...rule }
}

async function keep() {
  const given = draft.value
  if (!given) {
    return
  }
  const { data, error } = await api.PUT('/api/tactics/{tactic}', {
    params: { path: { tactic: given.id }, query: { basedOn: given.version } },
    body: { ...given, version: Math.max(1, given.version) },
  }).catch(() => ({ data: undefined, error: undefined }))
  problem.value = data ? '' : (error as { detail?: string } | undefined)?.detail ?? t('state.offline')
  if (data) {
    draft.value = undefined
    await load()
  }
}

async function remove(id: string) {
  await api.DELETE('/api/tactics/{tactic}', { params: { path: { tactic: id } } }).catch(() => undefined)
  draft.value = undefined
  await load()
}
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer" @retry="load">
    <div class="tactics">
      <header>
        <h1>{{ t('tactic.plural') }}</h1>
        <v-btn
          color="primary"
          variant="flat"
          data-test="new-tactic"
          @click="draft = { id: uuid(), version: 0, name: '', sport: 'BADMINTON', words: '' }"
        >
          {{ t('tactic.new') }}
        </v-btn>
      </header>
      <p class="soft">{{ t('tactic.intro') }}</p>
      <section v-if="draft" class="draft">
        <v-text-field v-model="draft.name" maxlength="60" :label="t('tactic.name')" hide-details />
        <OneOf v-model="draft.sport" :label="t('match.sport')" words="match.sports" :values="sports" />
        <v-text-field
          v-model="draft.words"
          class="words"
          maxlength="300"
          :label="t('tactic.words')"
          hide-details
        />
        <p class="words soft" aria-live="polite">
          {{ wrong || (read && 'words' in read ? t('tactic.reads', { words: read.words }) : t('tactic.howTo')) }}
        </p>
        <p v-if="problem" class="words" role="alert">{{ problem }}</p>
        <div class="words">
          <v-btn
            color="primary"
            variant="flat"
            :disabled="!draft.name || !read || !!wrong"
            data-test="keep"
            @click="keep"
          >
            {{ t('tactic.keep') }}
          </v-btn>
          <v-btn variant="text" @click="draft = undefined">{{ t('match.leaveIt') }}</v-btn>
          <v-btn v-if="draft.version > 0" variant="text" @click="remove(draft.id)">{{ t('tactic.remove') }}</v-btn>
        </div>
      </section>
      <section v-for="{ sport, rules: some } in bySport" :key="sport">
        <h2>{{ t(`match.sports.${sport}`) }}</h2>
        <ul>
          <li v-for="rule in some" :key="rule.id">
            <p><strong>{{ rule.name }}</strong> <span v-if="isReady(rule)" class="soft">{{ t('tactic.ready') }}</span><br>{{ rule.words }}</p>
            <v-btn size="small" :aria-label="`${t('tactic.change')} ${rule.name}`" @click="change(rule)">{{ t('tactic.change') }}</v-btn>
          </li>
        </ul>
      </section>
    </div>
  </PageStates>
</template>

<style scoped>
.tactics {
  display: grid;
  gap: 24px;
  max-width: 960px;
  padding: 32px;
}

header {
  display: flex;
  gap: 16px;
  align-items: center;
}

.draft {
  display: grid;
  grid-template-columns: 1fr 240px;
  gap: 12px;
  padding: 16px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
}

.words {
  grid-column: 1 / -1;
}

ul {
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 16px;
  align-items: center;
  min-height: 64px;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
}

li p {
  flex: 1;
}

li :deep(.v-btn) {
  min-height: 48px;
}

@media (max-width: 800px) {
  .tactics {
    padding: 16px;
  }

  .draft {
    grid-template-columns: 1fr;
  }
}
</style>
