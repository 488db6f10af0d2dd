<script setup lang="ts">
import { ref } from 'vue'
import { Refused, Unreachable, words } from '../api/client'
import { useRequest } from '../shared/request'
import { sendOutfit, untilItAnswers } from './outfit'
import { whole } from '../shared/numbers'

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
    return `Nothing was changed. The file ${thrown.at('file') ?? thrown.message}.`
  return thrown instanceof Unreachable
    ? 'Nothing was changed: the file did not reach the server whole. Try again.'
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
    <h3>Bring one in</h3>
    <label class="file">
      An outfit file or a backup (.zip)
      <input type="file" accept=".zip,application/zip" @change="choose" />
    </label>
    <template v-if="chosen">
      <v-checkbox
        v-model="sure"
        :label="`Put ${chosen.name} (${whole(chosen.size / 1024)} kB) in place of everything that is here. Everybody is signed out.`"
      />
      <v-btn :disabled="!sure || state !== 'idle'" :loading="state === 'sending'" @click="bringIn"
        >Bring it in</v-btn
      >
      <p class="soft">
        The file is checked whole first. What is here now is kept beside it, in the data folder.
      </p>
    </template>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <p v-if="state === 'restarting'" role="status">
      {{ whole(rows) }} rows are in. Tavrel starts anew with them; sign in in a moment…
    </p>
    <p v-if="state === 'later'" role="status">
      {{ whole(rows) }} rows are ready. They take their place when Tavrel is started next.
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
