<script setup lang="ts">
import { useTimeout } from '@vueuse/core'
import { watch } from 'vue'
import { t } from '../../words/words'

/**
 * How a page stands before it has anything to show: quiet bars at once, after a moment what is
 * waited for, and a way to try again where it did not come. What goes wrong later is told, too.
 */
const props = defineProps<{
  /** Whether the page has what it shows. */
  there: boolean
  problem: string
  /** What is waited for, in words: "the register". */
  what: string
}>()
const emit = defineEmits<{ again: [] }>()

/** So long nobody needs to be told that something is under way, ms. */
const QUIET = 300
const { ready: long, start } = useTimeout(QUIET, { controls: true })
watch(
  () => props.there || props.problem !== '',
  (settled) => {
    if (!settled) start()
  },
)
</script>

<template>
  <div v-if="problem" role="alert" class="problem">
    <p>{{ problem }}</p>
    <v-btn v-if="!there" variant="outlined" @click="emit('again')">{{
      t('shared.pageState.tryAgain')
    }}</v-btn>
  </div>
  <div v-else-if="!there" class="waits" aria-busy="true">
    <p role="status" class="soft">{{ long ? t('shared.pageState.fetching', { what }) : '' }}</p>
    <span v-for="bar in 3" :key="bar" class="bar" aria-hidden="true"></span>
  </div>
</template>

<style scoped>
.waits p {
  min-height: 1.5em;
}

.bar {
  display: block;
  height: 2.5rem;
  margin-bottom: 0.75rem;
  background: var(--wash);
}

.bar:nth-of-type(2) {
  width: 82%;
}

.bar:nth-of-type(3) {
  width: 64%;
}
</style>
