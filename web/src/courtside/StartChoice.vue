<script setup lang="ts">
/** A choice that is large enough for a thumb in a hurry: it leads somewhere, or is just chosen. */
defineProps<{ title: string, words: string, more?: string | undefined, to?: string | undefined, open?: boolean | undefined }>()
defineEmits<{ click: [] }>()
</script>

<template>
  <component
    :is="to ? 'router-link' : 'button'"
    class="choice"
    :class="{ open }"
    :to="to"
    :type="to ? undefined : 'button'"
    @click="$emit('click')"
  >
    <span class="title">{{ title }}</span>
    <span>{{ words }}</span>
    <span v-if="more" class="soft small">{{ more }}</span>
  </component>
</template>

<style scoped>
.choice {
  display: grid;
  align-content: center;
  gap: 2px;
  width: 100%;
  min-height: 88px;
  padding: 10px 16px;
  text-align: left;
  text-decoration: none;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
}

.choice.open {
  border: 3px solid var(--steel);
}

.title {
  font-size: 20px;
  font-weight: 650;
}

.small {
  font-size: 14px;
}
</style>
