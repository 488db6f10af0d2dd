<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { counted, dayOf, timeIn } from '../shared/format'
import { hoursOf } from './seasonWords'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'
import { road, weight } from '../shared/units/quantity'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** A crew's day on one sheet of paper: route, apiaries, acid, kit, cautions. */
const props = defineProps<{ crew: string; day: string }>()
const whole = ref<Shapes['CrewDay'] | null>(null)
const { problem, attempt } = useRequest()

async function load(): Promise<void> {
  await attempt(async () => {
    whole.value = await ask(
      api.GET('/api/season-plan/crews/{id}/days/{day}', {
        params: { path: { id: props.crew, day: props.day } },
      }),
    )
  })
}
watch(() => [props.crew, props.day], load, { immediate: true })

function print(): void {
  window.print()
}
</script>

<template>
  <PageState
    :there="whole !== null"
    :problem="problem"
    :what="t('seasonplan.crewDayPage.crewsDay')"
    @again="load()"
  />
  <template v-if="whole">
    <div class="head">
      <h1>{{ whole.crew.name }}, {{ dayOf(whole.day) }}</h1>
      <span class="no-print buttons">
        <v-btn @click="print">{{ t('common.print') }}</v-btn>
        <router-link to="/season">{{ t('common.plan') }}</router-link>
      </span>
    </div>
    <p>
      <i18n-t keypath="seasonplan.crewDayPage.leavesAtBackAt" scope="global"
        ><template #name>{{ whole.depot.name }}</template
        ><template #strong
          ><strong class="figure">{{ timeIn(whole.depot.zone, whole.leaves) }}</strong></template
        ><template #strong2
          ><strong class="figure">{{ timeIn(whole.depot.zone, whole.back) }}</strong></template
        ><template #km>{{ road(whole.km) }}</template
        ><template #drivingMinutes>{{ hoursOf(whole.drivingMinutes) }}</template
        ><template #hives>{{ counted(whole.hives, 'hive') }}</template
        ><template #acid>{{ weight(whole.acid, 0) }}</template></i18n-t
      >
    </p>
    <p class="soft">
      {{
        t('seasonplan.crewDayPage.hoursDoseSheetDay', {
          hoursSay: whole.hoursSay.map(inWords).join('; '),
        })
      }}
    </p>
    <div class="scroll" tabindex="0" role="region" :aria-label="t('seasonplan.crewDayPage.route')">
      <table>
        <thead>
          <tr>
            <th scope="col"></th>
            <th scope="col">{{ t('common.apiary') }}</th>
            <th scope="col">{{ t('common.way') }}</th>
            <th scope="col">{{ t('seasonplan.crewDayPage.arrives') }}</th>
            <th scope="col">{{ t('seasonplan.crewDayPage.works') }}</th>
            <th scope="col">{{ t('common.hives') }}</th>
            <th scope="col">{{ t('common.acid') }}</th>
            <th scope="col">{{ t('seasonplan.crewDayPage.series') }}</th>
            <th scope="col">{{ t('seasonplan.crewDayPage.place') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(stop, i) in whole.stops" :key="stop.seriesId">
            <td class="figure">{{ i + 1 }}</td>
            <th scope="row">{{ stop.apiary.name }}</th>
            <td class="figure">{{ road(stop.km, 1) }}</td>
            <td class="figure">{{ timeIn(stop.apiary.zone, stop.arrives) }}</td>
            <td class="figure">
              {{ timeIn(stop.apiary.zone, stop.begins) }}–{{ timeIn(stop.apiary.zone, stop.ends)
              }}<span v-if="stop.toConfirm" class="soft">{{
                t('seasonplan.crewDayPage.beConfirmed')
              }}</span>
            </td>
            <td class="figure">{{ stop.hives }}</td>
            <td class="figure">{{ weight(stop.acid, 0) }}</td>
            <td>
              {{
                t('seasonplan.crewDayPage.round', {
                  series: stop.series,
                  number: stop.number,
                  rounds: stop.rounds,
                })
              }}
            </td>
            <td class="figure">{{ stop.apiary.latitude }}, {{ stop.apiary.longitude }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <div class="foot">
      <section>
        <h2>{{ t('seasonplan.crewDayPage.pack') }}</h2>
        <ul class="kit">
          <li v-for="thing in whole.kit" :key="thing.key">
            ☐ {{ inWords(thing.name) }}: <b>{{ inWords(thing.amount) }}</b><span
              v-if="thing.why"
              class="soft"
              >, {{ inWords(thing.why) }}</span
            >
          </li>
        </ul>
      </section>
      <section>
        <h2>{{ t('seasonplan.crewDayPage.cautions') }}</h2>
        <ul>
          <li v-for="caution in whole.cautions" :key="caution.code">{{ inWords(caution) }}</li>
        </ul>
      </section>
    </div>
  </template>
</template>

<style scoped>
.head,
.buttons {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
}

.scroll {
  position: relative;
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 5px 8px;
  text-align: left;
  vertical-align: top;
  border-bottom: 1px solid var(--rule);
  font-size: 0.9375rem;
}

thead th {
  border-bottom: 2px solid var(--ink);
  font-size: 0.8125rem;
}

.foot {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 0 28px;
  font-size: 0.9375rem;
}

ul {
  margin: 0;
  padding-left: 18px;
}

.kit {
  padding: 0;
  list-style: none;
}

.kit li {
  padding-left: 22px;
  text-indent: -22px;
}

td.figure {
  white-space: nowrap;
}

@media print {
  h1 {
    font-size: 15pt !important;
  }

  th,
  td,
  .foot {
    font-size: 9pt;
  }
}
</style>
