<script setup lang="ts">
import type { Shapes } from '../api/client'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** What is recommended, and why. */
defineProps<{ advice: Shapes['Advice'] }>()
const emit = defineEmits<{ take: [days: string[]] }>()
</script>

<template>
  <section
    class="sheet advice"
    :class="advice.kind"
    :aria-label="t('spacing.adviceCard.recommended')"
  >
    <h2>{{ inWords(advice.says) }}</h2>
    <ul>
      <li v-for="(each, i) in advice.reasons" :key="i">{{ inWords(each) }}</li>
    </ul>
    <v-btn v-if="advice.days.length" @click="emit('take', [...advice.days])">{{
      t('spacing.adviceCard.putTheseDaysOn')
    }}</v-btn>
  </section>
</template>

<style scoped>
.advice {
  padding: 12px 16px;
  border-left: 8px solid var(--open);
}

.FALLS_SHORT,
.NONE_ON_LABEL {
  border-left-color: var(--caution);
}

ul {
  margin: 8px 0;
  padding-left: 20px;
}
</style>
