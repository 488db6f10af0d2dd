<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import VerdictMark from '../shared/VerdictMark.vue'
import { shortDay } from '../shared/days'
import { counted } from '../shared/format'
import { percent } from '../shared/numbers'
import { useForm } from '../shared/request'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** The rounds to come of a series, planned anew from what its rounds so far showed; taken over by a press. */
const props = defineProps<{ rest: Shapes['SeriesRest']; mayPlan: boolean }>()
const emit = defineEmits<{ taken: [] }>()
const NAMES: Record<Shapes['JudgedWay']['way']['kind'], string> = {
  END_HERE: t('result.restCard.endHere'),
  AS_AGREED: t('result.restCard.asAgreed'),
  FITTED: t('result.restCard.whatFitsTheseCounts'),
}
const reason = ref('')
const { problem, wrong, busy, attempt } = useForm()
const agreed = computed(
  () => props.rest.ways.find((each) => each.way.kind === 'AS_AGREED')?.way.days ?? [],
)
const ways = computed(() =>
  props.rest.ways.map((each) => ({
    ...each,
    days: each.way.days.map(shortDay).join(', ') || t('result.restCard.noFurtherRound'),
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
  <section class="sheet rest" :aria-label="t('result.restCard.rest', { series: rest.series })">
    <h2>{{ t('result.restCard.rest2', { series: rest.series }) }}</h2>
    <p class="soft">
      <i18n-t keypath="result.restCard.plannedFromWhatIts" scope="global"
        ><template #on>{{ shortDay(rest.on) }}</template
        ><template #more
          ><template v-if="rest.without.length">{{
            t('result.restCard.tooFewCountsReckon', { without })
          }}</template></template
        ><template #strong
          ><strong v-if="fallsShort">
            {{ t('result.restCard.noWayWasLooked') }}
          </strong></template
        ></i18n-t
      >
    </p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <ul :aria-label="t('result.restCard.waysGoOnLimit', { limitPercent: rest.limitPercent })">
      <li v-for="each in ways" :key="each.way.kind">
        <div>
          <strong>{{ NAMES[each.way.kind] }}</strong><br />{{ each.days }}
        </div>
        <div v-if="each.worst">
          <i18n-t keypath="result.restCard.worst" scope="global"
            ><template #hive>{{ each.worst.hive }}</template
            ><template #strong
              ><strong
                :class="each.worst.wash.middle * 100 <= rest.limitPercent ? 'good' : 'bad'"
                >{{ percent(each.worst.wash.middle) }}</strong
              ></template
            ><template #span
              ><span class="soft under">{{
                t('result.restCard.above', {
                  low: percent(each.worst.wash.low),
                  high: percent(each.worst.wash.high),
                  limitPercent: rest.limitPercent,
                  above: each.way.above,
                  hives: counted(each.way.hives.length, 'hive'),
                })
              }}</span></template
            ></i18n-t
          >
        </div>
        <div>
          <VerdictMark v-if="each.verdict" :verdict="each.verdict" />
          <span v-if="each.labelSays" class="soft under">{{ inWords(each.labelSays) }}</span>
        </div>
        <div v-if="mayPlan">
          <v-btn v-if="each.isOther" :disabled="busy" @click="take(each.way.days)">
            {{ t('result.restCard.takeTheseDays') }}
          </v-btn>
          <span v-else class="soft">{{ t('result.restCard.agreed') }}</span>
        </div>
      </li>
    </ul>
    <v-textarea
      v-if="mayPlan && needsReason"
      v-model="reason"
      rows="2"
      :label="t('result.restCard.whyOffLabelNeeded')"
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
