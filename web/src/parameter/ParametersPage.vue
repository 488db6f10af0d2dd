<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { numberIn } from '../shared/numbers'
import PageState from '../shared/layout/PageState.vue'
import { useForm } from '../shared/request'

/** Every figure that the estimates rest on, with its meaning and source; each may be set otherwise. */
const groups = ref<Shapes['FigureGroup'][]>([])
const typed = ref<Record<string, string>>({})
const { problem, wrong, attempt } = useForm({
  marked: () => 'Nothing was kept: look at the marked figure.',
})
const said = ref('')

function show(found: Shapes['FigureGroup'][]): void {
  groups.value = found
  typed.value = Object.fromEntries(
    found.flatMap((group) => group.figures.map((each) => [each.parameter.key, String(each.value)])),
  )
}

async function load(): Promise<void> {
  await attempt(async () => {
    show(await ask(api.GET('/api/parameters')))
  })
}
onMounted(load)

async function keep(): Promise<void> {
  const own: Record<string, number> = {}
  wrong.value = {}
  for (const group of groups.value) {
    for (const each of group.figures) {
      const value = numberIn(typed.value[each.parameter.key] ?? '')
      if (!Number.isFinite(value)) wrong.value[each.parameter.key] = 'is no number'
      else if (value !== each.value) own[each.parameter.key] = value
    }
  }
  if (Object.keys(wrong.value).length > 0) return
  said.value = ''
  await attempt(async () => {
    show(await ask(api.PUT('/api/parameters', { body: own })))
    said.value = 'Kept. Everything is reckoned with these from now on.'
  })
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
    <PageState :there="groups.length > 0" :problem="problem" what="the figures" @again="load()" />
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
          <tr v-for="each in group.figures" :key="each.parameter.key">
            <td>{{ each.parameter.meaning }}</td>
            <td class="value">
              <v-text-field
                v-model="typed[each.parameter.key]"
                density="compact"
                inputmode="decimal"
                :aria-label="each.parameter.meaning"
                :suffix="each.parameter.unit"
                :error-messages="wrong[each.parameter.key]"
              />
            </td>
            <td class="figure">
              {{ each.parameter.usual }} {{ each.parameter.unit }}
              <strong v-if="each.value !== each.parameter.usual">yours differs</strong>
            </td>
            <td class="soft">{{ each.parameter.source }}</td>
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

section {
  margin-top: 18px;
}
</style>
