<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import { useOutbox } from './outbox'
import { t } from '../../words/words'

/** On every page: how much of what was done here the server does not have yet. */
const outbox = useOutbox()
const waits = computed(() => outbox.waiting)
/** What is answered at once must not make a page jump under a thumb. */
const waitsLong = refDebounced(waits, 1500)
const shown = computed(() => Math.min(waits.value, waitsLong.value))
const words = computed(() =>
  [
    ...(shown.value > 0
      ? [
          `${shown.value} ${shown.value === 1 ? t('shared.waitingNotice.waits') : t('shared.waitingNotice.wait')}`,
        ]
      : []),
    ...(outbox.asideMine.length > 0
      ? [t('shared.waitingNotice.setAside', { asideMine: outbox.asideMine.length })]
      : []),
  ].join(', '),
)
</script>

<template>
  <p
    v-if="words"
    class="waits no-print"
    :class="{ bad: outbox.asideMine.length > 0 }"
    role="status"
  >
    <router-link to="/waiting">{{ words }}</router-link>
    <span class="soft">
      {{
        outbox.asideMine.length > 0
          ? t('shared.waitingNotice.serverDidNotTake')
          : t('shared.waitingNotice.keptOnThisDevice')
      }}
    </span>
  </p>
</template>

<style scoped>
.waits {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 12px;
  margin: 0 0 10px;
  padding: 4px 12px;
  border-left: 6px solid var(--caution);
}

.waits a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  font-weight: 650;
}

@media (width <= 600px) {
  .waits .soft {
    display: none;
  }
}

.bad {
  border-color: var(--off-label);
}
</style>
