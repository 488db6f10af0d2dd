<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { counted } from './format'
import { ENTRANCES, FLOORS, PORTS } from './standing'
import { t } from '../words/words'

/** A hive as it stands, seen from the front: boxes to scale, floor, entrance and port marked. */
const props = defineProps<{
  boxes: Shapes['Hive']['boxes']
  supers: number
  floor: Shapes['Hive']['floor']
  fittings?: Shapes['Fittings']
  scale?: number
}>()

const FRAME = 4.2
const DEEP = 24
const MEDIUM = 16.5
const SUPER = 15
const FLOOR = 5
const ROOF = 4
const LEGS = 7

const stroke = computed(() => ((props.scale ?? 1) < 1 ? 1 : 1.4))
const width = computed(() => Math.max(...props.boxes.map((box) => box.frames)) * FRAME)
const stack = computed(() => {
  let top = 0
  const parts: { y: number; width: number; height: number; honey: boolean }[] = []
  for (const box of props.boxes) {
    const height = box.kind === 'MEDIUM' ? MEDIUM : DEEP
    top -= height
    parts.push({ y: top, width: box.frames * FRAME, height, honey: false })
  }
  for (let i = 0; i < props.supers; i++) {
    top -= SUPER
    parts.push({ y: top, width: width.value, height: SUPER, honey: true })
  }
  return parts
})
const top = computed(() => (stack.value.at(-1)?.y ?? 0) - ROOF)
const box = computed(() => ({
  x: -width.value / 2 - 3,
  y: top.value - 1,
  width: width.value + 6,
  height: FLOOR + LEGS - top.value + 2,
}))
const entrance = computed(() => {
  switch (props.fittings?.entrance) {
    case 'REDUCED':
      return { width: width.value / 6, height: 3 }
    case 'LOW':
      return { width: width.value * 0.86, height: 1.3 }
    default:
      return { width: width.value * 0.86, height: 3 }
  }
})
const port = computed(() => {
  const lowest = stack.value[0]?.height ?? DEEP
  switch (props.fittings?.port) {
    case 'BACK':
      return -5
    case 'RACK':
      return 1.5
    case 'UPPER_BOX':
      return (stack.value.filter((part) => !part.honey).at(-1)?.y ?? -lowest) + 8
    default:
      return null
  }
})
const words = computed(() => {
  const supers = props.supers ? `, ${counted(props.supers, 'super')}` : ''
  const more = props.fittings
    ? t('shared.hiveFigure.entrancePort', {
        entrance: ENTRANCES[props.fittings.entrance],
        port: PORTS[props.fittings.port],
      })
    : ''
  return t('shared.hiveFigure.floor', {
    broods: counted(props.boxes.length, 'broodBox'),
    supers,
    floor: FLOORS[props.floor],
    more,
  })
})
</script>

<template>
  <svg
    class="hive"
    role="img"
    :aria-label="words"
    :viewBox="`${box.x} ${box.y} ${box.width} ${box.height}`"
    :width="box.width * (scale ?? 1)"
    :height="box.height * (scale ?? 1)"
  >
    <rect class="roof" :x="-width / 2 - 2" :y="top" :width="width + 4" :height="ROOF" />
    <rect
      v-if="fittings?.innerCover === 'HOLE_OPEN'"
      class="hole"
      x="-4"
      :y="top + 0.8"
      width="8"
      height="2.4"
    />
    <rect
      v-for="(part, i) in stack"
      :key="i"
      :class="[part.honey ? 'super' : 'brood', fittings?.material]"
      :x="-part.width / 2"
      :y="part.y"
      :width="part.width"
      :height="part.height"
    />
    <path
      v-if="fittings && fittings.cracks !== 'NONE'"
      class="crack"
      :d="
        `M${width / 2 - 5} -19l-3 5 4 3-3 5` +
        (fittings.cracks === 'MANY' ? `M${-width / 2 + 4} -20l3 5-3 3 3 5` : '')
      "
    />
    <circle v-if="fittings?.entrance === 'ROUND_HOLE'" class="entrance" cx="0" cy="-5" r="2.8" />
    <rect
      v-else
      class="entrance"
      :x="-entrance.width / 2"
      :y="-entrance.height - 0.5"
      :width="entrance.width"
      :height="entrance.height"
    />
    <rect
      class="floor"
      :class="floor"
      :x="-width / 2 - 1"
      y="0"
      :width="width + 2"
      :height="FLOOR"
    />
    <path v-if="floor !== 'SOLID'" class="mesh" :d="`M${-width / 2} 2.5H${width / 2}`" />
    <path
      v-if="floor === 'MESH_TIGHT_TRAY' || floor === 'MESH_LOOSE_TRAY'"
      class="tray"
      :d="`M${-width / 2} ${floor === 'MESH_TIGHT_TRAY' ? 5 : 9}H${width / 2}`"
    />
    <circle v-if="port !== null" class="port" :cx="width / 2 - 5" :cy="port" r="2.2" />
    <path
      class="legs"
      :d="`M${-width / 2 + 3} ${FLOOR}v${LEGS}M${width / 2 - 3} ${FLOOR}v${LEGS}`"
    />
  </svg>
</template>

<style scoped>
.hive rect,
.hive path,
.hive circle {
  vector-effect: non-scaling-stroke;
  stroke: var(--ink);
  stroke-width: v-bind(stroke);
}

.roof,
.hive .entrance {
  fill: var(--ink);
}

.hive .hole {
  fill: var(--paper);
}

.brood {
  fill: var(--sky);
}

.brood.PLASTIC {
  fill: var(--wash);
  stroke-width: 2.4;
}

.brood.FOAM {
  fill: var(--wash);
  stroke-dasharray: 1.5 1.5;
}

.super {
  fill: var(--sheet);
  stroke-dasharray: 3 2;
}

.floor.SOLID {
  fill: var(--ink-soft);
}

.floor {
  fill: none;
}

.hive .crack {
  fill: none;
  stroke: var(--off-label);
}

.hive .port {
  fill: var(--paper);
}

.hive .mesh {
  stroke-dasharray: 2 2;
}

.hive .tray {
  stroke-width: 2.4;
}
</style>
