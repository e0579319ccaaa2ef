<script setup lang="ts">
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { FromHere } from '@/charting/rules'
import type { SetView } from '@/shared/api'
import { asPercent } from '@/shared/format'

/** The chance to meet the goal from where the set stands, told on a touch until the next shot. */
const props = defineProps<{ set: SetView, ask: () => FromHere | undefined }>()
const { t } = useI18n()
const here = ref<string>()

watch(() => props.set, () => {
  here.value = undefined
})

function tell() {
  const seen = props.ask()
  here.value = seen
    ? t('count.fromHere', { chance: asPercent(seen.chance), rate: asPercent(seen.rate), trials: seen.trials })
    : t('count.notFromHere')
}
</script>

<template>
  <p v-if="here" class="here" role="status" data-test="from-here">{{ here }}</p>
  <v-btn v-else variant="text" @click="tell">{{ t('count.askFromHere') }}</v-btn>
</template>

<style scoped>
.here {
  min-height: 56px;
  font-size: 14px;
  line-height: 1.4;
}
</style>
