<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask, words, type Shapes } from '../api/client'
import { saysBeside, saysByField } from '../api/refusal'
import LineTable from '../parts/LineTable.vue'
import { numberIn } from '../parts/numbers'

/** Every figure that the estimates rest on, with its meaning and source; each may be set otherwise. */
const groups = ref<Shapes['FigureGroup'][]>([])
const typed = ref<Record<string, string>>({})
const wrong = ref<Record<string, string>>({})
const problem = ref('')
const said = ref('')

function show(found: Shapes['FigureGroup'][]): void {
  groups.value = found
  typed.value = Object.fromEntries(
    found.flatMap((group) => group.figures.map((each) => [each.knob.key, String(each.value)])),
  )
}

onMounted(async () => {
  try {
    show(await ask(api.GET('/api/figures')))
  } catch (thrown) {
    problem.value = words(thrown)
  }
})

async function keep(): Promise<void> {
  const own: Record<string, number> = {}
  wrong.value = {}
  for (const group of groups.value) {
    for (const each of group.figures) {
      const value = numberIn(typed.value[each.knob.key] ?? '')
      if (!Number.isFinite(value)) wrong.value[each.knob.key] = 'is no number'
      else if (value !== each.value) own[each.knob.key] = value
    }
  }
  if (Object.keys(wrong.value).length > 0) return
  try {
    show(await ask(api.PUT('/api/figures', { body: own })))
    said.value = 'Kept. Everything is reckoned with these from now on.'
    problem.value = ''
  } catch (thrown) {
    said.value = ''
    wrong.value = saysByField(thrown)
    problem.value = saysBeside(thrown, 'Nothing was kept: look at the marked figure.')
  }
}
</script>

<template>
  <form @submit.prevent="keep">
    <div class="top">
      <h1>Figures</h1>
      <v-btn type="submit" variant="flat" color="primary">Keep</v-btn>
      <span role="status">{{ said }}</span>
    </div>
    <p class="soft">
      The estimates rest on these. A figure set back to its usual value is yours no longer.
    </p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <section v-for="group in groups" :key="group.name">
      <h2>{{ group.name }}</h2>
      <LineTable :label="group.name">
        <thead>
          <tr>
            <th scope="col">Meaning</th>
            <th scope="col">Value</th>
            <th scope="col">Usual</th>
            <th scope="col">Source</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in group.figures" :key="each.knob.key">
            <td>{{ each.knob.meaning }}</td>
            <td class="value">
              <v-text-field
                v-model="typed[each.knob.key]"
                density="compact"
                inputmode="decimal"
                :aria-label="each.knob.meaning"
                :suffix="each.knob.unit"
                :error-messages="wrong[each.knob.key]"
              />
            </td>
            <td class="figure">
              {{ each.knob.usual }} {{ each.knob.unit }}
              <strong v-if="each.value !== each.knob.usual">yours differs</strong>
            </td>
            <td class="soft">{{ each.knob.source }}</td>
          </tr>
        </tbody>
      </LineTable>
    </section>
  </form>
</template>

<style scoped>
.top {
  display: flex;
  align-items: center;
  gap: 20px;
}

.value {
  min-width: 190px;
}

.problem {
  color: var(--off-label);
  font-weight: 600;
}

section {
  margin-top: 18px;
}
</style>
