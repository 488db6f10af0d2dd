<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import IntervalBar from '../shared/chart/IntervalBar.vue'
import StandingMark from './StandingMark.vue'
import { t } from '../words/words'
import { fixed } from '../shared/numbers'
import { inWords } from '../words/facts'

type Sign = Shapes['NewSign']['sign']
type Choice = Shapes['NewDecision']['choice']

/** One hive: what was counted and seen, and what is decided. */
const props = defineProps<{
  line: Shapes['CountLine']
  limit: number
  most: number
  mayWork: boolean
  isKeeper: boolean
  current: boolean
}>()
const emit = defineEmits<{
  sign: [sign: Sign]
  strikeSign: [id: string]
  decide: [choice: Choice, reason?: string]
  choose: []
}>()

const SIGNS: { sign: Sign; short: string; words: string }[] = [
  {
    sign: 'CHEWED_PUPAE',
    short: t('count.countRow.chewed'),
    words: t('count.countRow.chewedOrUncappedPupae'),
  },
  {
    sign: 'DEFORMED_WINGS',
    short: t('count.countRow.wings'),
    words: t('count.countRow.deformedWings'),
  },
  {
    sign: 'SPOTTY_BROOD',
    short: t('count.countRow.spotty'),
    words: t('count.countRow.spottyBrood'),
  },
  {
    sign: 'NONE_SEEN',
    short: t('count.countRow.noSign'),
    words: t('count.countRow.lookedNoSignSeen'),
  },
]
const CHOICES: { choice: Choice; words: string }[] = [
  { choice: 'TREAT', words: t('count.countRow.treat') },
  { choice: 'LEAVE', words: t('count.countRow.leave2') },
  { choice: 'WATCH', words: t('count.countRow.watch') },
]
const drops = computed(() => {
  const { lastDrop, naturalDrop } = props.line
  const after =
    lastDrop && !lastDrop.natural ? [{ ...lastDrop, words: t('count.countRow.afterRound') }] : []
  return [
    ...after,
    ...(naturalDrop ? [{ ...naturalDrop, words: t('count.countRow.natural') }] : []),
  ]
})
const asking = ref(false)
const reason = ref('')

function choose(choice: Choice): void {
  if (choice === 'LEAVE') asking.value = true
  else emit('decide', choice)
}

function leave(): void {
  emit('decide', 'LEAVE', reason.value)
  asking.value = false
}

function toggle(sign: Sign): void {
  const seen = props.line.signs.find((each) => each.sign === sign)
  if (seen) emit('strikeSign', seen.id)
  else emit('sign', sign)
}
</script>

