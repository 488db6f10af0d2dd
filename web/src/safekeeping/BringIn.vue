<script setup lang="ts">
import { ref } from 'vue'
import { Refused, Unreachable, words } from '../api/client'
import { useRequest } from '../shared/request'
import { untilItAnswers } from '../shared/untilItAnswers'
import { sendOutfit } from './outfit'
import { whole } from '../shared/numbers'
import { t } from '../words/words'

/** Brings a whole outfit in, in place of the one that is here: chosen, confirmed, sent, started anew. */
const chosen = ref<File | null>(null)
const sure = ref(false)
const state = ref<'idle' | 'sending' | 'restarting' | 'later'>('idle')
const { problem, attempt } = useRequest(refusal)
const rows = ref(0)

function choose(event: Event): void {
  chosen.value = (event.target as HTMLInputElement).files?.[0] ?? null
  sure.value = false
  problem.value = ''
}

function refusal(thrown: unknown): string {
  if (thrown instanceof Refused)
    return t('safekeeping.bringIn.nothingWasChangedFile', {
      message: thrown.at('file') ?? thrown.message,
    })
  return thrown instanceof Unreachable
    ? t('safekeeping.bringIn.nothingWasChangedFile2')
    : words(thrown)
}

async function bringIn(): Promise<void> {
  const file = chosen.value
  if (!file || !sure.value || state.value !== 'idle') return
  state.value = 'sending'
  problem.value = ''
  const sent = await attempt(async () => {
    const done = await sendOutfit(file)
    rows.value = done.rows
    state.value = done.restarts ? 'restarting' : 'later'
    if (done.restarts) {
      await untilItAnswers()
      window.location.assign('/sign-in')
    }
  })
  if (!sent) state.value = 'idle'
}
</script>

<template>
  <div class="bring">
    <h3>{{ t('safekeeping.bringIn.bringOne') }}</h3>
    <label class="file">
      {{ t('safekeeping.bringIn.outfitFileOrBackup') }}
      <input type="file" accept=".zip,application/zip" @change="choose" />
    </label>
    <template v-if="chosen">
      <v-checkbox
        v-model="sure"
        :label="
          t('safekeeping.bringIn.putKbPlaceEverything', {
            name: chosen.name,
            chosen: whole(chosen.size / 1024),
          })
        "
      />
      <v-btn
        :disabled="!sure || state !== 'idle'"
        :loading="state === 'sending'"
        @click="bringIn"
        >{{ t('safekeeping.bringIn.bring') }}</v-btn
      >
      <p class="soft">
        {{ t('safekeeping.bringIn.fileCheckedWholeFirst') }}
      </p>
    </template>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <p v-if="state === 'restarting'" role="status">
      {{ t('safekeeping.bringIn.rowsAreTavrelStarts', { rows: whole(rows) }) }}
    </p>
    <p v-if="state === 'later'" role="status">
      {{ t('safekeeping.bringIn.rowsAreReadyThey', { rows: whole(rows) }) }}
    </p>
  </div>
</template>

<style scoped>
.bring {
  border-top: 1px solid var(--rule);
  margin-top: 8px;
}

.file {
  display: grid;
  gap: 6px;
}

input {
  min-height: 44px;
}
</style>
