<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import { useOutbox } from '../shared/offline/outbox'
import type { Returned } from './presses'
import { t } from '../words/words'

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
    <i18n-t keypath="run.outboxNotice.keptOnThisDevice" scope="global"
      ><template #strong
        ><strong
          >{{
            outbox.reachable ? t('run.outboxNotice.sending') : t('run.outboxNotice.noNetwork')
          }}.</strong
        ></template
      ><template #waiting>{{ outbox.waiting }}</template></i18n-t
    >
  </p>
  <div v-if="returned.length" class="notice bad" role="alert">
    <p v-for="each in returned" :key="each.id">
      <strong>{{
        t('run.outboxNotice.notTaken', {
          hiveId: name(each.events[0]?.hiveId) || t('run.outboxNotice.forCrew'),
        })
      }}</strong>
      {{ each.says }}
    </p>
    <router-link to="/waiting">{{ t('run.outboxNotice.mendOrThrowAway') }}</router-link>
    <button type="button" @click="$emit('read')">{{ t('run.outboxNotice.read') }}</button>
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
