<script setup lang="ts">
import { reactive } from 'vue'
import type { Shapes } from '../api/client'
import { counted } from '../shared/format'
import { t } from '../words/words'

/** Words of a roster that nothing is called, each with the likeliest it may mean, for all its rows at once. */
const props = defineProps<{ words: readonly Shapes['WrongWord'][] }>()
const emit = defineEmits<{ take: [meanings: Shapes['Meaning'][]] }>()

const chosen = reactive<Record<string, string>>({})
const keyOf = (word: Shapes['WrongWord']) => `${word.column} ${word.word}`
const meant = (word: Shapes['WrongWord']) => chosen[keyOf(word)] ?? word.offered[0] ?? ''
const meaning = (word: Shapes['WrongWord']): Shapes['Meaning'] => ({
  column: word.column,
  word: word.word,
  means: meant(word),
})
</script>

<template>
  <section class="sheet words" :aria-label="t('apiary.wrongWords.wordsNobodyKnows')">
    <h2>{{ t('apiary.wrongWords.wordsNobodyKnows') }}</h2>
    <div v-for="word in props.words" :key="keyOf(word)" class="word">
      <span>
        <strong>{{ word.word }}</strong>
        {{
          t('apiary.wrongWords.inRows', { column: word.column, rows: counted(word.rows, 'row') })
        }}
      </span>
      <v-combobox
        :model-value="meant(word)"
        density="compact"
        :label="t('apiary.wrongWords.means', { word: word.word })"
        :items="word.offered"
        @update:model-value="chosen[keyOf(word)] = $event ?? ''"
      />
      <v-btn min-height="48" :disabled="!meant(word)" @click="emit('take', [meaning(word)])">{{
        t('apiary.wrongWords.inAllRows', { rows: counted(word.rows, 'row') })
      }}</v-btn>
    </div>
    <v-btn
      v-if="props.words.length > 1"
      min-height="48"
      @click="emit('take', props.words.map(meaning))"
      >{{ t('apiary.wrongWords.allSo') }}</v-btn
    >
  </section>
</template>

<style scoped>
.words {
  display: grid;
  gap: 10px;
  padding: 14px;
  margin-bottom: 14px;
}

h2 {
  margin: 0;
}

.word {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 280px) auto;
  gap: 12px;
  align-items: center;
}

@media (width <= 900px) {
  .word {
    grid-template-columns: 1fr;
  }
}
</style>
