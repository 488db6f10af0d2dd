<script setup lang="ts">
import { ref, watch } from 'vue'
import { reasonOf } from '../words/facts'
import { t } from '../words/words'

const props = defineProps<{
  title: string
  /** What is usually answered, by name. */
  ready: readonly string[]
  /** Offered as "all n waiting hives", where more than one waits. */
  waiting?: number
}>()
const emit = defineEmits<{ said: [reason: string, all: boolean] }>()
/** Asks for a few words: ready ones in one press, or the keeper's own. */
const open = defineModel<boolean>({ required: true })
const own = ref('')
const all = ref(false)
watch(open, (isOpen) => {
  if (isOpen) all.value = false
})

function say(reason: string): void {
  if (!reason.trim()) return
  emit('said', reason.trim(), all.value)
  own.value = ''
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" aria-labelledby="reason-title">
    <div class="sheet ask">
      <h2 id="reason-title">{{ props.title }}</h2>
      <v-checkbox
        v-if="waiting && waiting > 1"
        v-model="all"
        :label="t('run.reasonDialog.forAllHivesStill', { waiting })"
      />
      <button
        v-for="reason in ready"
        :key="reason"
        type="button"
        class="reason"
        @click="say(reason)"
      >
        {{ reasonOf(reason) }}
      </button>
      <form class="own" @submit.prevent="say(own)">
        <v-text-field v-model="own" :label="t('run.reasonDialog.yourOwnWords')" maxlength="500" />
        <v-btn type="submit" min-height="56" :disabled="!own.trim()">{{
          t('run.reasonDialog.saySo')
        }}</v-btn>
      </form>
      <button type="button" class="back" @click="open = false">
        {{ t('common.backChangeNothing') }}
      </button>
    </div>
  </v-dialog>
</template>

<style scoped>
.ask {
  padding: 18px;
  display: grid;
  gap: 8px;
}

.reason,
.back {
  min-height: 56px;
  padding: 0 14px;
  text-align: left;
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
}

.reason:hover {
  background: var(--wash);
}

.own {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
}

.back {
  border: 0;
  text-decoration: underline;
}
</style>
