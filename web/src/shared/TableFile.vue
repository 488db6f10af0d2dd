<script setup lang="ts">
import { ref } from 'vue'
import { Refused, words } from '../api/client'
import { dayOf } from './format'
import { useRequest } from './request'
import { t } from '../words/words'
import { inWords } from '../words/facts'
import type { FileBody, TableFileLook } from './tableFile'

/** A table file: looked at first, then brought in whole, or its good rows alone. */
const props = defineProps<{
  label: string
  look: (body: FileBody) => Promise<TableFileLook>
  bring: (body: FileBody, goodRowsOnly: boolean) => Promise<TableFileLook>
}>()
const emit = defineEmits<{ brought: [] }>()
const file = ref<File | null>(null)
const preview = ref<TableFileLook | null>(null)
const { problem, busy, attempt } = useRequest((thrown) => {
  const at = thrown instanceof Refused ? thrown.at('file') : undefined
  return at ? t('shared.tableFile.thisFile', { at }) : words(thrown)
})
const said = ref('')
const SHOWN = 20

const inYear = (day: string): string => `${dayOf(day)} ${day.slice(0, 4)}`

function body(): FormData {
  const form = new FormData()
  if (file.value) form.append('file', file.value)
  return form
}

async function choose(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  file.value = input.files?.[0] ?? null
  input.value = ''
  said.value = ''
  preview.value = null
  if (!file.value) return
  await attempt(async () => {
    preview.value = await props.look(body)
  })
}

async function take(): Promise<void> {
  if (busy.value) return
  await attempt(async () => {
    const done = await props.bring(body, (preview.value?.errors.length ?? 0) > 0)
    said.value = t('shared.tableFile.brought', { rows: done.told })
    preview.value = null
    emit('brought')
  })
}
</script>

<template>
  <label class="file-pick">
    {{ label }}
    <input type="file" accept=".csv,text/csv,text/plain" @change="choose" />
  </label>
  <slot />
  <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  <p v-if="said" role="status">{{ said }}</p>
  <div v-if="preview" class="sheet preview" role="status">
    <p>
      <i18n-t keypath="shared.tableFile.canBeRead" scope="global"
        ><template #rows>{{ preview.told }}</template
        ><template #more
          ><template v-if="preview.first && preview.last">{{
            t('shared.tableFile.to', { first: inYear(preview.first), last: inYear(preview.last) })
          }}</template></template
        ><template #span
          ><span class="soft">{{ inWords(preview.readAs) }}</span></template
        ></i18n-t
      >
    </p>
    <ul v-if="preview.errors.length">
      <li v-for="each in preview.errors.slice(0, SHOWN)" :key="each.line">
        {{
          t('shared.tableFile.line', {
            line: each.line,
            column: each.column,
            found: each.found,
            says: inWords(each.says),
          })
        }}
      </li>
      <li v-if="preview.errors.length > SHOWN">
        {{ t('shared.tableFile.more', { n: preview.errors.length - SHOWN }) }}
      </li>
    </ul>
    <v-btn v-if="preview.rows" :loading="busy" @click="take">
      {{
        preview.errors.length
          ? t('shared.tableFile.bringGoodRowsOnly')
          : t('shared.tableFile.bringThem')
      }}
    </v-btn>
  </div>
</template>

<style scoped>
.preview {
  flex-basis: 100%;
  margin-top: 10px;
  padding: 12px 16px;
}
</style>
