<script setup lang="ts">
import { useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref, watch, watchEffect } from 'vue'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { useServerNow } from '../shared/clock'
import { dayOf } from '../shared/format'
import { useKit } from '../shared/kit/useKit'
import { useSession } from '../shared/session'
import NextActionCard from './NextActionCard.vue'
import EndDialog from './EndDialog.vue'
import FillNext from './FillNext.vue'
import FirstAidDialog from './FirstAidDialog.vue'
import HaltNotice from './HaltNotice.vue'
import MergedNotice from './MergedNotice.vue'
import NextToOpen from './NextToOpen.vue'
import OutboxNotice from './OutboxNotice.vue'
import PaceLine from './PaceLine.vue'
import PartPick from './PartPick.vue'
import PeopleCheck from './PeopleCheck.vue'
import ReasonDialog from './ReasonDialog.vue'
import RunEnded from './RunEnded.vue'
import RunHead from './RunHead.vue'
import RunRow from './RunRow.vue'
import RunTally from './RunTally.vue'
import RunTools from './RunTools.vue'
import ToolGauge from './ToolGauge.vue'
import { useDueSound } from './dueSound'
import { usePresses } from './presses'
import { isUntouched } from './overlay'
import { HANDS } from './part'
import { useTally } from './tally'
import { useAsking } from './useAsking'
import { useRun } from './useRun'
import { useRunActions } from './useRunActions'
import { useRunKeys } from './useRunKeys'
import { useSpokenCues } from './useSpokenCues'
import { useStepCues } from './stepCue'
import { useToolWatch } from './useToolWatch'
import PageState from '../shared/layout/PageState.vue'
import { sideWords } from '../shared/windSide'
import { t } from '../words/words'
import { inWords, reasonOf } from '../words/facts'

/** A round being run: the hive in hand, the row, the tool, and what is out of the ordinary. */
const props = defineProps<{ id: string }>()

/** So many loads are named to who fills ahead. */
const FILLS = 5

const run = useRun(props.id)
/** So that its list is on this phone too, see the sheet. */
const kit = useKit(props.id)
const presses = usePresses()
const session = useSession()
const inHand = useApiaryInHand()
const now = useServerNow(250)
/** What shows whole seconds need not be drawn oftener: a row of sixty clocks is felt on a phone. */
const second = computed(() => 1000 * Math.floor(now.value / 1000))
const wakeLock = useWakeLock()

const chosenId = ref<string>()
const tools = ref<InstanceType<typeof RunTools>>()
const hurt = ref(false)
const ending = ref(false)

const { whole, part, paused, next } = run
const works = computed(() => session.mayWork)
const checked = computed(() => Boolean(whole.value?.peopleCheck))
const zone = computed(() => whole.value?.apiary.zone ?? 'UTC')
const chosen = computed(() => run.hives.value.find((each) => each.hiveId === chosenId.value))
const hive = computed(() => chosen.value ?? run.pointed.value)
const name = (hiveId?: string) => (hiveId ? (run.sheet.value.get(hiveId)?.hiveName ?? '') : '')
const tally = useTally(run.hives, second)
const sound = useDueSound(tally.alarm, tally.dueIds, second)
useStepCues(run.hives, part, sound.on, second)
const voice = useSpokenCues(run.hives, name, second)
const asking = useAsking(run, tally.waiting, name)
const myTool = computed(() => run.board.value?.tools.find((each) => each.number === part.value))
const tool = useToolWatch(
  props.id,
  part,
  computed(() => checked.value && myTool.value?.family === 'HEATED_BOWL' && !tally.finished.value),
)
const watched = tool.view

