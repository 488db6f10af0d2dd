<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import { useOutbox } from '../shared/offline/outbox'
import type { Returned } from './presses'

/** What waits on this device, and what the server would not take. */
defineProps<{ returned: readonly Returned[]; name: (hiveId?: string) => string }>()
defineEmits<{ read: [] }>()

const outbox = useOutbox()
const waits = computed(() => outbox.waiting > 0)
/** A press that is answered at once must not make the page jump under a thumb. */
const waitsLong = refDebounced(waits, 1500)
</script>

<template>
  <p v-if="(waits && waitsLong) || !outbox.reachable" class="notice" role="status">
    <strong>{{ outbox.reachable ? 'Sending' : 'No network' }}.</strong>
    Kept on this device: {{ outbox.waiting }}. Go on; nothing is lost.
  </p>
  <div v-if="returned.length" class="notice bad" role="alert">
    <p v-for="each in returned" :key="each.id">
      <strong>{{ name(each.events[0]?.hiveId) || 'For the crew' }}: not taken.</strong>
      {{ each.says }}
    </p>
    <router-link to="/waiting">Mend it, or throw it away</router-link>
    <button type="button" @click="$emit('read')">Read</button>
  </div>
</template>

<style scoped>
.notice {
  margin: 0;
  padding: 10px 14px;
  border: 2px solid var(--caution);
  border-left-width: 10px;
  background: var(--sheet);
}

.bad {
  border-color: var(--off-label);
}

.bad button {
  min-height: 56px;
  padding: 0 20px;
  border: 1px solid currentColor;
}
</style>
