<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { dayOf, timeIn } from '../shared/format'
import { useRequest } from '../shared/request'
import { t } from '../words/words'

/** A crew's agreed days, and its calendar to download or to subscribe to. */
const props = defineProps<{ crewId: string; mayShare: boolean }>()
const days = ref<Shapes['CrewDay'][]>([])
const address = ref('')
const { problem, attempt } = useRequest()

onMounted(async () => {
  await attempt(async () => {
    days.value = await ask(
      api.GET('/api/season-plan/crews/{id}/days', { params: { path: { id: props.crewId } } }),
    )
  })
})

async function share(fresh: boolean): Promise<void> {
  await attempt(async () => {
    const params = { path: { id: props.crewId } }
    const { key } = await ask(
      fresh
        ? api.POST('/api/season-plan/crews/{id}/calendar-key/fresh', { params })
        : api.POST('/api/season-plan/crews/{id}/calendar-key', { params }),
    )
    address.value = `${window.location.origin}/calendars/${key}.ics`
  })
}
</script>

<template>
  <p v-if="problem" role="alert">{{ problem }}</p>
  <p v-if="days.length === 0" class="soft">
    {{ t('seasonplan.crewDayList.nothingAgreedForThis') }}
  </p>
  <details v-else>
    <summary>
      {{
        t('seasonplan.crewDayList.agreedDaysNextOn', {
          days: days.length,
          day: dayOf(days[0]?.day ?? ''),
        })
      }}
    </summary>
    <ul>
      <li v-for="day in days" :key="day.day">
        <i18n-t keypath="seasonplan.crewDayList.leaves" scope="global"
          ><template #link
            ><router-link :to="`/season/day/${crewId}/${day.day}`">{{
              dayOf(day.day)
            }}</router-link></template
          ><template #leaves>{{ timeIn(day.depot.zone, day.leaves) }}</template
          ><template #stops>{{
            day.stops.map((stop) => stop.apiary.name).join(', ')
          }}</template></i18n-t
        >
      </li>
    </ul>
  </details>
  <div class="share">
    <a v-if="days.length" :href="`/api/season-plan/crews/${crewId}/calendar.ics`">{{
      t('seasonplan.crewDayList.calendarFile')
    }}</a>
    <v-btn v-if="mayShare && !address" size="small" @click="share(false)">{{
      t('seasonplan.crewDayList.addressSubscribe')
    }}</v-btn>
    <template v-if="address">
      <input :value="address" readonly :aria-label="t('seasonplan.crewDayList.addressCalendar')" />
      <span class="soft">{{ t('seasonplan.crewDayList.whoeverHasCanRead') }}</span>
      <v-btn size="small" @click="share(true)">{{
        t('seasonplan.crewDayList.makeNewOneEnd')
      }}</v-btn>
    </template>
  </div>
</template>

<style scoped>
ul {
  margin: 4px 0;
  padding-left: 20px;
}

.share {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  margin-top: 6px;
}

input {
  flex: 1 1 300px;
  padding: 4px 8px;
  border: 1px solid var(--rule-strong);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
}
</style>
