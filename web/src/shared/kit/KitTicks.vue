<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../../api/client'
import { counted } from '../format'
import { t } from '../../words/words'
import { inWords } from '../../words/facts'

/** The kit of a round, ticked as the truck is packed; kept with the round. */
const props = defineProps<{
  kit: readonly Shapes['KitLine'][]
  mayTick: boolean
  /** Ticks that the server does not have yet. */
  waiting?: number
  problem?: string
}>()
defineEmits<{ tick: [item: string, packed: boolean] }>()

const GROUPS: Record<Shapes['KitLine']['group'], string> = {
  PEOPLE: t('shared.kitTicks.forPeople'),
  FIRE: t('shared.kitTicks.againstFire'),
  ACID: t('shared.kitTicks.acidMeasuring'),
  TOOL: t('shared.kitTicks.toolPower'),
  HIVES: t('shared.kitTicks.forHives'),
}
const groups = computed(() =>
  (Object.keys(GROUPS) as Shapes['KitLine']['group'][])
    .map((group) => ({
      name: GROUPS[group],
      lines: props.kit.filter((line) => line.group === group),
    }))
    .filter(({ lines }) => lines.length > 0),
)
const left = computed(() => props.kit.filter((line) => !line.tickedAt).length)
</script>

<template>
  <section v-if="kit.length" class="kit" :aria-label="t('shared.kitTicks.kit')">
    <h2>
      <i18n-t keypath="shared.kitTicks.kit2" scope="global"
        ><template #span
          ><span class="soft no-print">{{
            left === 0
              ? t('shared.kitTicks.allPacked')
              : t('shared.kitTicks.pack', { lines: counted(left, 'line') })
          }}</span></template
        ></i18n-t
      >
    </h2>
    <p v-if="waiting" role="status" class="no-print">
      {{ t('shared.kitTicks.keptOnThisDevice', { ticks: counted(waiting, 'tick') }) }}
    </p>
    <p v-if="problem" role="alert" class="no-print">{{ problem }}</p>
    <div class="groups">
      <div v-for="group in groups" :key="group.name">
        <h3>{{ group.name }}</h3>
        <label v-for="line in group.lines" :key="line.item">
          <input
            type="checkbox"
            :checked="Boolean(line.tickedAt)"
            :disabled="!mayTick"
            @change="$emit('tick', line.item, ($event.target as HTMLInputElement).checked)"
          />
          <span>
            <strong>{{ inWords(line.amount) }}</strong> {{ inWords(line.name) }}
            <span v-if="line.why" class="soft why">{{ inWords(line.why) }}</span>
            <span v-if="line.tickedBy" class="soft why no-print">{{
              t('shared.kitTicks.packedBy', { tickedBy: line.tickedBy })
            }}</span>
          </span>
        </label>
      </div>
    </div>
  </section>
</template>

<style scoped>
.kit {
  margin-top: 16px;
}

h2 span {
  font-size: 0.9375rem;
  font-weight: 400;
}

h3 {
  margin: 4px 0;
  font-size: 0.9375rem;
}

.groups {
  columns: 3 260px;
  column-gap: 24px;
}

.groups > div {
  break-inside: avoid;
  margin-bottom: 8px;
}

label {
  display: flex;
  gap: 10px;
  padding: 5px 0;
  cursor: pointer;
}

input {
  flex: none;
  width: 22px;
  height: 22px;
}

.why {
  display: block;
  font-size: 0.8125rem;
}

@media print {
  .groups {
    columns: 3;
    font-size: 7.5pt;
  }

  label {
    gap: 4pt;
    padding: 0.5pt 0;
  }

  input {
    width: 9pt;
    height: 9pt;
  }

  .why {
    display: none;
  }

  h2,
  h3 {
    margin: 0;
    font-size: 9pt !important;
  }
}
</style>
