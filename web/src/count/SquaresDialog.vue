<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import AskDialog from '../shared/layout/AskDialog.vue'
import { useForm } from '../shared/request'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** A board of which only some squares are counted, strip by strip: what they come to, with its interval. */
const emit = defineEmits<{ take: [squares: Shapes['SquaresCounted'], mites: number] }>()
const open = defineModel<boolean>({ required: true })

const strips = ref('4')
const each = ref('20')
const mites = ref<string[]>(['', '', '', ''])
const reading = ref<Shapes['BoardTotal'] | null>(null)
const { problem, wrong, attempt, busy } = useForm()

watch(strips, (text) => {
  const wanted = Math.min(40, Math.max(1, Number.parseInt(text, 10) || 1))
  mites.value = Array.from({ length: wanted }, (_, i) => mites.value[i] ?? '')
})

const squares = computed<Shapes['SquaresCounted']>(() => ({
  strips: mites.value.map((text) => ({
    squares: Number.parseInt(each.value, 10) || 0,
    mites: text
      .split(/[\s,;]+/)
      .filter(Boolean)
      .map(Number),
  })),
}))
watch(squares, () => (reading.value = null))

async function go(): Promise<void> {
  if (reading.value) {
    emit('take', squares.value, Math.round(reading.value.total))
    return
  }
  await attempt(async () => {
    reading.value = await ask(api.POST('/api/board-squares', { body: squares.value }))
  })
}
</script>

<template>
  <AskDialog
    v-model="open"
    :title="t('count.squares.title')"
    :does="reading ? t('count.squares.take') : t('count.squares.reckon')"
    :problem="problem"
    :busy="busy"
    :width="560"
    @keep="go"
  >
    <p>{{ t('count.squares.says') }}</p>
    <div class="pair">
      <v-text-field v-model="strips" :label="t('count.squares.strips')" inputmode="numeric" />
      <v-text-field
        v-model="each"
        :label="t('count.squares.each')"
        inputmode="numeric"
        :error-messages="wrong['strips.0.squares']"
      />
    </div>
    <v-text-field
      v-for="(_, i) in mites"
      :key="i"
      v-model="mites[i]"
      :label="t('count.squares.strip', { n: i + 1 })"
      :error-messages="wrong[`strips.${i}.mites`]"
      placeholder="3, 0, 5"
      inputmode="text"
      autocomplete="off"
    />
    <p v-if="reading" role="status">
      <strong>{{ inWords(reading.says) }}</strong>
    </p>
  </AskDialog>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
</style>