const there = computed(() => inHand.dayline?.there ?? whole.value?.there)
const wind = computed(() => {
  if (!there.value) return undefined
  if (!there.value.windSide) return t('run.runPage.nobodySaysWhereWind')
  return there.value.madeUp
    ? t('run.runPage.madeUpFeelWind', { says: inWords(there.value.says) })
    : t('run.runPage.windComesFromStand', {
        windSide: sideWords(there.value.windSide),
        says: inWords(there.value.says),
      })
})
const standOn = computed(() =>
  there.value && !there.value.madeUp ? there.value.windSide : undefined,
)
const putOff = computed(() => {
  const halt = run.board.value?.crew.putOff
  if (!halt) return undefined
  const day = dayOf(halt.at.slice(0, 10))
  return t('run.runPage.restWasPutOff', {
    day,
    by: halt.by,
    why: reasonOf(halt.why),
    waiting: tally.waiting.value.length,
  })
})
const undoes = computed(() => {
  const waiting = run.parcels.value.at(-1)?.events[0]
  return name(waiting ? waiting.hiveId : run.board.value?.lastStep?.hiveId)
})
const soundWords = computed(() => {
  if (!sound.on.value) return t('run.runPage.soundOff')
  return sound.awake.value ? t('run.runPage.soundOn') : t('run.runPage.soundAsleep')
})
const skipWord = computed(() => {
  if (hive.value?.stage === 'BURNING') return t('run.runPage.stop')
  return hive.value && isUntouched(hive.value) ? t('run.runPage.leaveOut') : null
})
/** The loads that a helper fills ahead. */
const fills = computed(() =>
  part.value === HANDS
    ? tally.waiting.value
        .slice(0, FILLS)
        .map(
          (each) => `${name(each.hiveId)} ${inWords(run.sheet.value.get(each.hiveId)?.eachLoad)}`,
        )
        .join(' · ')
    : '',
)
const shutHives = computed(() =>
  run.hives.value.filter((each) => !isUntouched(each) && each.ahead.length > 0),
)

watchEffect(() => {
  inHand.openings = run.hives.value
    .filter((each) => each.openFrom)
    .map((each) => ({ name: name(each.hiveId), at: Date.parse(each.openFrom ?? '') }))
})
/** After the people check the hive in hand is what one must see. */
watch(checked, (is, before) => {
  if (is && !before) window.scrollTo(0, 0)
})
watch(whole, (loaded) => {
  if (loaded) void inHand.take(loaded.apiary.id)
})
watch(hive, (inHandNow) => {
  if (inHandNow && chosen.value && inHandNow.ahead.length === 0) chosenId.value = undefined
})
/** A tool that the run does not have cannot be in hand. */
watch([run.board, part], ([board]) => {
  if (board && part.value > 0 && !board.tools.some((each) => each.number === part.value)) {
    part.value = 1
  }
})
onMounted(() => {
  void kit.load()
  if (wakeLock.isSupported.value) void wakeLock.request('screen').catch(() => undefined)
})

const does = useRunActions({
  run,
  asking,
  hive,
  next,
  waiting: tally.waiting,
  chosenId,
  now,
  mayWork: works,
  asked: computed(() => watched.value?.asks),
  answered: tool.answered,
})

useRunKeys(
  {
    ' ': does.act,
    o: does.openNext,
    u: does.undo,
    l: does.leak,
    m: does.mark,
    s: does.skipOrStop,
    p: does.pauseOrGoOn,
    '?': () => tools.value?.toggleKeys(),
  },
  () => !asking.asking.value && !hurt.value && !ending.value && checked.value && works.value,
)
</script>

