<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Shapes } from '../api/client'
import { gradesOf, isAllGood } from './gradeWords'
import { counted, timeIn } from './format'
import { degrees, windSpeed } from './units/quantity'
import { warmthWords } from './hourWords'
import { sideWords } from './windSide'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** One day of the apiary in hand: its light, its warmth, its workable hours, and now. */
const props = defineProps<{
  dayline: Shapes['Dayline']
  now: number
  openings: readonly { name: string; at: number }[]
  mayRead: boolean
}>()
defineEmits<{ read: [] }>()

const gradient = useId()
const WIDTH = 1000
const HEIGHT = 60

const day = computed(() => props.dayline.day)
const zone = computed(() => props.dayline.apiary.zone)
const begins = computed(() => Date.parse(day.value?.begins ?? ''))
const ends = computed(() => Date.parse(day.value?.ends ?? ''))

function share(at: string | number): number {
  const time = typeof at === 'number' ? at : Date.parse(at)
  return Math.min(1, Math.max(0, (time - begins.value) / (ends.value - begins.value)))
}

/** Night, dawn, day, dusk, night: stops where the sun of this day puts them. */
const light = computed(() => {
  const sun = day.value?.sun
  if (!sun?.sunrise || !sun.sunset || !sun.firstLight || !sun.lastLight) {
    return [{ at: 0, colour: 'var(--light-day)' }]
  }
  const minutes = (count: number) => (count * 60_000) / (ends.value - begins.value)
  return [
    { at: share(sun.firstLight) - minutes(25), colour: 'var(--light-night)' },
    { at: share(sun.firstLight) + minutes(8), colour: 'var(--light-dusk)' },
    { at: share(sun.sunrise), colour: 'var(--light-dawn)' },
    { at: share(sun.sunrise) + minutes(75), colour: 'var(--light-day)' },
    { at: share(sun.sunset) - minutes(75), colour: 'var(--light-day)' },
    { at: share(sun.sunset), colour: 'var(--light-dawn)' },
    { at: share(sun.lastLight) - minutes(8), colour: 'var(--light-dusk)' },
    { at: share(sun.lastLight) + minutes(25), colour: 'var(--light-night)' },
  ]
})

const warmth = computed(() => {
  const hours = day.value?.hours ?? []
  const values = hours.flatMap((hour) => (hour.weather ? [hour.weather.celsius] : []))
  const low = Math.min(...values)
  const span = Math.max(4, Math.max(...values) - low)
  const stretches: string[][] = [[]]
  hours.forEach((hour, i) => {
    if (!hour.weather) stretches.push([])
    else {
      const x = ((i + 0.5) / hours.length) * WIDTH
      const y = HEIGHT - 12 - ((hour.weather.celsius - low) / span) * (HEIGHT - 26)
      stretches.at(-1)?.push(`${x},${y}`)
    }
  })
  return stretches.filter((each) => each.length > 0).map((each) => each.join(' '))
})

const windows = computed(() =>
  (day.value?.windows ?? []).map((window) => ({
    ...window,
    left: share(window.from) * 100,
    width: (share(window.to) - share(window.from)) * 100,
    words:
      `${timeIn(zone.value, window.from)}–${timeIn(zone.value, window.to)} · ${gradesOf(window)}` +
      (window.fits === undefined
        ? ''
        : ' ' + t('shared.dayline.fits', { hives: counted(window.fits, 'hive') })),
  })),
)
const hoursMarked = computed(() =>
  [3, 6, 9, 12, 15, 18, 21].map((hour) => ({ hour, left: (hour / 24) * 100 })),
)
const current = computed(() =>
  windows.value.find(
    (window) => Date.parse(window.from) <= props.now && props.now < Date.parse(window.to),
  ),
)
const next = computed(() => windows.value.find((window) => Date.parse(window.from) > props.now))
const said = computed(() => {
  // What is left of these hours may be too short for a single hive: then the next ones are named.
  if (current.value && current.value.fits !== 0)
    return t('shared.dayline.now', { words: current.value.words })
  if (next.value) return t('shared.dayline.next', { words: next.value.words })
  if (current.value) return t('shared.dayline.whatLeftGoodOr')
  if (!day.value) return ''
  return isUnknown.value
    ? t('shared.dayline.hoursUnknownNoSource')
    : t('shared.dayline.noMoreGoodOr')
})
const isUnknown = computed(
  () =>
    day.value?.hours.some(
      (hour) => hour.grade === 'UNKNOWN' && Date.parse(hour.hour) + 3_600_000 > props.now,
    ) ?? false,
)
const nowWords = computed(() => timeIn(zone.value, props.now))
</script>

