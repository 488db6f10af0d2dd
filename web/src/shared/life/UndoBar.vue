<script setup lang="ts">
import { t } from '../../words/words'

/** What was done last, with a way back in one press. */
defineProps<{ says: string; busy?: boolean }>()
defineEmits<{ back: [] }>()
</script>

<template>
  <p class="undo" role="status">
    {{ says }}
    <button type="button" :disabled="busy" @click="$emit('back')">
      {{ t('shared.undoBar.takeBack') }}
    </button>
  </p>
</template>

<style scoped>
.undo {
  position: sticky;
  top: 92px;
  z-index: 3;
  padding: 8px 14px;
  background: var(--ink);
  color: var(--paper);
}

button {
  min-height: 32px;
  margin-left: 14px;
  text-decoration: underline;
  font-weight: 650;
}
</style>
