<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import ChoiceList from '../shared/ChoiceList.vue'
import { newId } from '../shared/ids'
import { useSession } from '../shared/session'
import CostBench from './CostBench.vue'
import FitPlot from './FitPlot.vue'
import PackList from './PackList.vue'
import PowerBench from './PowerBench.vue'
import TestBurns from './TestBurns.vue'
import ToolCare from './ToolCare.vue'
import ToolForm from './ToolForm.vue'
import { END_SIGNS, FAMILIES, POWERS, RELEASES } from './gearWords'
import { useGear } from './useGear'
import type { Shapes } from '../api/client'
import PageState from '../shared/layout/PageState.vue'
import { degrees, weight } from '../shared/units/quantity'
import { t } from '../words/words'
import { fixed } from '../shared/numbers'

/** Gear: tools with their test burns and care, packs, power and price. */
const session = useSession()
const { gear, problem, wrong, load, keepTool, keepPack, keepBurn, strikeBurn, note } = useGear()
const chosenId = ref('')
const editing = ref<'new' | 'this' | null>(null)
/** Which form a refusal belongs to. */
const asked = ref<'tool' | 'pack' | 'burn' | 'note'>('tool')
const freshId = ref(newId())

const chosen = computed(
  () => gear.value?.tools.find(({ tool }) => tool.id === chosenId.value) ?? gear.value?.tools[0],
)
const names = computed(
  () =>
    gear.value?.tools.map(({ tool, wear }) => ({
      key: tool.id,
      name: tool.name,
      note: FAMILIES[tool.family] + (tool.retired ? t('gear.gearPage.noLongerUsed') : ''),
      warning: wear.sealsDue
        ? t('gear.gearPage.sealsDue')
        : wear.due.length
          ? t('gear.gearPage.cleaningDue')
          : undefined,
    })) ?? [],
)
const facts = computed(() => {
  const tool = chosen.value?.tool
  if (!tool) return []
  const say = (words: string, value?: number, unit = '') =>
    value === undefined ? [] : [`${words} ${value} ${unit}`.trim()]
  return [
    FAMILIES[tool.family],
    POWERS[tool.power],
    t('gear.gearPage.acid', { release: RELEASES[tool.release] }),
    t('gear.gearPage.endShownBy', { endSign: END_SIGNS[tool.endSign] }),
    t('gear.gearPage.takesGLoad', { capacity: weight(tool.capacity) }),
    ...say(t('gear.gearPage.preheats'), tool.preheatSeconds || undefined, 's'),
    ...say(t('gear.gearPage.coolsHive'), tool.coolSeconds || undefined, 's'),
    ...say(t('gear.gearPage.betweenLoads'), tool.reloadSeconds || undefined, 's'),
    ...(tool.setCelsius === undefined
      ? []
      : [t('gear.gearPage.set', { setCelsius: degrees(tool.setCelsius, 0) })]),
    ...(tool.maxCelsius === undefined
      ? []
      : [t('gear.gearPage.neverAbove', { maxCelsius: degrees(tool.maxCelsius, 0) })]),
    ...say(t('gear.gearPage.draws'), tool.watts, 'W'),
    ...(tool.family === 'PAN_WAND'
      ? [tool.dunkAllowed ? t('gear.gearPage.dunkAllowed') : t('gear.gearPage.neverDunked')]
      : []),
  ]
})

function refusedFor(what: typeof asked.value): Record<string, string> {
  return asked.value === what ? wrong.value : {}
}

watch(chosenId, () => {
  editing.value = null
})

async function keep(tool: Shapes['Tool']): Promise<void> {
  asked.value = 'tool'
  if (await keepTool(tool)) {
    chosenId.value = tool.id
    editing.value = null
    freshId.value = newId()
  }
}

function burn(of: Shapes['TestBurn']): Promise<boolean> {
  asked.value = 'burn'
  return keepBurn(of)
}

function pack(of: Shapes['Pack']): Promise<boolean> {
  asked.value = 'pack'
  return keepPack(of)
}

function keepNote(id: string, of: Shapes['NewGearNote']): Promise<boolean> {
  asked.value = 'note'
  return note(id, of)
}
</script>