<template>
  <section class="dayline" :aria-label="t('shared.dayline.dayline')">
    <div v-if="day" class="ribbon">
      <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" preserveAspectRatio="none" aria-hidden="true">
        <defs>
          <linearGradient :id="gradient">
            <stop v-for="(stop, i) in light" :key="i" :offset="stop.at" :stop-color="stop.colour" />
          </linearGradient>
        </defs>
        <rect :width="WIDTH" :height="HEIGHT" :fill="`url(#${gradient})`" />
        <template v-for="line in warmth" :key="line">
          <polyline class="warmth-case" :points="line" />
          <polyline class="warmth" :points="line" />
        </template>
      </svg>
      <span
        v-for="mark in hoursMarked"
        :key="mark.hour"
        class="hour figure"
        :style="{ left: mark.left + '%' }"
        >{{ mark.hour }}</span
      >
      <span
        v-for="window in windows"
        :key="window.from"
        class="window"
        :class="{ FAIR: !isAllGood(window) }"
        :style="{ left: window.left + '%', width: window.width + '%' }"
        ><span v-if="window.width > 7" class="window-words">{{ gradesOf(window) }}</span></span
      >
      <span
        v-for="opening in openings"
        :key="opening.name"
        class="opening"
        :style="{ left: share(opening.at) * 100 + '%' }"
      />
      <span class="now" :style="{ left: share(now) * 100 + '%' }" />
    </div>
    <p class="caption">
      <strong>{{ dayline.apiary.name }}</strong>
      <span class="now-words">{{ nowWords }}</span>
      <template v-if="day">
        <template v-if="dayline.there">
          <span>{{ degrees(dayline.there.weather.celsius) }}</span>
          <span class="wide">{{
            t('shared.dayline.wind', { windMs: windSpeed(dayline.there.weather.windMs) })
          }}</span>
          <span v-if="dayline.there.windSide"
            >{{ dayline.there.madeUp ? t('shared.dayline.from') : t('shared.dayline.stand') }}
            {{ sideWords(dayline.there.windSide) }}</span
          >
        </template>
        <span>{{ said }}</span>
        <router-link v-if="isUnknown" :to="`/apiaries/${dayline.apiary.id}/hours`">{{
          t('shared.dayline.sayWhatYouExpect')
        }}</router-link>
        <span class="soft wide">{{ warmthWords(day.warmth) }}</span>
        <span
          v-if="dayline.there"
          :class="dayline.there.madeUp ? 'madeUp' : 'soft'"
          class="source"
          >{{ inWords(dayline.there.says) }}</span
        >
      </template>
      <span v-else class="soft">{{ t('shared.dayline.noLightHoursYet') }}</span>
      <button
        v-if="mayRead"
        type="button"
        class="read"
        :aria-label="t('shared.dayline.readThermometer')"
        @click="$emit('read')"
      >
        {{ t('shared.dayline.thermometer') }}
      </button>
    </p>
  </section>
</template>

<style scoped>
.dayline {
  --light-night: #1d2b3d;
  --light-dusk: #7a5b77;
  --light-dawn: #d98f7e;
  --light-day: #dbe6ea;
  border-bottom: 1px solid var(--rule);
  background: var(--paper);
}

.ribbon {
  position: relative;
  height: 54px;
  overflow: hidden;
}

svg {
  display: block;
  width: 100%;
  height: 100%;
}

.warmth,
.warmth-case {
  fill: none;
  vector-effect: non-scaling-stroke;
  stroke: #1b2630;
  stroke-width: 1.6;
}

.warmth-case {
  stroke: rgb(251 250 247 / 80%);
  stroke-width: 4.5;
}

.hour {
  position: absolute;
  bottom: 1px;
  transform: translateX(-50%);
  padding: 0 3px;
  background: rgb(251 250 247 / 82%);
  color: #1b2630;
  font-size: 0.6875rem;
  line-height: 1.25;
}

.window {
  position: absolute;
  top: 5px;
  height: 30px;
  border: 3px solid #fbfaf7;
  border-top: 0;
  border-bottom: 0;
  filter: drop-shadow(0 0 1px #1b2630) drop-shadow(0 0 0.5px #1b2630);
}

.window::before,
.window::after {
  content: '';
  position: absolute;
  inset-inline: 0;
  height: 3px;
  background:
    linear-gradient(#fbfaf7 0 0) left / 8px 100% no-repeat,
    linear-gradient(#fbfaf7 0 0) right / 8px 100% no-repeat;
}

.window::before {
  top: 0;
}

.window::after {
  bottom: 0;
}

.window.FAIR {
  border-left-style: dashed;
  border-right-style: dashed;
}

.window-words {
  position: absolute;
  top: 4px;
  left: 5px;
  padding: 0 4px;
  background: rgb(251 250 247 / 88%);
  color: #1b2630;
  font-size: 0.75rem;
  font-weight: 650;
  line-height: 1.35;
}

.opening {
  position: absolute;
  top: 0;
  width: 3px;
  height: 14px;
  margin-left: -1.5px;
  background: #75125f;
  box-shadow: 0 0 0 1px #fbfaf7;
}

.now {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 3px;
  margin-left: -1.5px;
  background: #1b2630;
  box-shadow: 0 0 0 1.5px #fbfaf7;
}

.caption {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 1.1rem;
  margin: 0;
  padding: 4px 16px 5px;
  font-size: 0.875rem;
  line-height: 1.45;
  font-variant-numeric: tabular-nums;
}

.now-words {
  font-weight: 650;
}

.source {
  margin-left: auto;
}

.read {
  min-height: 24px;
  text-decoration: underline;
  text-underline-offset: 0.18em;
}

.madeUp {
  color: var(--caution);
  font-weight: 650;
}

@media (width <= 700px) {
  .ribbon {
    height: 44px;
  }

  .window {
    height: 24px;
  }

  .wide {
    display: none;
  }

  .caption {
    gap: 0 0.8rem;
    padding: 3px 12px 4px;
    font-size: 0.8125rem;
  }

  .source {
    margin-left: 0;
  }
}
</style>
