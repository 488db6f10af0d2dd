<script setup lang="ts">
import { ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { counted } from '../shared/format'
import { useRequest } from '../shared/request'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** Counts from a table file: looked at first, then brought in whole, or its good rows alone. */
const emit = defineEmits<{ brought: [] }>()
const file = ref<File | null>(null)
const preview = ref<Shapes['CountPreview'] | null>(null)
const { problem, attempt } = useRequest()
const said = ref('')

function body(): FormData {
  const form = new FormData()
  if (file.value) form.append('file', file.value)
  return form
}

async function look(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  file.value = input.files?.[0] ?? null
  input.value = ''
  said.value = ''
  if (!file.value) return
  const answered = await attempt(async () => {
    preview.value = await ask(
      api.POST('/api/counts/preview', {
        body: { file: '' },
        bodySerializer: body,
      }),
    )
  })
  if (!answered) preview.value = null
}

async function bring(): Promise<void> {
  await attempt(async () => {
    const goodRowsOnly = (preview.value?.errors.length ?? 0) > 0
    const done = await ask(
      api.POST('/api/counts/import', {
        params: { query: { goodRowsOnly } },
        body: { file: '' },
        bodySerializer: body,
      }),
    )
    said.value = t('count.countFile.brought', { counts: counted(done.counts, 'count') })
    preview.value = null
    emit('brought')
  })
}
</script>

<template>
  <label class="file-pick">
    {{ t('count.countFile.countsFromCsvFile') }}
    <input type="file" accept=".csv,text/csv,text/plain" @change="look" />
  </label>
  <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  <p v-if="said" role="status">{{ said }}</p>
  <div v-if="preview" class="sheet preview">
    <p>
      <i18n-t keypath="count.countFile.canBeRead" scope="global"
        ><template #counts>{{ counted(preview.counts, 'count') }}</template
        ><template #more
          ><template v-if="preview.first">{{
            t('count.countFile.to', { first: preview.first, last: preview.last })
          }}</template></template
        ><template #span
          ><span class="soft">{{ inWords(preview.readAs) }}</span></template
        ></i18n-t
      >
    </p>
    <ul v-if="preview.errors.length">
      <li v-for="each in preview.errors.slice(0, 20)" :key="each.line">
        {{
          t('count.countFile.line', {
            line: each.line,
            column: each.column,
            found: each.found,
            says: inWords(each.says),
          })
        }}
      </li>
    </ul>
    <v-btn v-if="preview.counts" @click="bring">
      {{
        preview.errors.length
          ? t('count.countFile.bringGoodRowsOnly')
          : t('count.countFile.bringThem')
      }}
    </v-btn>
  </div>
</template>

<style scoped>
.preview {
  flex-basis: 100%;
  padding: 12px 16px;
}
</style>
