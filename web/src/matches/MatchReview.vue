<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Contacts, MatchReview, PlacementLine } from '@/shared/api'
import { asPercent } from '@/shared/format'
import PlacementGrid from './PlacementGrid.vue'
import { useMatchWords, type Names } from './useMatchWords'

/** What a match says of one team: where its shots went, what came of them, and its serves; always with counts. */
const props = defineProps<{ review: MatchReview, name: string, names: Names, lengthBy: Contacts }>()
const { t } = useI18n()
const words = useMatchWords()
const strokes = computed(() => [...new Set(props.review.placements.map(({ stroke }) => stroke).filter((one) => one !== 'serve'))])
const stroke = ref('')
watch(strokes, ([first]) => {
  stroke.value = stroke.value && strokes.value.includes(stroke.value) ? stroke.value : first ?? ''
}, { immediate: true })
const lines = computed(() => props.review.placements.filter((line) => line.stroke === stroke.value))
const kinds = computed(() => [...new Set(lines.value.map(({ kind }) => kind))])
const toTry = computed(() => props.review.advice?.favourite.placement.stroke === stroke.value ? props.review.advice?.toTry : undefined)
const EFFECTS = ['UNRETURNED', 'WEAK', 'NEUTRAL', 'ATTACKED', 'OWN_ERROR'] as const
const known = ({ effects }: PlacementLine) => effects.reduce((sum, one) => sum + one, 0)
const rate = ({ rate: middle, lower, upper }: PlacementLine) =>
  t('match.rateBetween', { rate: asPercent(middle), lower: asPercent(lower), upper: asPercent(upper) })
const bands = computed(() => props.review.lengths.filter(({ rallies }) => rallies > 0))
const bandName = (upTo: number, at: number) => t(`match.band.${at}`, { upTo, from: (props.review.lengths[at - 1]?.upTo ?? 0) + 1 })
</script>

