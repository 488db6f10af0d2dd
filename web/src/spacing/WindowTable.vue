<script setup lang="ts">
import HiveLink from '../shared/HiveLink.vue'
import { computed, ref } from 'vue'
import type { Shapes } from '../api/client'
import { shortDay, spanOf } from '../shared/days'
import { t } from '../words/words'

/** A list of hives with their window without capped brood. */
const props = defineProps<{ title: string; list: Shapes['WindowList']; empty: string }>()

/** A few dozen answer what to do this week; the rest is one press away. */
const FEW = 25
const all = ref(false)
const shown = computed(() => (all.value ? props.list.lines : props.list.lines.slice(0, FEW)))

function says(line: Shapes['WindowLine']): string {
  const days = line.window.likely ?? line.window.sure
  if (!days) return ''
  if (line.window.openEnded)
    return t('spacing.windowTable.fromNoEndOn', { from: shortDay(days.from) })
  return `${spanOf(days)}${line.window.sure ? '' : t('spacing.windowTable.likely')}`
}
</script>

<template>
  <div>
    <h2>
      {{ title }} <span class="soft figure">{{ list.total }}</span>
    </h2>
    <p v-if="list.total === 0" class="soft">{{ empty }}</p>
    <ul>
      <li v-for="each in shown" :key="each.hiveId">
        <router-link :to="`/spacing/${each.hiveId}`">{{ each.hive }}</router-link>
        <HiveLink :id="each.hiveId" :name="t('common.lifeOfHive')" />
        <span class="soft">{{ each.apiary }}</span>
        <span>{{ says(each) }}</span>
      </li>
    </ul>
    <button v-if="!all && list.lines.length > FEW" type="button" class="more" @click="all = true">
      {{ t('spacing.windowTable.showMore', { lines: list.lines.length - FEW }) }}
    </button>
    <p v-if="all && list.total > list.lines.length" class="soft">
      {{
        t('spacing.windowTable.shownSoonestEndFirst', {
          lines: list.lines.length,
          total: list.total,
        })
      }}
    </p>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 6px 0;
  padding: 0;
  max-height: 320px;
  overflow-y: auto;
}

.more {
  min-height: 44px;
  text-decoration: underline;
}

li {
  display: grid;
  grid-template-columns: 52px 110px 1fr;
  gap: 8px;
  align-items: center;
  min-height: 40px;
  border-bottom: 1px solid var(--rule);
}
</style>