<template>
  <div v-if="run.problem.value && !whole" class="sheet empty">
    <h1>{{ t('run.runPage.thisRoundCannotBe') }}</h1>
    <p role="alert">{{ run.problem.value }}</p>
    <v-btn variant="outlined" @click="run.load()">{{ t('run.runPage.tryAgain') }}</v-btn>
    <router-link to="/run">{{ t('run.runPage.allRounds') }}</router-link>
  </div>
  <PageState
    v-else-if="!whole"
    :there="false"
    problem=""
    :what="t('run.runPage.round')"
    @again="run.load()"
  />
  <div
    v-else
    class="run"
    :data-told="run.listening.value ? t('run.runPage.atOnce') : t('run.runPage.byLooking')"
  >
    <RunHead :whole="whole" />
    <OutboxNotice :returned="run.returned.value" :name="name" @read="presses.readReturned(id)" />
    <PeopleCheck
      v-if="!checked && works"
      :round-id="id"
      :points="whole.people"
      :wind="wind"
      :before="putOff"
      :sends="run.confirmPeople"
    />
    <p v-else-if="!checked" class="soft">{{ t('run.runPage.peopleCheckHasNot') }}</p>

    <template v-else>
      <RunEnded
        v-if="tally.finished.value && run.board.value"
        :board="run.board.value"
        :round-id="id"
      />
      <template v-else>
        <HaltNotice
          v-if="paused"
          :halt="paused"
          :zone="zone"
          :may-work="works"
          @go-on="run.crew('WENT_ON')"
        />
        <PartPick
          v-if="works && run.board.value"
          v-model="part"
          :tools="run.board.value.tools"
          :name="name"
        />
      </template>
      <MergedNotice :round-id="id" :hives="run.hives.value" :name="name" :zone="zone" />

      <div class="work">
        <div v-if="!tally.finished.value" class="hand">
          <NextActionCard
            v-if="hive"
            :hive="hive"
            :sheet="run.sheet.value.get(hive.hiveId)"
            :now="now"
            :chosen="Boolean(chosen) && hive.hiveId !== run.pointed.value?.hiveId"
            :stand-on="standOn"
            :part="part"
            :halted="paused !== undefined"
            @act="does.act"
            @take-back="run.takeBackAt(hive)"
            @release="chosenId = undefined"
          />
          <p v-else class="sheet idle">
            {{ t('run.runPage.nothingForYouDo') }}
          </p>
          <FillNext v-if="fills" :fills="fills" />
          <NextToOpen
            :hive="next"
            :name="name(next?.hiveId)"
            :now="now"
            :may-open="works"
            @open="does.openNext"
          />
        </div>
        <div class="yard">
          <ToolGauge
            v-if="watched"
            :view="watched"
            :problem="tool.problem.value"
            :may-work="works"
            :asked="name(watched.asks)"
            @begin="tool.begin"
            @play="tool.play"
            @by-itself="tool.byItself"
            @break-next="tool.breakNext"
            @burned="does.burned"
            @answered="tool.answered"
            @pack-swapped="run.crew('PACK_SWAPPED')"
            @end="tool.end"
          />
          <PaceLine v-if="run.board.value?.pace" :pace="run.board.value.pace" :zone="zone" />
          <RunTally
            :waiting="tally.waiting.value.length"
            :shut="tally.shut.value"
            :done="tally.done.value"
            :acid-used="run.board.value?.acidUsed ?? 0"
            :acid-left="run.board.value?.acidLeft ?? 0"
          />
          <RunRow
            :hives="run.hives.value"
            :sheet="run.sheet.value"
            :now="second"
            :in-hand="tally.finished.value ? undefined : hive?.hiveId"
            @choose="chosenId = $event"
          />
        </div>
      </div>

      <RunTools
        v-if="works"
        ref="tools"
        :undoes="undoes"
        :may-leak="Boolean(hive)"
        :skip="skipWord"
        :sound="soundWords"
        :voice="voice.on.value"
        :paused="paused !== undefined"
        :has-pack="myTool?.packBurnsLeft !== undefined"
        @undo="does.undo"
        @leak="does.leak"
        @mark="does.mark"
        @skip="does.skipOrStop"
        @sound="sound.on.value = !sound.on.value"
        @voice="voice.on.value = !voice.on.value"
        @pause="asking.ask('pause')"
        @hurt="hurt = true"
        @pack="run.crew('PACK_SWAPPED')"
        @end="ending = true"
      />
    </template>

    <ReasonDialog
      :model-value="asking.asking.value !== null"
      :title="asking.title.value"
      :ready="asking.ready.value"
      :waiting="asking.asking.value === 'skip' ? tally.waiting.value.length : 0"
      @update:model-value="asking.asking.value = null"
      @said="does.said"
    />
    <FirstAidDialog v-model="hurt" :whole="whole" @said="run.crew" />
    <EndDialog
      v-model="ending"
      :shut="shutHives"
      :waiting="tally.waiting.value"
      :name="name"
      @choose="chosenId = $event"
      @put-off="run.crew('PUT_OFF', $event)"
      @leave-out="does.leaveOut"
    />
  </div>
</template>

<style scoped>
.run {
  display: grid;
  gap: 12px;
}

.work {
  display: grid;
  grid-template-columns: minmax(380px, 460px) 1fr;
  gap: 18px;
  align-items: start;
}

.work:has(> :only-child) {
  grid-template-columns: 1fr;
}

.hand {
  display: grid;
  gap: 10px;
  position: sticky;
  top: 100px;
}

.yard {
  display: grid;
  gap: 10px;
}

.idle {
  margin: 0;
  padding: 24px 16px;
}

.empty {
  padding: 24px;
}

@media (width <= 900px) {
  .work {
    grid-template-columns: 1fr;
    gap: 10px;
  }

  .hand {
    position: static;
  }
}
</style>