<template>
  <li class="row" :class="{ current }">
    <div class="name">
      <button
        type="button"
        :aria-label="t('count.countRow.count', { name: line.hive.name })"
        @click="emit('choose')"
      >
        <strong>{{ line.hive.name }}</strong>
      </button>
      <router-link :to="`/spacing/${line.hive.id}`">{{ t('count.countRow.bench') }}</router-link>
      <router-link :to="`/hives/${line.hive.id}`">{{ t('common.lifeOfHive') }}</router-link>
    </div>
    <div class="reading">
      <template v-if="line.reading">
        <div class="verdict">
          <StandingMark :standing="line.reading.standing" />
          <span class="soft">{{
            t('count.countRow.in', {
              mites: line.reading.mites,
              bees: line.reading.bees,
              day: shortDay(line.reading.day),
            })
          }}</span>
        </div>
        <IntervalBar :reading="line.reading" :limit="limit" :most="most" />
        <p v-if="line.reading.standing === 'CANNOT_TELL'" class="soft more">
          {{
            line.reading.beesToSettle
              ? t('count.countRow.washMoreBeesKnow', {
                  bees: line.reading.beesToSettle - line.reading.bees,
                })
              : t('count.countRow.tooCloseTellBy')
          }}
        </p>
      </template>
      <span v-else class="soft">{{ t('common.notCounted') }}</span>
    </div>
    <div class="drop">
      <p v-for="drop in drops" :key="drop.words">
        <i18n-t keypath="count.countRow.mitesDay" scope="global"
          ><template #span
            ><span class="figure"
              >{{ fixed(drop.perDay, 1)
              }}<template v-if="drop.low !== undefined && drop.high !== undefined">
                ({{ fixed(drop.low, 1) }}–{{ fixed(drop.high, 1) }})</template
              ></span
            ></template
          ><template #span2
            ><span class="soft">{{ drop.words }}, {{ shortDay(drop.day) }}</span></template
          ></i18n-t
        >
      </p>
      <span v-if="line.boardLaidAt" class="soft">{{
        t('count.countRow.boardLiesSince', { boardLaidAt: shortDay(line.boardLaidAt.slice(0, 10)) })
      }}</span>
      <span v-else-if="drops.length === 0" class="soft">{{
        t('count.countRow.noNaturalDrop')
      }}</span>
    </div>
    <div class="marks">
      <div
        class="signs"
        role="group"
        :aria-label="t('count.countRow.signsAt', { name: line.hive.name })"
      >
        <button
          v-for="each in SIGNS"
          :key="each.sign"
          type="button"
          :disabled="!mayWork"
          :aria-pressed="line.signs.some((seen) => seen.sign === each.sign)"
          :aria-label="`${each.short}: ${each.words}`"
          :title="each.words"
          @click="toggle(each.sign)"
        >
          {{ each.short }}
        </button>
      </div>
      <div
        class="choices"
        role="group"
        :aria-label="t('count.countRow.decisionFor', { name: line.hive.name })"
      >
        <button
          v-for="each in CHOICES"
          :key="each.choice"
          type="button"
          :disabled="!isKeeper"
          :class="{ bracketed: line.decision?.choice === each.choice }"
          :aria-pressed="line.decision?.choice === each.choice"
          @click="choose(each.choice)"
        >
          {{ each.words }}
        </button>
      </div>
      <p v-if="line.decision?.reason" class="soft why">{{ line.decision.reason }}</p>
      <form v-if="asking" class="ask" @submit.prevent="leave">
        <v-text-field
          v-model="reason"
          :label="t('count.countRow.whyLeftUntreated')"
          density="compact"
          autofocus
        />
        <v-btn type="submit" :disabled="reason.trim() === ''">{{
          t('count.countRow.leave')
        }}</v-btn>
      </form>
    </div>
    <p v-if="line.doubt" class="doubt">
      <i18n-t keypath="count.countRow.ifSlipStrikeOut" scope="global"
        ><template #strong
          ><strong>{{ t('count.countRow.lookAgain') }}</strong></template
        ><template #doubt>{{ inWords(line.doubt) }}</template></i18n-t
      >
    </p>
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 54px minmax(180px, 1fr) 118px 320px;
  gap: 6px 16px;
  align-items: start;
  padding: 8px 10px;
  border-bottom: 1px solid var(--rule);
}

.current {
  background: var(--wash);
}

.name {
  display: grid;
  gap: 2px;
}

.name button {
  min-height: 32px;
  text-align: left;
  text-decoration: underline;
  text-underline-offset: 0.18em;
}

.verdict,
.signs,
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
}

.more,
.why {
  margin: 2px 0 0;
  font-size: 0.875rem;
}

.drop {
  font-size: 0.9375rem;
}

.drop p {
  margin: 0;
}

.marks {
  display: grid;
  gap: 4px;
}

.signs button,
.choices button {
  min-height: 36px;
  padding: 0 10px;
  border: 1px solid var(--rule);
  border-radius: 2px;
  font-size: 0.8125rem;
}

.signs,
.choices {
  gap: 4px;
}

.choices button {
  font-weight: 600;
  padding: 0 14px;
}

.signs button[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}

.doubt {
  grid-column: 2 / -1;
  margin: 0;
}

.ask {
  display: flex;
  gap: 8px;
}

@media (width <= 900px) {
  .row {
    grid-template-columns: 1fr;
  }

  .doubt {
    grid-column: auto;
  }

  .name {
    display: flex;
    gap: 20px;
    align-items: center;
  }

  .signs button,
  .choices button {
    min-height: 56px;
  }
}
</style>
