<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { askGroups, askListed } from '@/charting/asked'
import type { GroupForm } from '@/shared/api'
import { clubDate, clubTime } from '@/shared/clock'
import { asTime } from '@/shared/format'
import PageStates from '@/shared/PageStates.vue'
import { usePresent } from '@/shared/present'
import { useAsked } from '@/shared/useAsked'
import GroupFields from './GroupFields.vue'
import { ownGroups, withOwn } from './ownGroups'
import { useGroup } from './useGroup'

/** Where a group begins: who is here, and what they do together. Those of today can be gone on with, or shown. */
const { t } = useI18n()
const router = useRouter()
const today = () => clubDate(clubTime())
const { answer, failed, load } = useAsked(async () => {
  const club = await askListed()
  const [listed, own] = await Promise.all([askGroups(today()).then(({ data }) => data, () => []), ownGroups(today())])
  return { club, groups: withOwn(listed, own) }
})
const group = useGroup()
const { isHere } = usePresent(today)
const players = computed(() => answer.value?.club.data.players ?? [])
const going = computed(() => answer.value?.groups.filter((one) => !one.ended) ?? [])
const over = computed(() => answer.value?.groups.filter((one) => one.ended) ?? [])
const nameOf = (id: string) => players.value.find((one) => one.id === id)?.name.split(' ')[0] ?? ''
const refused = ref('')

async function begin(form: GroupForm, who: string[], drill: string) {
  refused.value = ''
  const run = await group.begin(form, who, drill)
  const problem = group.run.problem.value
  if (run) {
    await router.push(`/groups/${run}`)
  } else if (problem) {
    refused.value = t(`problem.${problem.code}`, { ...problem })
  }
}
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer" @retry="load">
    <div class="groups">
      <h1>{{ t('group.title') }}</h1>
      <section v-if="going.length" data-test="going">
        <h2>{{ t('group.going') }}</h2>
        <ul>
          <li v-for="one in going" :key="one.run">
            <p>
              <strong>{{ t(`group.form.${one.form}`) }}</strong>
              {{ t('group.since', { time: asTime(one.openedAt), names: one.players.map(nameOf).join(', ') }) }}
            </p>
            <v-btn :to="`/groups/${one.run}`">{{ t('group.goOnHere') }}</v-btn>
            <v-btn variant="text" :to="`/groups/${one.run}/board`">{{ t('group.board') }}</v-btn>
          </li>
        </ul>
      </section>
      <GroupFields
        :players="players"
        :here="players.filter(({ id }) => isHere(id)).map(({ id }) => id)"
        :drills="answer?.club.data.drills ?? []"
        @begin="begin"
      />
      <p v-if="refused" role="alert">{{ refused }}</p>
      <section v-if="over.length">
        <h2>{{ t('group.overToday') }}</h2>
        <ul>
          <li v-for="one in over" :key="one.run">
            <router-link :to="`/groups/${one.run}`">
              {{ t(`group.form.${one.form}`) }} {{ t('group.since', { time: asTime(one.openedAt), names: one.players.map(nameOf).join(', ') }) }}
            </router-link>
          </li>
        </ul>
      </section>
    </div>
  </PageStates>
</template>

<style scoped>
.groups {
  display: grid;
  gap: 24px;
  max-width: 1080px;
  padding: 32px;
}

ul {
  list-style: none;
  padding: 0;
  border-top: 1px solid var(--rule);
}

li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
  min-height: 64px;
  border-bottom: 1px solid var(--rule);
}

li p {
  flex: 1;
  min-width: 240px;
}

a {
  color: var(--ink);
}

@media (max-width: 800px) {
  .groups {
    padding: 16px;
  }
}
</style>
