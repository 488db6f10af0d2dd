<script setup lang="ts">
/** Names in a column, one of them in hand. */
defineProps<{
  label: string
  items: readonly { key: string; name: string; note: string; warning?: string }[]
  chosen?: string
}>()
defineEmits<{ choose: [key: string] }>()
</script>

<template>
  <ul :aria-label="label">
    <li v-for="item in items" :key="item.key">
      <button
        type="button"
        :class="{ bracketed: item.key === chosen }"
        :aria-pressed="item.key === chosen"
        @click="$emit('choose', item.key)"
      >
        <strong>{{ item.name }}</strong>
        <span class="soft">{{ item.note }}</span>
        <span v-if="item.warning" class="warning">{{ item.warning }}</span>
      </button>
    </li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

button {
  display: grid;
  width: 100%;
  min-height: 56px;
  align-content: center;
  padding: 6px 18px;
  text-align: left;
}

button:hover {
  background: var(--wash);
}

.warning {
  color: var(--off-label);
  font-weight: 600;
}
</style>
