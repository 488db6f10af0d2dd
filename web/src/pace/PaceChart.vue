<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import FootAxis from '../shared/chart/FootAxis.vue'
import { clockOf } from '../shared/format'
import { t } from '../words/words'

/** A run played through as lines over minutes: tools, people, then hives in walking order. */
const props = defineProps<{ pace: Shapes['Pace'] }>()

const WIDTH = 900
const LEFT = 92
const LANE = 20
const HIVE = 15
const HEAD = 24

const scale = computed(() => (WIDTH - LEFT - 10) / Math.max(1, props.pace.finish))
const x = (second: number) => LEFT + second * scale.value
const width = (from: number, to: number) => Math.max(0.8, (to - from) * scale.value)

const WORDS: Record<Shapes['Stretch']['doing'], string> = {
  PREHEAT: t('pace.paceChart.heatingUp'),
  MAKE_READY: t('pace.paceChart.makingReady'),
  FILL: t('pace.paceChart.fillingCaps'),
  START: t('pace.paceChart.walkShut'),
  BURN: t('pace.paceChart.burn'),
  DISCONNECT: t('pace.paceChart.disconnect'),
  COOL: t('pace.paceChart.coolingHive'),
  TAKE_OUT: t('pace.paceChart.outPlug'),
  OPEN: t('pace.paceChart.opening'),
}
const lanes = computed(() => [
  ...props.pace.tools.map((tool) => ({
    name: tool.name,
    busy: tool.busy,
    stretches: tool.stretches,
  })),
  ...props.pace.people.map((person, i) => ({
    name: person.burns
      ? t('pace.paceChart.burns', { i: i + 1 })
      : t('pace.paceChart.helps', { i: i + 1 }),
    busy: person.busy,
    stretches: person.stretches,
  })),
])
const top = computed(() => HEAD + lanes.value.length * LANE + 12)
const height = computed(() => top.value + props.pace.hives.length * HIVE + 26)
const step = computed(() => {
  const minutes = props.pace.finish / 60
  return minutes > 240 ? 60 : minutes > 90 ? 20 : minutes > 40 ? 10 : 5
})
const ticks = computed(() =>
  Array.from({ length: Math.floor(props.pace.finish / 60 / step.value) + 1 }, (_, i) => ({
    x: x(60 * i * step.value),
    words: i * step.value,
  })),
)
const told = computed(() =>
  t('pace.paceChart.runHivesOverMost', {
    hives: props.pace.hives.length,
    finish: clockOf(1000 * props.pace.finish),
    mostShut: props.pace.mostShut,
  }),
)
</script>

<template>
  <figure>
    <svg :viewBox="`0 0 ${WIDTH} ${height}`" role="img" :aria-label="told">
      <FootAxis
        :marks="ticks"
        :y="12"
        :lines="[HEAD - 4, height - 20]"
        :what="{
          words: t('pace.paceChart.minutesFromArrival'),
          x: (WIDTH + LEFT) / 2,
          y: height - 4,
        }"
      />
      <g v-for="(lane, i) in lanes" :key="'lane' + i">
        <text class="name" :x="LEFT - 6" :y="HEAD + i * LANE + 13">{{ lane.name }}</text>
        <rect
          v-for="(stretch, k) in lane.stretches"
          :key="k"
          :class="stretch.doing"
          :x="x(stretch.from)"
          :y="HEAD + i * LANE + 2"
          :width="width(stretch.from, stretch.to)"
          :height="LANE - 5"
        >
          <title>{{ WORDS[stretch.doing] }}</title>
        </rect>
      </g>
      <g v-for="(hive, i) in pace.hives" :key="hive.hiveId">
        <text class="name" :x="LEFT - 6" :y="top + i * HIVE + 11">{{ hive.name }}</text>
        <rect
          class="BURN"
          :x="x(hive.shut)"
          :y="top + i * HIVE + 2"
          :width="width(hive.shut, hive.out)"
          :height="HIVE - 4"
        />
        <rect
          class="sealed"
          :x="x(hive.out)"
          :y="top + i * HIVE + 2"
          :width="width(hive.out, hive.due)"
          :height="HIVE - 4"
        />
        <rect
          class="over"
          :x="x(hive.due)"
          :y="top + i * HIVE + 2"
          :width="width(hive.due, hive.opened)"
          :height="HIVE - 4"
        />
      </g>
    </svg>
    <figcaption>
      <i18n-t keypath="pace.paceChart.toolSealedOverIts" scope="global"
        ><template #span><span class="key BURN"></span></template
        ><template #span2><span class="key sealed"></span></template
        ><template #span3><span class="key over"></span></template
        ><template #span4><span class="key MAKE_READY"></span></template
        ><template #span5><span class="key OPEN"></span></template
        ><template #span6><span class="key COOL"></span></template
      ></i18n-t>
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

svg {
  width: 100%;
}

text {
  font-size: 11px;
  fill: var(--ink);
}

.name {
  text-anchor: end;
}

.BURN,
.START,
.TAKE_OUT,
.DISCONNECT {
  fill: var(--burning);
}

.sealed {
  fill: var(--sealed);
}

.over {
  fill: var(--due);
}

.OPEN {
  fill: var(--open);
}

.MAKE_READY,
.FILL {
  fill: var(--ink-soft);
}

.COOL,
.PREHEAT {
  fill: var(--rule-strong);
}

figcaption {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 8px;
  font-size: 0.8125rem;
}

.key {
  width: 14px;
  height: 10px;
  margin-left: 10px;
}

.key.BURN {
  background: var(--burning);
}

.key.sealed {
  background: var(--sealed);
}

.key.over {
  background: var(--due);
}

.key.MAKE_READY {
  background: var(--ink-soft);
}

.key.OPEN {
  background: var(--open);
}

.key.COOL {
  background: var(--rule-strong);
}
</style>
