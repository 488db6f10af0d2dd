<script setup lang="ts">
import { computed } from 'vue'

type Floor = 'SOLID' | 'MESH_TIGHT_TRAY' | 'MESH_LOOSE_TRAY' | 'BARE_MESH'

/** A hive as it stands, seen from the front: boxes to scale, floor and entrance marked. */
const props = defineProps<{
  boxes: readonly { kind: 'DEEP' | 'MEDIUM' | 'NUCLEUS'; frames: number }[]
  supers: number
  floor: Floor
  scale?: number
}>()

const FRAME = 4.2
const DEEP = 24
const MEDIUM = 16.5
const SUPER = 15
const FLOOR = 5
const ROOF = 4
const LEGS = 7

const WORDS: Record<Floor, string> = {
  SOLID: 'solid floor',
  MESH_TIGHT_TRAY: 'mesh floor, tray tight',
  MESH_LOOSE_TRAY: 'mesh floor, tray loose',
  BARE_MESH: 'bare mesh floor',
}

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
const words = computed(() => {
  const supers = props.supers ? `, ${props.supers} supers` : ''
  return `${props.boxes.length} brood boxes${supers}, ${WORDS[props.floor]}`
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
      v-for="(part, i) in stack"
      :key="i"
      :class="part.honey ? 'super' : 'brood'"
      :x="-part.width / 2"
      :y="part.y"
      :width="part.width"
      :height="part.height"
    />
    <rect class="entrance" :x="-width / 4" y="-3.5" :width="width / 2" height="3" />
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
    <path
      class="legs"
      :d="`M${-width / 2 + 3} ${FLOOR}v${LEGS}M${width / 2 - 3} ${FLOOR}v${LEGS}`"
    />
  </svg>
</template>

<style scoped>
.hive rect,
.hive path {
  vector-effect: non-scaling-stroke;
  stroke: var(--ink);
  stroke-width: v-bind(stroke);
}

.roof,
.entrance {
  fill: var(--ink);
}

.brood {
  fill: var(--sky);
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

.hive .mesh {
  stroke-dasharray: 2 2;
}

.hive .tray {
  stroke-width: 2.4;
}
</style>
