<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { counted } from '../shared/format'
import YardHive from './YardHive.vue'
import type { Hive } from './useYard'
import { t } from '../words/words'

/**
 * The apiary's rows as they stand, in walking order. A press chooses a hive; with Ctrl, Shift or "many" it adds to those chosen.
 * A hive dragged, or moved by Alt and the arrow keys, changes the walk.
 */
const props = defineProps<{
  rows: readonly { number: number; of: readonly Hive[] }[]
  /** Share kept by hive, where it is known. */
  kept: ReadonlyMap<string, { kept: number; leaky: boolean }>
  many: boolean
  mayMove: boolean
}>()
const emit = defineEmits<{ move: [hiveId: string, target: string, after: boolean] }>()
const chosen = defineModel<ReadonlySet<string>>({ required: true })

const order = computed(() => props.rows.flatMap((row) => row.of.map((hive) => hive.id)))
const dragged = ref<string>()
const over = ref<string>()
let anchor: string | undefined
/** A hive on its way by keyboard: it keeps the focus where it arrives. */
let walking: string | undefined

watch(
  order,
  () => {
    if (walking) document.querySelector<HTMLElement>(`[data-id="${walking}"]`)?.focus()
    walking = undefined
  },
  { flush: 'post' },
)

/** Neighbours that share a stand are drawn on it together. */
function stands(of: readonly Hive[]): { key: string; name?: string; hives: Hive[] }[] {
  const found: { key: string; name?: string; hives: Hive[] }[] = []
  for (const hive of of) {
    const last = found.at(-1)
    const stand = hive.fittings.stand
    if (stand && last?.name === stand) last.hives.push(hive)
    else found.push({ key: hive.id, name: stand, hives: [hive] })
  }
  return found
}

function choose(id: string, event: MouseEvent): void {
  if (event.shiftKey && anchor) {
    const ends = [order.value.indexOf(anchor), order.value.indexOf(id)].sort((a, b) => a - b)
    chosen.value = new Set(order.value.slice(ends[0], (ends[1] ?? 0) + 1))
    return
  }
  anchor = id
  if (props.many || event.ctrlKey || event.metaKey) {
    const next = new Set(chosen.value)
    if (!next.delete(id)) next.add(id)
    chosen.value = next
  } else {
    chosen.value = chosen.value.size === 1 && chosen.value.has(id) ? new Set() : new Set([id])
  }
}

function chooseRow(of: readonly Hive[]): void {
  const all = of.every((hive) => chosen.value.has(hive.id))
  const next = new Set(chosen.value)
  for (const hive of of) {
    if (all) next.delete(hive.id)
    else next.add(hive.id)
  }
  chosen.value = next
}

function step(id: string, by: -1 | 1): void {
  const neighbour = order.value[order.value.indexOf(id) + by]
  if (!props.mayMove || !neighbour) return
  walking = id
  emit('move', id, neighbour, by > 0)
}

/** The hive that an event is about: one listener a row serves all, so that a choice draws only what it changes. */
function hiveOf(event: Event): { id: string; element: HTMLElement } | undefined {
  const element = (event.target as HTMLElement).closest<HTMLElement>('[data-id]')
  return element ? { id: element.dataset.id ?? '', element } : undefined
}

function press(event: MouseEvent): void {
  const hive = hiveOf(event)
  if (hive) choose(hive.id, event)
}

function stepTo(event: KeyboardEvent, by: -1 | 1): void {
  const hive = hiveOf(event)
  if (hive) step(hive.id, by)
}

function drop(event: DragEvent): void {
  const target = hiveOf(event)
  if (dragged.value && target) {
    const box = target.element.getBoundingClientRect()
    emit('move', dragged.value, target.id, event.clientX > box.x + box.width / 2)
  }
  dragged.value = over.value = undefined
}
</script>

<template>
  <section
    v-for="row in rows"
    :key="row.number"
    class="row"
    :aria-label="t('apiary.yardRows.row', { number: row.number })"
  >
    <button type="button" class="all" @click="chooseRow(row.of)">
      <i18n-t keypath="apiary.yardRows.row2" scope="global"
        ><template #number>{{ row.number }}</template
        ><template #span
          ><span class="soft">{{
            t('apiary.yardRows.chooseAll', { hives: counted(row.of.length, 'hive') })
          }}</span></template
        ></i18n-t
      >
    </button>
    <!-- One place hears what happens to the hives in it: each is a button of its own. -->
    <!-- eslint-disable-next-line vuejs-accessibility/no-static-element-interactions -->
    <ol
      @click="press"
      @keydown.alt.left.prevent="stepTo($event, -1)"
      @keydown.alt.right.prevent="stepTo($event, 1)"
      @dragstart="dragged = hiveOf($event)?.id"
      @dragend="dragged = over = undefined"
      @dragover.prevent="over = hiveOf($event)?.id"
      @drop.prevent="drop"
    >
      <li
        v-for="stand in stands(row.of)"
        :key="stand.key"
        :class="{ shared: stand.hives.length > 1, divided: stand.hives[0]?.fittings.divided }"
      >
        <YardHive
          v-for="hive in stand.hives"
          :key="hive.id"
          :hive="hive"
          :kept="kept.get(hive.id)?.kept"
          :leaky="kept.get(hive.id)?.leaky"
          :chosen="chosen.has(hive.id)"
          :over="over === hive.id"
          :draggable="mayMove"
        />
        <span v-if="stand.hives.length > 1" class="stand">
          {{ stand.hives[0]?.fittings.divided ? t('apiary.yardRows.dividedBox') + ' ' : ''
          }}{{ stand.name }}
        </span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.row {
  margin-bottom: 14px;
}

.all {
  min-height: 36px;
  font-weight: 650;
}

.all:hover {
  text-decoration: underline;
}

ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 12px 1px;
  align-items: end;
}

li {
  position: relative;
  display: flex;
  align-items: end;
  border-bottom: 2px solid var(--rule-strong);
}

.shared {
  border-bottom-width: 5px;
  padding-bottom: 20px;
}

.divided {
  border-bottom-color: var(--ink);
}

.divided :deep(.hive + .hive) {
  border-left: 3px double var(--ink);
}

.stand {
  position: absolute;
  inset: auto 0 2px;
  font-size: 0.75rem;
  text-align: center;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
