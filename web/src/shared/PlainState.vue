<script setup lang="ts">
/** Empty and error states: what is the matter, what to do, one button. */
defineProps<{ title: string, body?: string }>()
</script>

<template>
  <section class="state" role="status">
    <h1>{{ title }}</h1>
    <p v-if="body">{{ body }}</p>
    <slot />
  </section>
</template>

<style scoped>
.state {
  display: grid;
  justify-items: start;
  gap: 16px;
  max-width: 75ch;
  padding: 48px 32px;
}
</style>
