<script setup lang="ts">
import { computed } from 'vue'
import { OUTLINED, STATES, type Shown } from './stage'

const props = defineProps<{ state: Shown; wordless?: boolean }>()
const look = computed(() => STATES[props.state])
const outlined = computed(() => OUTLINED.has(props.state))
</script>

<template>
  <span class="mark" :style="{ color: look.colour }">
    <svg viewBox="-1 -1 26 26" aria-hidden="true">
      <path
        :d="look.shape"
        :fill="outlined ? 'none' : 'currentColor'"
        stroke="currentColor"
        stroke-width="3"
        stroke-linejoin="round"
      />
    </svg>
    <span :class="{ 'visually-hidden': wordless }">{{ look.word }}</span>
  </span>
</template>

<style scoped>
.mark {
  display: inline-flex;
  align-items: center;
  gap: 0.4em;
  font-weight: 650;
  white-space: nowrap;
}

svg {
  width: 1em;
  height: 1em;
  flex: none;
}
</style>
