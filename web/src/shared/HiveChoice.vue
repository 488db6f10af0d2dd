<script setup lang="ts">
import type { Shapes } from '../api/client'
import { t } from '../words/words'

/** Chooses hives of a row: one press each, or all and none. */
defineProps<{ hives: readonly Pick<Shapes['Hive'], 'id' | 'name'>[] }>()
const chosen = defineModel<string[]>({ required: true })

function toggle(id: string): void {
  chosen.value = chosen.value.includes(id)
    ? chosen.value.filter((each) => each !== id)
    : [...chosen.value, id]
}
</script>

<template>
  <fieldset>
    <legend>
      {{ t('shared.hiveChoice.hives', { chosen: chosen.length, hives: hives.length }) }}
      <button type="button" class="word" @click="chosen = hives.map((each) => each.id)">
        {{ t('shared.hiveChoice.all') }}
      </button>
      <button type="button" class="word" @click="chosen = []">{{ t('common.none') }}</button>
    </legend>
    <div class="hives">
      <button
        v-for="each in hives"
        :key="each.id"
        type="button"
        class="hive"
        :aria-pressed="chosen.includes(each.id)"
        @click="toggle(each.id)"
      >
        {{ each.name }}
      </button>
    </div>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  min-width: 0;
}

.word {
  min-height: 32px;
  margin-left: 12px;
  text-decoration: underline;
}

.hives {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}

.hive {
  min-width: 52px;
  min-height: 44px;
  padding: 0 8px;
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
  font-weight: 600;
}

.hive[aria-pressed='true'] {
  background: var(--ink);
  border-color: var(--ink);
  color: var(--paper);
}
</style>
