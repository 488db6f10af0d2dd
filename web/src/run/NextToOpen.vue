<script setup lang="ts">
import { computed } from 'vue'
import { clockOf } from '../shared/format'
import type { ShownHive } from './overlay'
import { t } from '../words/words'

/** The shut hive that opens next: always named, always with its clock. */
const props = defineProps<{ hive?: ShownHive; name: string; now: number; mayOpen: boolean }>()
defineEmits<{ open: [] }>()

const left = computed(() =>
  props.hive?.openFrom ? Date.parse(props.hive.openFrom) - props.now : 0,
)
</script>

<template>
  <div class="next" :class="{ isDue: hive && left <= 0 }">
    <template v-if="hive">
      <p>
        <span class="soft">{{ t('run.nextToOpen.nextOpen') }}</span>
        <strong>{{ name }}</strong>
        <span class="figure count">{{ left > 0 ? clockOf(left) : '+' + clockOf(-left) }}</span>
      </p>
      <button type="button" :disabled="!mayOpen" @click="$emit('open')">
        {{
          t('run.nextToOpen.open', { name, left: left > 0 ? ' ' + t('run.nextToOpen.early') : '' })
        }}
      </button>
    </template>
    <p v-else class="soft">{{ t('run.nextToOpen.noHiveShutYet') }}</p>
  </div>
</template>

<style scoped>
.next {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 12px;
  min-height: 72px;
  padding: 8px 8px 8px 14px;
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
}

.next p {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 10px;
  margin: 0;
  font-size: 1.125rem;
}

.count {
  font-size: 2.5rem;
  line-height: 1.1;
}

.next button {
  min-height: 60px;
  padding: 0 16px;
  border: 2px solid var(--rule-strong);
  font-weight: 650;
  border-radius: 2px;
}

.next.isDue {
  border: 3px solid var(--due);
}

.next.isDue button {
  background: var(--due);
  border-color: var(--due);
  color: var(--on-state);
}
</style>
