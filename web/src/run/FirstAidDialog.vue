<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { radioKeys } from '../shared/radioKeys'

const emit = defineEmits<{ said: [kind: 'EXPOSURE' | 'ACCIDENT', says: string] }>()
/** The first-aid card, and the entry that is kept: who, what happened, what was done. */
const open = defineModel<boolean>({ required: true })
const kind = ref<'EXPOSURE' | 'ACCIDENT'>('EXPOSURE')
const who = ref('')
const what = ref('')
const done = ref('')
const whole = computed(() => [who, what, done].every((field) => field.value.trim() !== ''))
watch(open, (isOpen) => {
  if (isOpen) for (const field of [who, what, done]) field.value = ''
})

function keep(): void {
  if (!whole.value) return
  emit('said', kind.value, `${who.value.trim()}: ${what.value.trim()}. Done: ${done.value.trim()}`)
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="620" aria-labelledby="aid-title">
    <div class="sheet aid">
      <h2 id="aid-title">Somebody is exposed or hurt</h2>
      <ol class="card">
        <li><strong>Out of the vapour, to fresh air.</strong> Stop burning; step upwind.</li>
        <li><strong>Eyes:</strong> rinse with clean water for at least 15 minutes.</li>
        <li><strong>Skin:</strong> wash with much water; take off what has acid on it.</li>
        <li><strong>Burn:</strong> cool with water. <strong>Fire:</strong> people away first.</li>
        <li>
          <strong>Call the local poison centre or emergency number</strong>, have the label at hand,
          follow the safety data sheet.
        </li>
      </ol>
      <p class="soft small">General cautions, not medical advice.</p>
      <form @submit.prevent="keep">
        <div class="kinds" role="radiogroup" aria-label="What it was">
          <button
            v-for="each in ['EXPOSURE', 'ACCIDENT'] as const"
            :key="each"
            type="button"
            role="radio"
            :aria-checked="kind === each"
            :tabindex="kind === each ? 0 : -1"
            @keydown="radioKeys"
            @click="kind = each"
          >
            {{ kind === each ? '●' : '○' }}
            {{ each === 'EXPOSURE' ? 'Exposure to acid' : 'Accident' }}
          </button>
        </div>
        <v-text-field v-model="who" label="Who" maxlength="60" />
        <v-text-field v-model="what" label="What happened" maxlength="200" />
        <v-text-field v-model="done" label="What was done" maxlength="200" />
        <div class="ends">
          <button type="button" class="back" @click="open = false">Back, keep nothing</button>
          <v-btn type="submit" height="56" :disabled="!whole">Keep it in the log</v-btn>
        </div>
      </form>
    </div>
  </v-dialog>
</template>

<style scoped>
.aid {
  padding: 18px;
  overflow-y: auto;
}

.card {
  padding: 12px 12px 12px 34px;
  border: 3px solid var(--off-label);
  line-height: 1.5;
}

form {
  display: grid;
  gap: 10px;
}

.kinds,
.ends {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  justify-content: space-between;
}

.kinds button {
  flex: 1;
  min-height: 56px;
  border: 1px solid var(--rule-strong);
}

.kinds button[aria-checked='true'] {
  border-width: 3px;
}

.back {
  min-height: 56px;
  text-decoration: underline;
}
</style>
