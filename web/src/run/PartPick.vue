<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { HANDS } from './part'
import { radioKeys } from '../shared/radioKeys'
import { t } from '../words/words'

/** What this device's owner does in the run: burn with one of its tools, or shut, fill and open. */
const props = defineProps<{
  tools: readonly Shapes['ToolOnBoard'][]
  name: (hiveId?: string) => string
}>()
const part = defineModel<number>({ required: true })

const parts = computed(() => [
  ...props.tools.map((tool) => ({
    number: tool.number,
    name: tool.name,
    says: tool.in ? t('run.partPick.in', { in: props.name(tool.in) }) : t('run.partPick.free'),
    pack: tool.packBurnsLeft,
  })),
  {
    number: HANDS,
    name: t('run.partPick.shutOpen'),
    says: t('run.partPick.noTool'),
    pack: undefined,
  },
])
</script>

<template>
  <div class="parts" role="radiogroup" :aria-label="t('run.partPick.whatIDoThis')">
    <button
      v-for="each in parts"
      :key="each.number"
      type="button"
      role="radio"
      :aria-checked="part === each.number"
      :tabindex="part === each.number ? 0 : -1"
      @keydown="radioKeys"
      @click="part = each.number"
    >
      <strong>{{ part === each.number ? '● ' : '○ ' }}{{ each.name }}</strong>
      <span class="soft"
        >{{ each.says
        }}<template v-if="each.pack !== undefined">{{
          ' ' +
          t('run.partPick.aboutPack', {
            pack: each.pack,
            pack2: each.pack === 1 ? t('run.partPick.burn') : t('run.partPick.burns'),
          })
        }}</template></span
      >
    </button>
  </div>
</template>

<style scoped>
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

button {
  display: grid;
  min-height: 56px;
  padding: 4px 14px;
  text-align: left;
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
  line-height: 1.25;
}

button[aria-checked='true'] {
  border-width: 3px;
  padding: 2px 12px;
}

@media (width <= 900px) {
  .parts {
    flex-wrap: nowrap;
    position: relative;
    overflow-x: auto;
  }

  button {
    flex: 1 0 auto;
    font-size: 0.875rem;
  }
}
</style>
