<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import VerdictMark from '../shared/VerdictMark.vue'
import { shortDay } from '../shared/days'
import { percent, whole } from '../shared/numbers'
import { useForm } from '../shared/request'
import { t } from '../words/words'
import { inWords, wordOf } from '../words/facts'
import DayField from '../shared/units/DayField.vue'

/** Going on after a missed day: each way with what it leaves. */
const props = defineProps<{ series: Shapes['Series']; round: Shapes['SeriesRound'] }>()
const emit = defineEmits<{ moved: [] }>()
const open = defineModel<boolean>({ required: true })
const onto = ref('')
const ways = ref<Shapes['WayOn'][]>([])
const reason = ref('')
const { problem, wrong, attempt } = useForm()

watch(open, (isOpen) => {
  if (!isOpen) return
  onto.value = props.round.day > props.series.today ? props.round.day : props.series.today
  reason.value = ''
})
watch([onto, open], async () => {
  if (!open.value || !/^\d{4}-\d{2}-\d{2}$/.test(onto.value)) return
  const answered = await attempt(async () => {
    ways.value = await ask(
      api.POST('/api/series/{id}/ways', {
        params: { path: { id: props.series.id } },
        body: { number: props.round.number, onto: onto.value },
      }),
    )
  })
  if (!answered) ways.value = []
})

async function go(way: Shapes['WayOn']): Promise<void> {
  await attempt(async () => {
    await ask(
      api.PUT('/api/series/{id}/days', {
        params: { path: { id: props.series.id } },
        body: {
          number: props.round.number,
          onto: onto.value,
          way: way.way,
          offLabelReason: reason.value || undefined,
        },
      }),
    )
    open.value = false
    emit('moved')
  })
}
</script>

<template>
  <v-dialog v-model="open" max-width="680" :aria-label="t('spacing.missDialog.missedDay')">
    <div class="sheet miss">
      <h2>
        {{
          t('spacing.missDialog.roundWasBeOn', { number: round.number, day: shortDay(round.day) })
        }}
      </h2>
      <DayField
        v-model="onto"
        :label="t('spacing.missDialog.canBeDoneOn')"
        :error-messages="wrong.onto ?? wrong.number"
      />
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <ul>
        <li v-for="each in ways" :key="each.way">
          <div>
            <strong>{{ wordOf(`RespacingWay.${each.way}`) }}</strong><br />{{
              each.days.map(shortDay).join(', ')
            }}<br />
            <span
              v-if="each.left !== undefined && each.wash !== undefined && each.commonDate"
              class="soft"
              >{{
                t('spacing.missDialog.aboutMitesLeftOn', {
                  left: whole(each.left),
                  commonDate: shortDay(each.commonDate),
                  wash: percent(each.wash),
                })
              }}</span
            >
            <span v-else class="soft">{{ t('spacing.missDialog.plannedWithSeasonNot') }}</span>
            <template v-if="each.verdict">
              <br /><VerdictMark :verdict="each.verdict" />
              <span class="soft">{{ inWords(each.labelSays) }}</span>
            </template>
          </div>
          <v-btn @click="go(each)">{{ t('spacing.missDialog.so') }}</v-btn>
        </li>
      </ul>
      <v-textarea
        v-if="ways.some((each) => each.verdict === 'NOT_ON_LABEL')"
        v-model="reason"
        :label="t('spacing.missDialog.whyOffLabelNeeded')"
        :error-messages="wrong.offLabelReason"
      />
      <v-btn @click="open = false">{{ t('common.close') }}</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
.miss {
  display: grid;
  gap: 12px;
  padding: 20px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 12px;
  align-items: center;
  padding: 10px 0;
  border-bottom: 1px solid var(--rule);
}
</style>
