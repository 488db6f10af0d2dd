<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { numberIn } from '../shared/numbers'
import PageState from '../shared/layout/PageState.vue'
import { useForm } from '../shared/request'
import { unitOf, wordOf } from '../words/facts'
import { t } from '../words/words'

/** Every figure that the estimates rest on, with its meaning and source; each may be set otherwise. */
const groups = ref<Shapes['Figures'][]>([])
const typed = ref<Record<string, string>>({})
const { problem, wrong, attempt } = useForm({
  marked: () => t('parameter.parametersPage.nothingWasKeptLook'),
})
const said = ref('')

function show(found: Shapes['Figures'][]): void {
  groups.value = found
  typed.value = Object.fromEntries(
    found.flatMap((group) => group.figures.map((each) => [each.parameter.key, String(each.value)])),
  )
}

function meaning(parameter: Shapes['ModelParameter']): string {
  return t(`parameter.meanings.${parameter.key.replace('.', '_')}`)
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
      if (!Number.isFinite(value)) wrong.value[each.parameter.key] = t('common.noNumber')
      else if (value !== each.value) own[each.parameter.key] = value
    }
  }
  if (Object.keys(wrong.value).length > 0) return
  said.value = ''
  await attempt(async () => {
    show(await ask(api.PUT('/api/parameters', { body: own })))
    said.value = t('parameter.parametersPage.keptEverythingReckonedWith')
  })
}
</script>

<template>
  <form @submit.prevent="keep">
    <div class="top">
      <h1>{{ t('common.figures') }}</h1>
      <v-btn type="submit" variant="flat" color="primary">{{ t('common.keep') }}</v-btn>
      <span role="status">{{ said }}</span>
    </div>
    <p class="soft">
      {{ t('parameter.parametersPage.estimatesRestOnThese') }}
    </p>
    <PageState
      :there="groups.length > 0"
      :problem="problem"
      :what="t('parameter.parametersPage.figures')"
      @again="load()"
    />
    <section v-for="group in groups" :key="group.name">
      <h2>{{ wordOf(`FigureGroup.${group.name}`) }}</h2>
      <LineTable :label="wordOf(`FigureGroup.${group.name}`)">
        <thead>
          <tr>
            <th scope="col">{{ t('parameter.parametersPage.meaning') }}</th>
            <th scope="col">{{ t('parameter.parametersPage.value') }}</th>
            <th scope="col">{{ t('parameter.parametersPage.usual') }}</th>
            <th scope="col">{{ t('parameter.parametersPage.source') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in group.figures" :key="each.parameter.key">
            <td>{{ meaning(each.parameter) }}</td>
            <td class="value">
              <v-text-field
                v-model="typed[each.parameter.key]"
                density="compact"
                inputmode="decimal"
                :aria-label="meaning(each.parameter)"
                :suffix="unitOf(each.parameter.unit)"
                :error-messages="wrong[each.parameter.key]"
              />
            </td>
            <td class="figure nowrap">
              {{ each.parameter.usual }} {{ unitOf(each.parameter.unit) }}
              <strong v-if="each.value !== each.parameter.usual">{{
                t('parameter.parametersPage.yoursDiffers')
              }}</strong>
            </td>
            <td class="soft">{{ wordOf(`FigureSource.${each.parameter.source}`) }}</td>
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
