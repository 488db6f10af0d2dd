<script setup lang="ts">
import { api, ask, type Shapes } from '../api/client'
import TableFile from '../shared/TableFile.vue'
import { counted } from '../shared/format'
import type { FileBody, TableFileLook } from '../shared/tableFile'
import { t } from '../words/words'

/** Treatments of earlier years from a table file, as the register's own is. */
defineEmits<{ brought: [] }>()

type Preview = Shapes['TreatmentPreview']

/** How many are new, and what is passed over. */
function told(preview: Preview): TableFileLook {
  const { treatments, known, struckOut } = preview
  const words = [
    counted(treatments, 'treatment'),
    known ? t('register.treatmentFile.known', { n: known }) : '',
    struckOut ? t('register.treatmentFile.struckOut', { n: struckOut }) : '',
  ]
  return { ...preview, rows: treatments, told: words.filter(Boolean).join(', ') }
}

const look = (bodySerializer: FileBody): Promise<TableFileLook> =>
  ask(api.POST('/api/register/preview', { body: { file: '' }, bodySerializer })).then(told)

const bring = (bodySerializer: FileBody, goodRowsOnly: boolean): Promise<TableFileLook> =>
  ask(
    api.POST('/api/register/import', {
      params: { query: { goodRowsOnly } },
      body: { file: '' },
      bodySerializer,
    }),
  ).then(told)
</script>

<template>
  <details class="file no-print">
    <summary>{{ t('register.treatmentFile.earlierYears') }}</summary>
    <p class="soft">
      {{ t('register.treatmentFile.how') }}
      <a href="/api/register/template.csv" download>{{ t('register.treatmentFile.template') }}</a>
    </p>
    <TableFile
      :label="t('register.treatmentFile.treatmentsFromCsvFile')"
      :look="look"
      :bring="bring"
      @brought="$emit('brought')"
    />
  </details>
</template>

<style scoped>
.file {
  margin-bottom: 10px;
}

.file summary {
  min-height: 44px;
  align-content: center;
}

.file p {
  max-width: 74ch;
  margin: 0 0 10px;
}
</style>
