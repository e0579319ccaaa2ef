<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Drill, Lying, PlaceVersion, Plane, Player, Sport, Stance } from '@/shared/api'
import { usePainted } from '@/shared/painted'
import { levelOf, plain, useSentences } from '@/shared/sentences'
import { useSettings } from '@/shared/settings'
import { steady } from '@/shared/steady'
import CallerSelect from './CallerSelect.vue'
import FromHere from './FromHere.vue'
import SetAsks from './SetAsks.vue'
import SetBefore from './SetBefore.vue'
import SetDecision from './SetDecision.vue'
import SetFacts from './SetFacts.vue'
import SetFoot from './SetFoot.vue'
import SetNotes from './SetNotes.vue'
import StanceMover from './StanceMover.vue'
import SetVerdict from './SetVerdict.vue'
import SetTally from './SetTally.vue'
import ShotChange from './ShotChange.vue'
import ShotNotes from './ShotNotes.vue'
import PatternFace from './PatternFace.vue'
import type { useCharting } from './useCharting'
import type { Live } from './useLive'
import type { PatternNow } from './usePattern'
import type { Charted } from './useSet'

/** The margin beside the court: who, what, the count, and at the close what it says and what to do about it. */
const props = defineProps<{
  drill: Drill
  charted: Charted
  hand: ReturnType<typeof useCharting>
  live: Live
  pattern: PatternNow
  /** The player, all whom the club has, and who is in the set, in the order of its sides. */
  who: { player: Player, players: Player[], names: string[] }
  /** Where it is played, how the target lies there, and where the opponents stand. */
  where: {
    places: PlaceVersion[]
    place: PlaceVersion | undefined
    lying: Lying | undefined
    stance: Stance | undefined
    onSurface: { sport: Sport, plane: Plane } | undefined
  }
}>()
const countIs = defineModel<boolean>('countIs', { required: true })
const emit = defineEmits<{ next: [], place: [id: string | undefined], track: [track: string] }>()
const { t } = useI18n()
const { goal, rule } = useSentences()
const settings = useSettings()

const set = computed(() => props.charted.set.value)
const level = computed(() => props.charted.level.value)
const rung = computed(() => levelOf(props.drill, level.value))
const asked = computed(() => goal(rung.value))
const howToMove = computed(() => `${rule(rung.value)} ${t('courtside.feed', { feed: props.drill.feed })}.`)
const chosen = computed(() => props.hand.chosen.value)
const verdict = computed(() => props.hand.verdict.value)
const asksEffect = computed(() => rung.value.target.zones.some((zone) => zone.asks.kind === 'EFFECT'))
/** What can be noted, and graded: of another shot other buttons come and go. */
const noted = usePainted(() => chosen.value?.shot ?? set.value?.shots.at(-1))
const graded = usePainted(() => chosen.value?.shot ?? (props.pattern.isDead.value ? props.pattern.lastOwn.value : undefined))
/** What has a count of its own: sides, zones, or the two ways that are compared. */
const parts = steady(() => {
  const { goal, target } = rung.value
  if (goal.kind === 'COVER') {
    return target.zones.map((zone) => zone.name)
  }
  return goal.ways ?? (rung.value.fresh.parts.length > 1 ? props.who.names : [])
})
</script>

