<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import VerdictMark from '../shared/VerdictMark.vue'
import { shortDay } from '../shared/days'
import { counted } from '../shared/format'
import { percent } from '../shared/numbers'
import { useForm } from '../shared/request'

/** The rounds to come of a series, planned anew from what its rounds so far showed; taken over by a press. */
const props = defineProps<{ rest: Shapes['SeriesRest']; mayPlan: boolean }>()
const emit = defineEmits<{ taken: [] }>()
const NAMES: Record<Shapes['JudgedWay']['way']['kind'], string> = {
  END_HERE: 'End it here',
  AS_AGREED: 'As agreed',
  FITTED: 'What fits these counts',
}
const reason = ref('')
const { problem, wrong, busy, attempt } = useForm()
const agreed = computed(
  () => props.rest.ways.find((each) => each.way.kind === 'AS_AGREED')?.way.days ?? [],
)
const ways = computed(() =>
  props.rest.ways.map((each) => ({
    ...each,
    days: each.way.days.map(shortDay).join(', ') || 'no further round',
    worst: each.way.hives[0],
    isOther: each.way.days.join() !== agreed.value.join(),
  })),
)
const NAMED = 6
const without = computed(() =>
  props.rest.without.length > NAMED
    ? counted(props.rest.without.length, 'hive')
    : props.rest.without.join(', '),
)
const fallsShort = computed(() => props.rest.ways.every((each) => each.way.above > 0))
const needsReason = computed(() =>
  ways.value.some((each) => each.isOther && each.verdict === 'NOT_ON_LABEL'),
)

async function take(days: readonly string[]): Promise<void> {
  await attempt(async () => {
    await ask(
      api.PUT('/api/series/{id}/rest', {
        params: { path: { id: props.rest.seriesId } },
        body: { days: [...days], offLabelReason: reason.value || undefined },
      }),
    )
    emit('taken')
  })
}
</script>

<template>
  <section class="sheet rest" :aria-label="`The rest of ${rest.series}`">
    <h2>The rest of “{{ rest.series }}”</h2>
    <p class="soft">
      Planned from what its own hives showed so far, looked at on {{ shortDay(rest.on) }}. A model
      estimate; the worst hive decides.
      <template v-if="rest.without.length">Too few counts to reckon with: {{ without }}.</template>
      <strong v-if="fallsShort">
        No way that was looked at brings every hive below the limit: look for leaks and for mites
        coming in, and ask your adviser about other treatments.
      </strong>
    </p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <ul :aria-label="`Ways to go on, limit ${rest.limitPercent} %`">
      <li v-for="each in ways" :key="each.way.kind">
        <div>
          <strong>{{ NAMES[each.way.kind] }}</strong><br />{{ each.days }}
        </div>
        <div v-if="each.worst">
          worst, {{ each.worst.hive }}:
          <strong :class="each.worst.wash.middle * 100 <= rest.limitPercent ? 'good' : 'bad'">{{
            percent(each.worst.wash.middle)
          }}</strong>
          <span class="soft under"
            >80 %: {{ percent(each.worst.wash.low) }} to {{ percent(each.worst.wash.high) }}; above
            {{ rest.limitPercent }} %: {{ each.way.above }} of
            {{ counted(each.way.hives.length, 'hive') }}</span
          >
        </div>
        <div>
          <VerdictMark v-if="each.verdict" :verdict="each.verdict" />
          <span v-if="each.labelSays" class="soft under">{{ each.labelSays }}</span>
        </div>
        <div v-if="mayPlan">
          <v-btn v-if="each.isOther" :disabled="busy" @click="take(each.way.days)">
            Take these days
          </v-btn>
          <span v-else class="soft">agreed</span>
        </div>
      </li>
    </ul>
    <v-textarea
      v-if="mayPlan && needsReason"
      v-model="reason"
      rows="2"
      label="Why off the label? Needed for days that are not on it"
      :error-messages="wrong.offLabelReason"
    />
  </section>
</template>

<style scoped>
.rest {
  margin-top: 14px;
  padding: 14px 18px;
}

h2 {
  margin: 0;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: 6px 20px;
  align-items: center;
  padding: 10px 0;
  border-top: 1px solid var(--rule);
}

.under {
  display: block;
  font-size: 0.8125rem;
}

.good {
  color: var(--open);
}

.bad {
  color: var(--off-label);
  font-weight: 600;
}
</style>
