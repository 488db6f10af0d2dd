<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { roughly } from '../shared/numbers'
import type { Hive } from './useYard'
import { t } from '../words/words'
import { wordOf } from '../words/facts'

/** The leakiest hives first, with what to shut and what that gains. */
const props = defineProps<{
  hives: readonly Hive[]
  seals: ReadonlyMap<string, Shapes['SealReading']>
}>()
defineEmits<{ choose: [hiveId: string] }>()

const MOST = 8
const ranked = computed(() =>
  props.hives
    .flatMap((hive) => {
      const seal = props.seals.get(hive.id)
      return seal?.gains[0] ? [{ hive, seal, gain: seal.gains[0] }] : []
    })
    .sort((a, b) => a.seal.kept - b.seal.kept),
)
</script>

<template>
  <section :aria-label="t('apiary.sealRanking.leakiest')">
    <h2>{{ t('apiary.sealRanking.leakiest') }}</h2>
    <p v-if="ranked.length === 0" class="soft">{{ t('apiary.sealRanking.noHiveHereHas') }}</p>
    <template v-else>
      <p class="soft">
        {{ t('apiary.sealRanking.modelEstimateAtDose') }}
      </p>
      <ol>
        <li v-for="each in ranked.slice(0, MOST)" :key="each.hive.id">
          <button type="button" @click="$emit('choose', each.hive.id)">
            <i18n-t keypath="apiary.sealRanking.keeps" scope="global"
              ><template #strong
                ><strong>{{ each.hive.name }}</strong></template
              ><template #span
                ><span class="figure">{{ roughly(each.seal.kept) }}</span></template
              ></i18n-t
            >
          </button>
          <p>{{ wordOf(`LeakRemedy.${each.gain.kind}`) }}</p>
          <p class="figure soft">
            {{
              t('apiary.sealRanking.gramMore', {
                kill: roughly(each.seal.kill),
                kill2: roughly(each.gain.kill),
                killGramMore: roughly(each.seal.killGramMore),
              })
            }}
          </p>
        </li>
      </ol>
      <p v-if="ranked.length > MOST" class="soft">
        {{ t('apiary.sealRanking.moreLeak', { ranked: ranked.length - MOST }) }}
      </p>
    </template>
  </section>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 8px 0;
  padding: 0;
}

li {
  padding: 6px 0;
  border-top: 1px solid var(--rule);
}

button {
  min-height: 32px;
  text-decoration: underline;
  text-underline-offset: 0.18em;
}

p {
  margin: 0;
}
</style>
