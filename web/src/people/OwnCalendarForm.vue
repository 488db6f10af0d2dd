<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { useRequest } from '../shared/request'
import { t } from '../words/words'

type Group = Shapes['MyCalendar']['rings'][number]

/** One's own calendar to subscribe to: its address, and what rings in it. */
const calendar = ref<Shapes['MyCalendar'] | null>(null)
const copied = ref(false)
const { problem, busy, attempt } = useRequest()

const GROUPS: { group: Group; words: string }[] = [
  { group: 'ROUNDS', words: t('people.ownCalendar.group.rounds') },
  { group: 'LATEST_STARTS', words: t('people.ownCalendar.group.latest') },
  { group: 'WINDOWS', words: t('people.ownCalendar.group.windows') },
  { group: 'COUNTS', words: t('people.ownCalendar.group.counts') },
]
const address = computed(() =>
  calendar.value?.path ? window.location.origin + calendar.value.path : '',
)

async function take(asked: () => Promise<Shapes['MyCalendar']>): Promise<void> {
  copied.value = false
  await attempt(async () => {
    calendar.value = await asked()
  })
}
onMounted(() => take(() => ask(api.GET('/api/session/calendar'))))

function keep(rings: readonly Group[] | null): Promise<void> {
  return take(() => ask(api.PUT('/api/session/calendar', { body: { rings: [...(rings ?? [])] } })))
}

async function end(): Promise<void> {
  await attempt(async () => {
    await ask(api.DELETE('/api/session/calendar'))
    calendar.value = await ask(api.GET('/api/session/calendar'))
  })
}

async function copy(): Promise<void> {
  await navigator.clipboard.writeText(address.value)
  copied.value = true
}
</script>

<template>
  <section v-if="calendar" aria-labelledby="own-calendar">
    <h2 id="own-calendar">{{ t('people.ownCalendar.title') }}</h2>
    <p class="soft">{{ t('people.ownCalendar.says') }}</p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <v-btn v-if="!calendar.path" :loading="busy" @click="keep(calendar.rings)">{{
      t('people.ownCalendar.make')
    }}</v-btn>
    <template v-else>
      <v-text-field :label="t('people.ownCalendar.address')" :model-value="address" readonly />
      <fieldset>
        <legend>{{ t('people.ownCalendar.rings') }}</legend>
        <v-checkbox
          v-for="each in GROUPS"
          :key="each.group"
          :model-value="calendar.rings"
          :value="each.group"
          :label="each.words"
          :disabled="busy"
          hide-details
          @update:model-value="keep"
        />
      </fieldset>
      <p class="acts">
        <v-btn @click="copy">{{
          copied ? t('people.ownCalendar.copied') : t('people.ownCalendar.copy')
        }}</v-btn>
        <v-btn :disabled="busy" @click="take(() => ask(api.POST('/api/session/calendar/renew')))">{{
          t('people.ownCalendar.renew')
        }}</v-btn>
        <v-btn :disabled="busy" @click="end">{{ t('people.ownCalendar.end') }}</v-btn>
      </p>
    </template>
  </section>
</template>

<style scoped>
section {
  max-width: 760px;
  margin-bottom: 20px;
}

fieldset {
  border: 0;
  padding: 0;
  margin: 8px 0;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