<template>
  <div class="margin">
    <header>
      <h1>{{ who.player.name }}</h1>
      <p class="drill">{{ t('courtside.drill', { drill: drill.name, level, levels: drill.levels.length }) }}</p>
      <p class="soft small asked" :title="asked">{{ asked }}</p>
    </header>
    <div class="tally">
      <SetTally
        :level="rung"
        :set="set"
        :live="live"
        :names="who.names"
        :team="charted.team.value"
        @side="(side) => void hand.toSide(() => side)"
        @tick="hand.logKey(plain('HIT'))"
      />
      <PatternFace
        v-if="pattern.pattern.value && !set?.closed"
        :level="rung"
        :set="set"
        :now="pattern"
        :charted="charted"
        :chosen="chosen?.shot"
        @enter="hand.enter"
      />
    </div>
    <!-- What comes and goes has its place here, so that nothing above and below it moves. -->
    <div
      class="comes"
      :class="{ closed: set?.closed }"
      tabindex="0"
      :aria-label="t('courtside.more')"
      role="region"
    >
      <ShotChange
        v-if="chosen"
        :shot="chosen.shot"
        :number="chosen.number"
        @call="hand.call(chosen.shot.id, $event)"
        @done="hand.unchoose"
      />
      <SetDecision
        v-else-if="set?.closed"
        :drill="drill"
        :level="level"
        :set="set"
        :verdict="verdict"
        :decided="hand.decided.value"
        :report="charted.says.passReport()"
        @move="hand.move"
        @next="emit('next')"
        @reopen="hand.reopen"
      />
      <section v-if="verdict && !set?.closed" class="verdict" data-test="verdict">
        <SetVerdict :verdict="verdict" :level="level" :with-advice="false" />
      </section>
      <ShotNotes
        v-if="set && !set.closed && noted"
        :shot="noted"
        :graded="graded"
        :watch-point="drill.design.watchPoint"
        @note="(shot, note, on) => hand.enter(() => charted.entries.note(shot, note, on))"
      />
      <SetFacts :level="rung" :set="set" :tries="charted.rung.tries.value" :best="charted.rung.standing.value?.best" />
      <SetNotes
        :drill="drill"
        :level="rung"
        :set="set"
        :charted="charted"
        :names="who.names"
        :players="who.players"
        @enter="hand.enter"
        @track="emit('track', $event)"
      />
      <StanceMover v-if="where.stance && !set?.closed" :stance="where.stance" @stand="hand.standAt" />
      <p v-if="set?.laid" class="small" data-test="laid">{{ t('laying.otherwise') }}</p>
      <SetBefore
        v-if="!set"
        :target="rung.target"
        :hand="who.player.hand"
        :lying="where.lying"
        :lay="hand.lay"
        :conditions="charted.conditions.conditions.value"
        :places="where.places"
        :place="where.place"
        @place="emit('place', $event)"
        @under="charted.conditions.under"
      />
      <template v-if="!set?.closed">
        <FromHere v-if="set?.standing === 'OPEN'" :set="set" :ask="charted.says.fromHere" />
        <v-btn v-if="set?.trials && !verdict" variant="text" @click="hand.judge">{{ t('courtside.judge') }}</v-btn>
        <CallerSelect v-model="settings.caller" />
        <p class="soft small">{{ howToMove }}</p>
      </template>
    </div>
    <template v-if="!set?.closed">
      <SetAsks
        class="asks"
        :set="set"
        :close-shot="hand.closeShot.value"
        :on-surface="where.onSurface"
        :effect="asksEffect"
        :already="charted.says.already.value"
        @call="hand.call"
      />
      <SetFoot
        v-model:count-is="countIs"
        class="foot"
        :set="set"
        :over="!!charted.says.already.value || !!set && set.standing !== 'OPEN'"
        :names="who.names"
        :parts="parts"
        @pause="hand.pause"
        @close="hand.closeOrNext"
        @count="hand.enter(() => charted.entries.countIs($event, settings.standpoint))"
      />
    </template>
  </div>
</template>

<style scoped>
.margin {
  display: grid;
  grid-template: auto auto minmax(96px, 1fr) auto / minmax(0, 1fr);
  gap: 12px;
  height: 100%;
}

.margin > * {
  grid-column: 1;
  min-width: 0;
}

h1 {
  font-size: 24px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}

.small {
  font-size: 14px;
  line-height: 1.4;
}

/* Two lines, whether they are filled or not. */
.asked {
  min-height: 2.8em;
}

.comes {
  grid-row: 3;
  overflow-y: auto;
  display: grid;
  align-content: start;
  gap: 12px;
  border-top: 1px solid var(--rule);
  padding-top: 12px;
}

.closed {
  grid-row: 3 / span 2;
}

.comes > :deep(.v-btn) {
  min-height: 48px;
}

/* Over what lies there, so that nothing is pushed away. */
.asks {
  grid-row: 3;
  align-self: end;
  z-index: 1;
  padding-top: 8px;
  background: var(--sheet);
}

.foot {
  grid-row: 4;
}

@media (max-width: 800px) {
  /* They stand above the court there. */
  h1,
  .drill {
    display: none;
  }

  /* The page scrolls, so what may grow comes last. */
  .margin {
    grid-template: auto auto 108px auto auto / minmax(0, 1fr);
    height: auto;
  }

  .asks {
    align-self: start;
  }

  .comes {
    grid-row: 5;
    overflow: visible;
  }

  .closed {
    grid-row: 3 / span 3;
  }
}
</style>
