<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { counted } from '../shared/format'
import { degreesApart } from '../shared/units/quantity'
import { t, texts } from '../words/words'

/** What a yard's own readings have taught about forecasts of it, and how often offered hours held. */
const props = defineProps<{
  learned: Shapes['LearnedForecast']
  held?: Shapes['OffersHeld'] | undefined
}>()

const PARTS = texts<Shapes['PartLearned']['part']>({
  NIGHT: 'hours.learnedNote.night',
  MORNING: 'hours.learnedNote.morning',
  AFTERNOON: 'hours.learnedNote.afternoon',
  EVENING: 'hours.learnedNote.evening',
})

const lines = computed(() =>
  props.learned.parts.map(({ part, readings, meanError, correction }) => ({
    part,
    words: t('hours.learnedNote.part', {
      part: PARTS[part],
      readings: counted(readings, 'reading'),
      off: t(meanError < 0 ? 'hours.learnedNote.colder' : 'hours.learnedNote.warmer', {
        degrees: degreesApart(Math.abs(meanError)),
      }),
      added:
        correction === 0
          ? t('hours.learnedNote.notYet')
          : t('hours.learnedNote.added', { degrees: degreesApart(correction, true) }),
    }),
  })),
)
</script>

<template>
  <section v-if="lines.length" class="sheet learned" aria-labelledby="learned">
    <h2 id="learned">{{ t('hours.learnedNote.title') }}</h2>
    <ul>
      <li v-for="line in lines" :key="line.part">{{ line.words }}</li>
    </ul>
    <p>
      {{
        held
          ? t('hours.learnedNote.held', {
              offered: counted(held.offered, 'hour'),
              held: held.held,
            })
          : t('hours.learnedNote.fewHeld')
      }}
    </p>
    <p class="soft">{{ t('hours.learnedNote.how') }}</p>
  </section>
</template>

<style scoped>
.learned {
  display: grid;
  gap: 6px;
  max-width: 80ch;
  margin: 14px 0;
  padding: 14px 16px;
}

.learned h2,
.learned p,
.learned ul {
  margin: 0;
}

.learned ul {
  padding-left: 20px;
}
</style>
