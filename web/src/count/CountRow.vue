<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import IntervalBar from '../shared/chart/IntervalBar.vue'
import StandingMark from './StandingMark.vue'

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
  { sign: 'CHEWED_PUPAE', short: 'chewed', words: 'chewed or uncapped pupae' },
  { sign: 'DEFORMED_WINGS', short: 'wings', words: 'deformed wings' },
  { sign: 'SPOTTY_BROOD', short: 'spotty', words: 'spotty brood' },
  { sign: 'NONE_SEEN', short: 'no sign', words: 'looked, no sign seen' },
]
const CHOICES: { choice: Choice; words: string }[] = [
  { choice: 'TREAT', words: 'Treat' },
  { choice: 'LEAVE', words: 'Leave' },
  { choice: 'WATCH', words: 'Watch' },
]
const drops = computed(() => {
  const { lastDrop, naturalDrop } = props.line
  const after = lastDrop && !lastDrop.natural ? [{ ...lastDrop, words: 'after a round' }] : []
  return [...after, ...(naturalDrop ? [{ ...naturalDrop, words: 'natural' }] : [])]
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
      <button type="button" :aria-label="`Count ${line.hive.name}`" @click="emit('choose')">
        <strong>{{ line.hive.name }}</strong>
      </button>
      <router-link :to="`/spacing/${line.hive.id}`">bench</router-link>
    </div>
    <div class="reading">
      <template v-if="line.reading">
        <div class="verdict">
          <StandingMark :standing="line.reading.standing" />
          <span class="soft"
            >{{ line.reading.mites }} in {{ line.reading.bees }},
            {{ shortDay(line.reading.day) }}</span
          >
        </div>
        <IntervalBar :reading="line.reading" :limit="limit" :most="most" />
        <p v-if="line.reading.standing === 'CANNOT_TELL'" class="soft more">
          {{
            line.reading.beesToSettle
              ? `wash ${line.reading.beesToSettle - line.reading.bees} more bees to know`
              : 'too close to tell by washing'
          }}
        </p>
      </template>
      <span v-else class="soft">not counted</span>
    </div>
    <div class="drop">
      <p v-for="drop in drops" :key="drop.words">
        <span class="figure">{{ drop.perDay.toFixed(1) }}</span> mites/day
        <span class="soft">{{ drop.words }}, {{ shortDay(drop.day) }}</span>
      </p>
      <span v-if="line.boardLaidAt" class="soft"
        >board lies since {{ shortDay(line.boardLaidAt.slice(0, 10)) }}</span
      >
      <span v-else-if="drops.length === 0" class="soft">no natural drop</span>
    </div>
    <div class="marks">
      <div class="signs" role="group" :aria-label="`Signs at ${line.hive.name}`">
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
      <div class="choices" role="group" :aria-label="`Decision for ${line.hive.name}`">
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
          label="Why is it left untreated?"
          density="compact"
          autofocus
        />
        <v-btn type="submit" :disabled="reason.trim() === ''">Leave it</v-btn>
      </form>
    </div>
    <p v-if="line.doubt" class="doubt">
      <strong>Look again.</strong> {{ line.doubt }} If it is a slip, strike it out under “Latest
      counts”.
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
