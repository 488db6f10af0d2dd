<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { t } from '../words/words'

type Verdict = Shapes['DoseSheet']['verdict']

const props = defineProps<{ verdict: Verdict }>()

const LOOKS: Record<Verdict, { word: string; colour: string; shape: string }> = {
  ALLOWED: {
    word: t('shared.verdictMark.allowed'),
    colour: 'var(--open)',
    shape: 'M3 13l6 7L21 4',
  },
  CAUTION: {
    word: t('shared.verdictMark.caution'),
    colour: 'var(--caution)',
    shape: 'M12 2 22 21H2zM12 9v6',
  },
  NOT_ON_LABEL: {
    word: t('shared.verdictMark.notOnLabel'),
    colour: 'var(--off-label)',
    shape: 'M8 2h8l6 6v8l-6 6H8l-6-6V8zM8 8l8 8M16 8l-8 8',
  },
}
const look = computed(() => LOOKS[props.verdict])
</script>

<template>
  <span class="verdict" :style="{ color: look.colour }">
    <svg viewBox="-1 -1 26 26" aria-hidden="true">
      <path :d="look.shape" fill="none" stroke="currentColor" stroke-width="2.6" />
    </svg>
    {{ look.word }}
  </span>
</template>

<style scoped>
.verdict {
  display: inline-flex;
  align-items: center;
  gap: 0.4em;
  font-weight: 650;
  white-space: nowrap;
}

svg {
  width: 1.05em;
  height: 1.05em;
}
</style>
