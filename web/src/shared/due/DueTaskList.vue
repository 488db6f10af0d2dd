<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Shapes } from '../../api/client'
import { t } from '../../words/words'
import DueLine from './DueLine.vue'
import { folded } from './folding'

/** What needs somebody, most pressing first; many lines of one kind are folded into one. */
const props = defineProps<{
  dueTasks: readonly Shapes['DueTask'][]
  isKeeper: boolean
  title: string
}>()
defineEmits<{ putOff: [Shapes['DueTask']]; takeUp: [Shapes['DueTask']] }>()

const open = ref(new Set<string>())
const parts = computed(() => folded(props.dueTasks, open.value))

function toggle(kind: string): void {
  const next = new Set(open.value)
  if (!next.delete(kind)) next.add(kind)
  open.value = next
}
</script>

<template>
  <section v-if="dueTasks.length" :aria-label="title">
    <h2>{{ title }}</h2>
    <ul>
      <template v-for="part in parts" :key="part.kind + (part.tasks[0]?.line ?? '')">
        <DueLine
          v-for="task in part.shown"
          :key="task.line"
          :task="task"
          :is-keeper="isKeeper"
          @put-off="$emit('putOff', task)"
          @take-up="$emit('takeUp', task)"
        />
        <li v-if="part.foldable" class="more">
          <button type="button" :aria-expanded="part.open" @click="toggle(part.kind)">
            {{
              part.open
                ? t('due.waiting.fewer')
                : t('due.waiting.more', { n: part.tasks.length - part.shown.length })
            }}
          </button>
        </li>
      </template>
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-top: 14px;
}

ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  display: grid;
  gap: 4px;
}

.more button {
  min-height: 44px;
  margin-left: 46px;
  text-decoration: underline;
}
</style>
