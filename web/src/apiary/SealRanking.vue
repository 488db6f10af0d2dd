<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { roughly } from '../shared/numbers'
import type { Hive } from './useYard'

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
  <section aria-label="The leakiest">
    <h2>The leakiest</h2>
    <p v-if="ranked.length === 0" class="soft">No hive here has an opening worth shutting.</p>
    <template v-else>
      <p class="soft">
        Model estimate at that dose: share of the mites on bees killed now, with the opening shut,
        and with a gram a box more instead.
      </p>
      <ol>
        <li v-for="each in ranked.slice(0, MOST)" :key="each.hive.id">
          <button type="button" @click="$emit('choose', each.hive.id)">
            <strong>{{ each.hive.name }}</strong> keeps
            <span class="figure">{{ roughly(each.seal.kept) }}</span>
          </button>
          <p>{{ each.gain.remedy }}</p>
          <p class="figure soft">
            {{ roughly(each.seal.kill) }} → {{ roughly(each.gain.kill) }}; a gram more
            {{ roughly(each.seal.killGramMore) }}
          </p>
        </li>
      </ol>
      <p v-if="ranked.length > MOST" class="soft">and {{ ranked.length - MOST }} more that leak</p>
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
