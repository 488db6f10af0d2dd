<script setup lang="ts">
import HiveLink from '../shared/HiveLink.vue'
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { timeIn } from '../shared/format'
import { reasonOf } from '../words/facts'
import { t } from '../words/words'

/** Every hive on two lines of one clock: as reckoned above, as it was below. */
const props = defineProps<{
  review: Shapes['RunReview']
  name: (hiveId?: string) => string
  zone: string
}>()

const from = computed(() => Date.parse(props.review.from))
const ends = computed(() => {
  const planned = Math.max(0, ...props.review.hives.map((hive) => hive.planned?.opened ?? 0))
  const done = (Date.parse(props.review.to) - from.value) / 1000
  return Math.max(60, planned, done)
})
const percent = (seconds: number) => `${(100 * seconds) / ends.value}%`
const since = (at?: string) => (at ? (Date.parse(at) - from.value) / 1000 : undefined)

interface Bar {
  kind: 'burn' | 'seal'
  left: string
  width: string
}

function bars(shut?: number, out?: number, opened?: number): Bar[] {
  if (shut === undefined) return []
  const end = opened ?? ends.value
  const mid = out ?? end
  return [
    { kind: 'burn', left: percent(shut), width: percent(Math.max(mid - shut, ends.value / 300)) },
    { kind: 'seal', left: percent(mid), width: percent(Math.max(0, end - mid)) },
  ]
}

const lines = computed(() =>
  props.review.hives.map((hive) => ({
    hive,
    planned: bars(hive.planned?.shut, hive.planned?.out, hive.planned?.opened),
    done: bars(since(hive.shut), since(hive.out), since(hive.opened)),
    says: says(hive),
  })),
)

function says(hive: Shapes['HiveDone']): string {
  if (hive.stage === 'SKIPPED')
    return t('run.reviewLines.leftOut', { reason: reasonOf(hive.reason) })
  if (hive.overSeconds === undefined) return ''
  const over = Math.round(hive.overSeconds / 60)
  if (hive.overSeconds < 0) return t('run.reviewLines.openedEarly')
  return over === 0 ? t('run.reviewLines.onTime') : t('run.reviewLines.minOver', { over })
}

const STEPS = [5, 10, 15, 30, 60, 120, 240]
const ticks = computed(() => {
  const step = 60 * (STEPS.find((each) => ends.value / (60 * each) <= 8) ?? 480)
  const first = Math.ceil(from.value / 1000 / step) * step - from.value / 1000
  const found: { left: string; says: string }[] = []
  for (let at = first; at <= ends.value; at += step) {
    found.push({ left: percent(at), says: timeIn(props.zone, from.value + at * 1000) })
  }
  return found
})
</script>

<template>
  <figure class="sheet lines">
    <figcaption>
      <i18n-t keypath="run.reviewLines.reckonedShutBurningSealed" scope="global"
        ><template #span><span class="key reckoned"></span></template
        ><template #span2><span class="key burn"></span></template
        ><template #span3><span class="key seal"></span></template
      ></i18n-t>
    </figcaption>
    <div class="axis" aria-hidden="true">
      <span v-for="tick in ticks" :key="tick.left" class="figure" :style="{ left: tick.left }">{{
        tick.says
      }}</span>
    </div>
    <ol>
      <li v-for="line in lines" :key="line.hive.hiveId">
        <HiveLink :id="line.hive.hiveId" :name="name(line.hive.hiveId)" />
        <div class="track">
          <i
            v-for="(bar, i) in line.planned"
            :key="`p${i}`"
            class="bar reckoned"
            :style="{ left: bar.left, width: bar.width }"
          ></i>
          <i
            v-for="(bar, i) in line.done"
            :key="`d${i}`"
            class="bar done"
            :class="bar.kind"
            :style="{ left: bar.left, width: bar.width }"
          ></i>
        </div>
        <span class="says">{{ line.says }}</span>
      </li>
    </ol>
  </figure>
</template>

<style scoped>
.lines {
  margin: 0;
  padding: 10px 14px;
}

.axis {
  position: relative;
  height: 22px;
  margin: 4px 140px 0 110px;
  border-bottom: 1px solid var(--rule-strong);
}

.axis span {
  position: absolute;
  transform: translateX(-50%);
  font-size: 0.875rem;
}

ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 110px 1fr 140px;
  align-items: center;
  min-height: 24px;
  border-bottom: 1px solid var(--rule);
}

li strong {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.says {
  padding-left: 10px;
  font-size: 0.875rem;
}

.track {
  position: relative;
  height: 20px;
  overflow: hidden;
}

.bar {
  position: absolute;
  display: block;
}

.bar.reckoned {
  top: 2px;
  height: 5px;
}

.bar.done {
  top: 8px;
  height: 10px;
}

.key {
  display: inline-block;
  width: 22px;
  height: 10px;
  margin-left: 10px;
}

.reckoned {
  background: var(--rule-strong);
  border-right: 1px solid var(--sheet);
}

.burn {
  background: var(--burning);
}

.seal {
  background: var(--sealed);
  opacity: 0.65;
}

@media (width <= 900px) {
  .axis {
    margin: 4px 78px 0 64px;
  }

  li {
    grid-template-columns: 64px 1fr 78px;
  }
}
</style>
