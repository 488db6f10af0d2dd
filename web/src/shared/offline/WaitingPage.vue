<script setup lang="ts">
import { reactive } from 'vue'
import { dayOf } from '../format'
import { numberIn } from '../numbers'
import { jobWords } from './jobWords'
import type { Job } from './jobs'
import type { SetAside } from './entries'
import { useOutbox } from './outbox'
import { reasonOf } from '../../words/facts'
import { t } from '../../words/words'
import { clockInField } from '../units/dayText'

/** What this device holds that the server does not have: what waits, and what was refused. */
const outbox = useOutbox()
/** What is typed to mend an entry, by its key. */
const typed = reactive<Record<string, { first: string; second: string }>>({})

function fieldsOf(entry: SetAside): { first: string; second: string } {
  return (typed[entry.id] ??= startOf(entry.job))
}

function startOf(job: Job): { first: string; second: string } {
  if (job.kind === 'COUNT') {
    return {
      first: String(job.count.mites),
      second: String(job.count.bees ?? job.count.hours ?? ''),
    }
  }
  if (job.kind === 'PRESS') return { first: reasonOf(job.events[0]?.reason), second: '' }
  if (job.kind === 'NOTE') return { first: job.note.says, second: '' }
  if (job.kind === 'TAKEN_OUT') return { first: job.out.outOn, second: '' }
  if (job.kind === 'PEOPLE') return { first: job.people.unsafeReason ?? '', second: '' }
  return { first: '', second: '' }
}

/** The job with what was typed over it. */
function mended({ id, job }: SetAside): Job {
  const fields = typed[id]
  if (!fields) return job
  if (job.kind === 'COUNT') {
    const second = numberIn(fields.second)
    const isBoard = job.count.kind === 'BOARD'
    return {
      ...job,
      count: {
        ...job.count,
        mites: numberIn(fields.first),
        bees: isBoard ? undefined : second,
        hours: isBoard ? second : undefined,
      },
    }
  }
  const reason = fields.first.trim() || undefined
  if (job.kind === 'PRESS')
    return {
      ...job,
      events: job.events.map((each) => ({
        ...each,
        reason: reason && reason !== reasonOf(each.reason) ? reason : each.reason,
      })),
    }
  if (job.kind === 'NOTE') return { ...job, note: { ...job.note, says: reason ?? job.note.says } }
  if (job.kind === 'TAKEN_OUT')
    return { ...job, out: { ...job.out, outOn: reason ?? job.out.outOn } }
  if (job.kind === 'PEOPLE') return { ...job, people: { ...job.people, unsafeReason: reason } }
  return job
}

/** Why it was not taken: field by field where the server names them. */
function reasonsOf(entry: SetAside): string[] {
  return entry.fields.length
    ? entry.fields.map((each) => `${each.field.replace(/^\d+\./, '')}: ${each.says}`)
    : [entry.says]
}

function when(made: number): string {
  const at = new Date(made)
  return `${dayOf(at.toISOString().slice(0, 10))} ${clockInField(at.toTimeString())}`
}
</script>

<template>
  <h1>{{ t('shared.waitingPage.whatWaitsOnThis') }}</h1>
  <p class="soft">
    {{ t('shared.waitingPage.whateverYouDidHere') }}
  </p>
  <section v-if="outbox.asideMine.length" aria-labelledby="aside">
    <h2 id="aside">{{ t('shared.waitingPage.setAsideServerDid') }}</h2>
    <ul class="list">
      <li v-for="each in outbox.asideMine" :key="each.id" class="sheet one">
        <p>
          <strong>{{ jobWords(each.job) }}</strong> <span class="soft">{{ when(each.made) }}</span>
        </p>
        <p v-for="says in reasonsOf(each)" :key="says" class="bad">{{ says }}</p>
        <div v-if="each.job.kind === 'COUNT'" class="mend">
          <v-text-field
            v-model="fieldsOf(each).first"
            density="compact"
            :label="t('common.mites')"
            inputmode="numeric"
          />
          <v-text-field
            v-model="fieldsOf(each).second"
            density="compact"
            :label="
              each.job.count.kind === 'BOARD'
                ? t('shared.waitingPage.hoursLay')
                : t('shared.waitingPage.bees')
            "
            inputmode="decimal"
          />
        </div>
        <v-text-field
          v-else-if="each.job.kind !== 'KIT' && each.job.kind !== 'PHOTO'"
          v-model="fieldsOf(each).first"
          class="mend"
          density="compact"
          :label="
            each.job.kind === 'TAKEN_OUT'
              ? t('shared.waitingPage.dayItWas')
              : t('shared.waitingPage.reasonIfOneAsked')
          "
        />
        <div class="buttons">
          <v-btn variant="flat" color="primary" @click="outbox.again(each.id, mended(each))">{{
            t('shared.waitingPage.sendAgain')
          }}</v-btn>
          <v-btn @click="outbox.throwAway(each.id)">{{ t('shared.waitingPage.throwAway') }}</v-btn>
        </div>
      </li>
    </ul>
  </section>
  <section aria-labelledby="waits">
    <h2 id="waits">{{ t('shared.waitingPage.onItsWay') }}</h2>
    <p v-if="outbox.mine.length === 0">{{ t('shared.waitingPage.nothingYoursWaitsHere') }}</p>
    <ul v-else class="list">
      <li v-for="each in outbox.mine" :key="each.id">
        {{ jobWords(each.job) }} <span class="soft">{{ when(each.made) }}</span>
        <span v-if="each.tries" class="soft">{{
          t('shared.waitingPage.serverFailedTimesOver', { tries: each.tries })
        }}</span>
      </li>
    </ul>
    <p v-if="outbox.others > 0" class="soft">
      {{ t('shared.waitingPage.somebodyElseWaitOn', { others: outbox.others }) }}
    </p>
  </section>
</template>

<style scoped>
.list {
  padding: 0;
  display: grid;
  gap: 8px;
  max-width: 820px;
}

.list li {
  list-style: none;
}

.one {
  padding: 12px 16px;
}

.one p {
  margin: 0 0 4px;
}

.bad {
  color: var(--off-label);
  font-weight: 600;
}

.mend {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 160px));
  gap: 10px;
  max-width: 420px;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
