<script setup lang="ts">
import { computed, onMounted } from 'vue'
import type { Shapes } from '../api/client'
import KitTicks from '../shared/kit/KitTicks.vue'
import { useKit } from '../shared/kit/useKit'
import { counted } from '../shared/format'
import { useSession } from '../shared/session'
import LineUpForm from './LineUpForm.vue'
import OutboxNotice from './OutboxNotice.vue'
import { usePresses } from './presses'
import { isUntouched, type ShownHive } from './overlay'
import { useRun } from './useRun'
import PageState from '../shared/layout/PageState.vue'
import { tasksOf } from '../shared/readyWords'
import { READY } from './safetyWords'
import { t } from '../words/words'

/** Before the burn: who and what works, and every hive made ready ahead; a helper can work through it. */
const props = defineProps<{ id: string }>()

type Point = Shapes['AskedReadiness']['point']

const run = useRun(props.id)
const presses = usePresses()
const session = useSession()
const kit = useKit(props.id)
onMounted(() => void kit.load())

const whole = run.whole
const name = (hiveId?: string) => (hiveId ? (run.sheet.value.get(hiveId)?.hiveName ?? '') : '')

/** What the sheet says is to be done at a hive, in one line. */
function tasksAt(hiveId: string): string {
  const sheet = run.sheet.value.get(hiveId)
  return sheet ? tasksOf(sheet).join('; ') : ''
}
const wanted = computed(
  () => new Map((whole.value?.toReady ?? []).map((each) => [each.hiveId, each.points] as const)),
)
const lines = computed(() =>
  run.hives.value.map((hive) => {
    const points = wanted.value.get(hive.hiveId) ?? []
    const left = points.filter((point) => !hive.ready[point])
    return { hive, points, left, begun: !isUntouched(hive) }
  }),
)

/** A second press takes the tick back. */
function tick(hive: ShownHive, point: Point): void {
  const ticks = hive.ready[point]
  if (ticks) run.unready(hive.hiveId, ticks)
  else run.ready(hive.hiveId, [point])
}

const open = computed(
  () => lines.value.filter((line) => line.left.length > 0 && !line.begun).length,
)
</script>

<template>
  <PageState
    :there="whole !== null"
    :problem="whole ? '' : run.problem.value"
    :what="t('run.readyPage.round')"
    @again="run.load()"
  />
  <template v-if="whole">
    <div class="head">
      <h1>{{ t('run.readyPage.makeReady', { name: whole.apiary.name }) }}</h1>
      <v-btn variant="flat" color="primary" :to="`/run/${id}`">{{ t('run.readyPage.run') }}</v-btn>
    </div>
    <OutboxNotice :returned="run.returned.value" :name="name" @read="presses.readReturned(id)" />
    <LineUpForm :round-id="id" :zone="whole.apiary.zone" :may-work="session.mayWork" />
    <h2>{{ t('run.readyPage.hiveByHive') }}</h2>
    <p class="soft">
      {{
        t('run.readyPage.nothingBlockedHereEntrance', {
          hives:
            open === 0
              ? t('run.readyPage.everyHiveReady')
              : t('run.readyPage.stillMakeReady', { hives: counted(open, 'hive') }),
        })
      }}
    </p>
    <ol class="hives" :aria-label="t('run.readyPage.hivesMakeReadyWalking')">
      <li
        v-for="line in lines"
        :key="line.hive.hiveId"
        class="sheet hive"
        :data-hive="name(line.hive.hiveId)"
      >
        <div class="who">
          <strong>{{ name(line.hive.hiveId) }}</strong>
          <span v-if="line.begun" class="soft">{{ t('run.readyPage.underWay') }}</span>
          <span v-else-if="line.left.length === 0">{{ t('run.readyPage.ready') }}</span>
          <button
            v-else-if="session.mayWork"
            type="button"
            class="all"
            @click="run.ready(line.hive.hiveId, line.left)"
          >
            {{ t('run.readyPage.allDoneHere') }}
          </button>
        </div>
        <ul>
          <li v-for="point in line.points" :key="point">
            <button
              type="button"
              role="checkbox"
              :aria-checked="Boolean(line.hive.ready[point])"
              :disabled="!session.mayWork"
              @click="tick(line.hive, point)"
            >
              <span class="box" aria-hidden="true">{{ line.hive.ready[point] ? '✓' : '' }}</span>
              <span>{{ READY[point] }}</span>
            </button>
          </li>
        </ul>
        <p v-if="tasksAt(line.hive.hiveId)" class="tasks">
          {{ t('run.readyPage.itsSheet', { split: tasksAt(line.hive.hiveId) }) }}
        </p>
      </li>
    </ol>
    <KitTicks
      :kit="kit.lines.value"
      :waiting="kit.waiting.value"
      :problem="kit.problem.value"
      :may-tick="session.mayWork"
      @tick="kit.tick"
    />
  </template>
</template>

<style scoped>
.head,
.who {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 4px 12px;
}

.hives {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(330px, 1fr));
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.hive {
  padding: 8px 12px;
}

.who strong {
  font-size: 1.25rem;
}

.hive ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

.hive ul button {
  display: grid;
  grid-template-columns: 32px 1fr;
  gap: 10px;
  align-items: center;
  width: 100%;
  min-height: 56px;
  text-align: left;
  line-height: 1.25;
  border-top: 1px solid var(--rule);
}

.box {
  display: grid;
  place-items: center;
  width: 30px;
  height: 30px;
  border: 2px solid var(--rule-strong);
  font-weight: 700;
}

.all {
  min-height: 56px;
  padding: 0 14px;
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
}

.tasks {
  margin: 6px 0 0;
  font-size: 0.875rem;
}
</style>