<template>
  <div class="review">
    <section>
      <h2>{{ t('match.whatItSays') }}</h2>
      <ul class="hints" data-test="hints">
        <li v-for="(hint, at) in review.hints" :key="at">{{ words.hint(hint, name) }}</li>
        <li v-if="!review.hints.length" class="soft">{{ t('match.noAdvice') }}</li>
      </ul>
      <p class="soft">{{ t('match.rests') }}</p>
    </section>
    <section>
      <h2>{{ t('match.points') }}</h2>
      <p v-if="bands.length" class="soft">{{ t('match.lengthBy') }} {{ t(`match.lengths.${lengthBy}`) }}</p>
      <table>
        <tbody>
          <tr>
            <th scope="row">{{ t('match.allRallies') }}</th>
            <td>{{ t('match.wonOf', { won: review.won, rallies: review.rallies }) }}</td>
          </tr>
          <tr v-if="review.serving.rallies">
            <th scope="row">{{ t('match.onServe') }}</th>
            <td>{{ t('match.wonOf', review.serving) }}</td>
          </tr>
          <tr v-if="review.receiving.rallies">
            <th scope="row">{{ t('match.onReturn') }}</th>
            <td>{{ t('match.wonOf', review.receiving) }}</td>
          </tr>
          <tr v-for="(band, at) in bands" :key="band.upTo">
            <th scope="row">{{ bandName(band.upTo, review.lengths.indexOf(band)) }}</th>
            <td :data-at="at">{{ t('match.wonOf', band) }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <section v-if="review.bonuses.length" class="wide">
      <h2>{{ t('match.bonusTable.title') }}</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('match.bonusTable.name') }}</th>
            <th scope="col">{{ names('ONE') }}</th>
            <th scope="col">{{ names('TWO') }}</th>
            <td />
          </tr>
        </thead>
        <tbody>
          <tr v-for="bonus in review.bonuses" :key="bonus.rule">
            <th scope="row">{{ bonus.name }}</th>
            <td>{{ t('match.bonusTable.each', { count: bonus.one, serving: bonus.oneServing }) }}</td>
            <td>{{ t('match.bonusTable.each', { count: bonus.two, serving: bonus.twoServing }) }}</td>
            <td>{{ bonus.easy ? t('match.bonusTable.smaller') : '' }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <section class="wide">
      <h2>{{ t('match.placements') }}</h2>
      <p v-if="!strokes.length" class="soft">{{ t('match.noPlacements') }}</p>
      <div v-else class="strokes" role="group" :aria-label="t('match.strokeWas')">
        <v-btn
          v-for="one in strokes"
          :key="one"
          size="small"
          :variant="one === stroke ? 'flat' : 'outlined'"
          :aria-pressed="one === stroke"
          @click="stroke = one"
        >
          {{ one || t('match.aShot') }}
        </v-btn>
      </div>
      <div v-for="kind in kinds" :key="kind" class="placed">
        <div>
          <h3>{{ t(`match.bounceWords.${kind}`) }}</h3>
          <PlacementGrid :lines="lines.filter((line) => line.kind === kind)" :to-try="toTry ?? undefined" />
        </div>
        <div class="scroll">
          <table>
            <thead>
              <tr>
                <th scope="col">{{ t('match.partHead') }}</th>
                <th scope="col">{{ t('match.wonHead') }}</th>
                <th scope="col">{{ t('match.rateHead') }}</th>
                <th v-for="effect in EFFECTS" :key="effect" scope="col">{{ t(`match.effect.${effect}`) }}</th>
                <th scope="col">{{ t('match.movedHead') }}</th>
                <th scope="col">{{ t('match.luckHead') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="line in lines.filter((one) => one.kind === kind)" :key="line.spot">
                <th scope="row">{{ words.partOf(line.spot) }}</th>
                <td>{{ t('match.wonOf', line) }}</td>
                <td>{{ line.rallies ? rate(line) : '' }}</td>
                <td v-for="(count, at) in line.effects" :key="at">{{ known(line) ? count : '' }}</td>
                <td>{{ line.movable ? t('match.wonOf', { won: line.moved, rallies: line.movable }) : '' }}</td>
                <td>{{ line.luck ? t(`match.luck.${line.luck}`) : '' }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </div>
    </section>
    <section v-if="review.serves.length" class="wide">
      <h2>{{ t('match.servesHead') }}</h2>
      <div v-for="serves in review.serves" :key="`${serves.serve} ${serves.court}`" class="placed">
        <div>
          <h3>
            {{ t(`match.serveNumber.${serves.serve}`) }}{{ serves.court === 'NONE' ? '' : `, ${t(`match.fromCourt.${serves.court}`)}` }}
          </h3>
          <PlacementGrid serve :lines="serves.targets" :to-try="serves.next ?? undefined" />
          <p v-if="serves.faults" class="soft">{{ t('match.faults', { count: serves.faults }, serves.faults) }}</p>
        </div>
        <div>
          <table v-if="serves.targets.length">
            <thead>
              <tr>
                <th scope="col">{{ t('match.partHead') }}</th>
                <th scope="col">{{ t('match.wonHead') }}</th>
                <th v-for="effect in EFFECTS.slice(0, 4)" :key="effect" scope="col">{{ t(`match.effect.${effect}`) }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="line in serves.targets" :key="line.spot">
                <th scope="row">{{ t('match.partOfBox', { spot: line.spot }) }}</th>
                <td>{{ t('match.wonOf', line) }}</td>
                <td v-for="(count, at) in line.effects.slice(0, 4)" :key="at">{{ known(line) ? count : '' }}</td>
              </tr>
            </tbody>
          </table>
          <p v-if="serves.readable">
            {{ t('match.readable', {
              guessed: asPercent(serves.readable.guessed), chance: asPercent(serves.readable.byChance),
              commonest: asPercent(serves.readable.commonest), entropy: serves.readable.entropy.toFixed(2), count: serves.readable.choices,
            }) }}
            <strong v-if="serves.next">{{ t('match.lessReadable', { spot: serves.next }) }}</strong>
          </p>
          <p v-else class="soft">{{ t('match.tooFewServes') }}</p>
          <p v-for="pair in serves.pairs.filter(({ rallies }) => rallies > 1).slice(0, 3)" :key="`${pair.before} ${pair.spot}`" class="soft">
            {{ t('match.afterServe', { ...pair }) }}
          </p>
        </div>
      </div>
    </section>
  </div>
</template>

<style scoped>
.review {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 32px;
}

.wide {
  grid-column: 1 / -1;
}

.hints {
  display: grid;
  gap: 12px;
  padding: 0;
  margin: 8px 0;
  list-style: none;
}

.hints li {
  padding-left: 12px;
  border-left: 6px solid var(--ink);
  max-width: 75ch;
}

.strokes {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 8px 0;
}

.strokes :deep(.v-btn) {
  min-height: 48px;
}

.placed {
  display: grid;
  grid-template-columns: 340px minmax(0, 1fr);
  gap: 24px;
  margin-top: 16px;
}

.scroll {
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 8px 12px 8px 0;
  border-bottom: 1px solid var(--rule);
  font-size: 15px;
  text-align: left;
  vertical-align: top;
}

th[scope='col'] {
  font-weight: 400;
  color: var(--ink-soft);
}

@media (max-width: 1000px) {
  .review,
  .placed {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
