<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { counted, dayOf, grams, timeIn } from '../shared/format'
import { useSession } from '../shared/session'
import ReviewLines from './ReviewLines.vue'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'
import { degrees, windSpeed } from '../shared/units/quantity'
import { sideWords } from '../shared/windSide'
import NoteList from '../shared/note/NoteList.vue'
import { t } from '../words/words'
import { inWords, reasonOf } from '../words/facts'

/** A run looked back on: planned against done, who, weather, what was out of the ordinary, what is next. */
const props = defineProps<{ id: string }>()
const session = useSession()
const looked = ref<Shapes['Looked'] | null>(null)
const { problem, attempt } = useRequest()

async function load(): Promise<void> {
  await attempt(async () => {
    looked.value = await ask(
      api.GET('/api/rounds/{id}/review', { params: { path: { id: props.id } } }),
    )
  })
}
onMounted(load)

const review = computed(() => looked.value?.review)
const zone = computed(() => looked.value?.apiary.zone ?? 'UTC')
const time = (at?: string) => (at ? timeIn(zone.value, at) : '')
const name = (hiveId?: string) => (hiveId ? (looked.value?.names[hiveId] ?? '') : '')
const names = (hiveIds: readonly string[]) => hiveIds.map((id) => name(id)).join(', ')
const left = computed(() => review.value?.hives.filter((hive) => hive.stage === 'SKIPPED') ?? [])
const stillToDo = computed(
  () =>
    review.value?.hives.filter((hive) => hive.stage !== 'SKIPPED' && hive.stage !== 'OPEN') ?? [],
)
const minutes = (seconds: number) => Math.round(seconds / 60)
const tools = computed(() => looked.value?.tools.map((tool) => tool.name).join(', ') ?? '')
const catchUp = computed(() => ({
  path: '/dose',
  query: {
    apiary: looked.value?.apiary.id,
    hives: left.value.map((hive) => hive.hiveId).join(','),
  },
}))
</script>