<template>
  <div class="top">
    <h1>{{ t('common.gear') }}</h1>
    <router-link to="/gear/stock">{{ t('common.stockMoney') }}</router-link>
    <v-btn v-if="session.isKeeper" @click="editing = 'new'">{{ t('gear.gearPage.addTool') }}</v-btn>
  </div>
  <PageState
    :there="gear !== null"
    :problem="problem"
    :what="t('gear.gearPage.gear')"
    @again="load()"
  />
  <div v-if="gear" class="gear">
    <ChoiceList
      :label="t('gear.gearPage.tools')"
      :items="names"
      :chosen="editing === 'new' ? undefined : chosen?.tool.id"
      @choose="((chosenId = $event), (editing = null))"
    />
    <section v-if="editing === 'new'" class="sheet one" :aria-label="t('gear.gearPage.newTool')">
      <h2>{{ t('gear.gearPage.newTool') }}</h2>
      <ToolForm
        :new-id="freshId"
        :bowl="gear.usualBowl"
        :packs="gear.packs"
        :refused="refusedFor('tool')"
        @keep="keep"
        @back="editing = null"
      />
    </section>
    <section v-else-if="chosen" class="sheet one" :aria-label="chosen.tool.name">
      <div class="top">
        <h2>{{ chosen.tool.name }}</h2>
        <v-btn v-if="session.isKeeper && !editing" @click="editing = 'this'">{{
          t('common.change')
        }}</v-btn>
      </div>
      <ToolForm
        v-if="editing"
        :tool="chosen.tool"
        :new-id="freshId"
        :bowl="gear.usualBowl"
        :packs="gear.packs"
        :refused="refusedFor('tool')"
        @keep="keep"
        @back="editing = null"
      />
      <template v-else>
        <p>{{ facts.join(' · ') }}</p>
        <p v-if="chosen.tool.note" class="soft">{{ chosen.tool.note }}</p>
        <div class="halves">
          <div>
            <FitPlot v-if="chosen.line" :fit="chosen.fit" :line="chosen.line" />
            <p v-else class="soft">
              {{
                chosen.fit.basis === 'OWN_FIGURE'
                  ? t('gear.gearPage.plannedByItsOwn', { burnSeconds: chosen.tool.burnSeconds })
                  : t('gear.gearPage.noBurnTimeKnown')
              }}
            </p>
          </div>
          <TestBurns
            v-if="session.mayWork"
            :key="chosen.tool.id"
            :known="chosen"
            :refused="refusedFor('burn')"
            :may-strike="session.isKeeper"
            :keep="burn"
            @strike="strikeBurn"
          />
        </div>
        <ToolCare
          :known="chosen"
          :refused="refusedFor('note')"
          :may-note="session.mayWork"
          :keep="keepNote"
        />
      </template>
    </section>
    <p v-else class="soft">
      {{ t('gear.gearPage.noToolYetAdd') }}
    </p>
  </div>
  <div v-if="gear" class="benches">
    <PackList
      :packs="gear.packs"
      :refused="refusedFor('pack')"
      :may-change="session.isKeeper"
      :keep="pack"
    />
    <section :aria-label="t('gear.gearPage.filters')">
      <h2>{{ t('gear.gearPage.filters') }}</h2>
      <p>
        {{
          gear.filters.hours === undefined
            ? t('gear.gearPage.nobodyHasNotedChange')
            : t('gear.gearPage.hoursRoundsSinceThey', {
                hours: fixed(gear.filters.hours, 1),
                changed: gear.filters.changed?.slice(0, 10),
                most: gear.filters.most,
              })
        }}
      </p>
      <p v-if="gear.filters.due" class="problem">{{ t('gear.gearPage.changeThemBeforeNext') }}</p>
      <p class="soft">
        {{ t('gear.gearPage.acidGasCartridgesP') }}
      </p>
      <v-btn v-if="session.mayWork" @click="keepNote(newId(), { kind: 'FILTERS_CHANGED' })">{{
        t('gear.gearPage.filtersChangedToday')
      }}</v-btn>
    </section>
    <PowerBench v-if="session.mayWork" />
    <CostBench v-if="session.mayWork" :tools="gear.tools" />
  </div>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 20px;
}

.gear {
  display: grid;
  grid-template-columns: 210px minmax(0, 1fr);
  gap: 22px;
  align-items: start;
  margin-top: 8px;
}

.one {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  padding: 16px 18px;
}

.one p {
  margin: 0;
}

.halves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(330px, 100%), 1fr));
  gap: 22px;
}

.benches {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(360px, 100%), 1fr));
  gap: 24px;
  margin-top: 26px;
}

@media (width <= 900px) {
  .gear,
  .benches {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
