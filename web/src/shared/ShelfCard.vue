<script setup lang="ts">
/** One thing on a shelf: its picture, what it is, and what can be done with it. */
defineProps<{ name: string, to?: string }>()
defineSlots<{ picture(): unknown, default(): unknown, actions(): unknown }>()
</script>

<template>
  <li class="sheet">
    <component
      :is="to ? 'router-link' : 'div'"
      :to="to"
      class="picture"
      tabindex="-1"
      aria-hidden="true"
    >
      <slot name="picture" />
    </component>
    <div class="says">
      <router-link v-if="to" :to="to" class="name">{{ name }}</router-link>
      <strong v-else class="name">{{ name }}</strong>
      <slot />
      <div class="actions"><slot name="actions" /></div>
    </div>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 16px;
  padding: 12px;
}

.picture {
  height: 170px;
}

.says {
  display: grid;
  align-content: start;
  gap: 4px;
}

.name {
  font-size: 18px;
  font-weight: 650;
  color: var(--ink);
}

.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 4px;
}

@media (max-width: 800px) {
  li {
    grid-template-columns: 96px 1fr;
  }
}
</style>