<template>
  <PageState
    :there="looked !== null"
    :problem="problem"
    :what="t('run.reviewPage.review')"
    @again="load()"
  />
  <template v-if="looked">
    <div class="head">
      <h1>{{ t('run.reviewPage.lookingBack', { name: looked.apiary.name }) }}</h1>
      <router-link :to="`/run/${id}`">{{ t('run.reviewPage.run') }}</router-link>
      <router-link :to="`/dose/sheet/${id}`">{{ t('run.reviewPage.itsSheet') }}</router-link>
    </div>
    <p v-if="!review">{{ t('run.reviewPage.nothingHasHappenedThis') }}</p>
    <template v-else>
      <p class="facts">
        <span>{{ dayOf(looked.round.day) }}, {{ time(review.from) }}–{{ time(review.to) }}</span>
        <span
          ><strong>{{
            t('run.reviewPage.min', { tookSeconds: minutes(review.tookSeconds) })
          }}</strong>
          <template v-if="review.plannedSeconds !== undefined">
            {{
              t('run.reviewPage.againstReckoned', {
                plannedSeconds: minutes(review.plannedSeconds),
              })
            }}</template
          ></span
        >
        <span
          ><i18n-t keypath="run.reviewPage.acidOnSheet" scope="global"
            ><template #strong
              ><strong>{{ grams(review.acidUsed) }}</strong></template
            ><template #acidPlanned>{{ grams(review.acidPlanned) }}</template></i18n-t
          ></span
        >
        <span>{{
          t('run.reviewPage.atMostShutAt', { hives: counted(review.mostShut, 'hive') })
        }}</span>
        <span>{{ tools }}</span>
      </p>
      <p v-if="stillToDo.length" class="soft">
        {{ t('run.reviewPage.stillDoThisRun', { hives: counted(stillToDo.length, 'hive') }) }}
      </p>

      <ReviewLines :review="review" :name="name" :zone="zone" />

      <div class="columns">
        <section>
          <h2>{{ t('run.reviewPage.outOrdinary') }}</h2>
          <p
            v-if="
              !review.exceptions.length && !looked.cameLate.length && !review.crew.pauses.length
            "
          >
            {{ t('run.reviewPage.nothing') }}
          </p>
          <ul>
            <li v-for="(each, i) in review.exceptions" :key="i" class="told">
              <span class="figure">{{ time(each.at) }}</span>
              <span
                ><strong v-if="each.hiveIds.length">{{ names(each.hiveIds) }}: </strong
                >{{ inWords(each.says) }}</span
              >
            </li>
            <li v-for="each in looked.cameLate" :key="each.by" class="told">
              <span class="figure">{{ time(each.last) }}</span>
              <span>{{
                t('run.reviewPage.cameLaterFromDevice', {
                  press: counted(each.count, 'press'),
                  by: each.by,
                })
              }}</span>
            </li>
            <li v-for="(pause, i) in review.crew.pauses" :key="`pause${i}`" class="told">
              <span class="figure">{{ time(pause.from) }}</span>
              <span>{{
                t('run.reviewPage.paused', {
                  to: time(pause.to) || t('run.reviewPage.now'),
                  why: reasonOf(pause.why),
                })
              }}</span>
            </li>
          </ul>
        </section>
        <section>
          <h2>{{ t('common.who') }}</h2>
          <ul>
            <li v-for="each in review.people" :key="each.name">
              <i18n-t keypath="run.reviewPage.begunOpenedOtherPresses" scope="global"
                ><template #strong
                  ><strong>{{ each.name }}</strong></template
                ><template #loads>{{ counted(each.burns, 'load') }}</template
                ><template #hives>{{ counted(each.opened, 'hive') }}</template
                ><template #other>{{ each.other }}</template></i18n-t
              >
            </li>
          </ul>
          <h2>{{ t('run.reviewPage.weather') }}</h2>
          <ul>
            <li v-for="each in looked.weather" :key="each.weather.hour">
              <i18n-t keypath="run.reviewPage.wind" scope="global"
                ><template #span
                  ><span class="figure">{{ time(each.weather.hour) }}</span></template
                ><template #celsius>{{ degrees(each.weather.celsius, 0) }}</template
                ><template #windMs>{{ windSpeed(each.weather.windMs) }}</template
                ><template #more
                  ><template v-if="each.windSide">{{
                    ' ' + t('run.reviewPage.from', { windSide: sideWords(each.windSide) })
                  }}</template></template
                ><template #span2
                  ><span class="soft"
                    >({{ inWords(each.says)
                    }}<template v-if="each.madeUp">{{ t('run.reviewPage.madeUp') }}</template
                    >)</span
                  ></template
                ></i18n-t
              >
            </li>
          </ul>
        </section>
        <section>
          <h2>{{ t('run.reviewPage.whatNext') }}</h2>
          <ul class="ways">
            <li v-if="left.length">
              <i18n-t keypath="run.reviewPage.leftOut" scope="global"
                ><template #hives>{{ counted(left.length, 'hive') }}</template
                ><template #left>{{ names(left.map((hive) => hive.hiveId)) }}</template
                ><template #link
                  ><router-link v-if="session.isKeeper" :to="catchUp">{{
                    t('run.reviewPage.planCatchUpRun', {
                      left: left.length === 1 ? t('run.reviewPage.it') : t('run.reviewPage.them'),
                    })
                  }}</router-link></template
                ></i18n-t
              >
            </li>
            <li>
              <i18n-t keypath="run.reviewPage.onceColdTickOff" scope="global"
                ><template #link
                  ><router-link to="/gear">{{
                    t('run.reviewPage.cleanTool')
                  }}</router-link></template
                ></i18n-t
              >
            </li>
            <li>
              <i18n-t keypath="run.reviewPage.readDropAfterH" scope="global"
                ><template #link
                  ><router-link :to="{ path: '/counts', query: { apiary: looked.apiary.id } }">{{
                    t('run.reviewPage.putBoardsNow')
                  }}</router-link></template
                ></i18n-t
              >
            </li>
            <li>
              <i18n-t keypath="run.reviewPage.dropsSamplesAgainstWhat" scope="global"
                ><template #link
                  ><router-link
                    :to="{ path: '/counts/results', query: { apiary: looked.apiary.id } }"
                    >{{ t('common.didWork') }}</router-link
                  ></template
                ></i18n-t
              >
            </li>
            <li v-if="looked.round.seriesId">
              <router-link :to="{ path: '/spacing', query: { apiary: looked.apiary.id } }">{{
                t('run.reviewPage.bookNextRoundIts')
              }}</router-link>
            </li>
            <li v-else>
              <router-link :to="{ path: '/spacing', query: { apiary: looked.apiary.id } }">{{
                t('run.reviewPage.planWhatFollows')
              }}</router-link>
            </li>
            <li>
              <i18n-t keypath="run.reviewPage.holdsEveryTreatment" scope="global"
                ><template #link
                  ><router-link to="/register">{{
                    t('run.reviewPage.register')
                  }}</router-link></template
                ></i18n-t
              >
            </li>
          </ul>
        </section>
      </div>
    </template>
    <section class="notes">
      <h2>{{ t('shared.noteList.notes') }}</h2>
      <NoteList about="RUN" :about-id="id" :thing="looked.apiary.name" />
    </section>
  </template>
</template>

<style scoped>
.head,
.facts {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 20px;
}

.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 8px 28px;
  margin-top: 14px;
}

.notes {
  margin-top: 18px;
}

.told {
  display: grid;
  grid-template-columns: 56px 1fr;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
  line-height: 1.5;
}

h2 {
  margin: 0 0 4px;
}

section h2:not(:first-child) {
  margin-top: 12px;
}

.ways li {
  min-height: 40px;
  padding: 6px 0;
  border-top: 1px solid var(--rule);
}
</style>
