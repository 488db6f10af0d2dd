<script setup lang="ts">
import { api, ask, type Shapes } from '../api/client'
import TableFile from '../shared/TableFile.vue'
import { counted } from '../shared/format'
import type { FileBody, TableFileLook } from '../shared/tableFile'
import { t } from '../words/words'

/** Counts from a table file. */
defineEmits<{ brought: [] }>()

type Preview = Shapes['CountPreview']

const told = (preview: Preview): TableFileLook => ({
  ...preview,
  rows: preview.counts,
  told: counted(preview.counts, 'count'),
})

const look = (bodySerializer: FileBody): Promise<TableFileLook> =>
  ask(api.POST('/api/counts/preview', { body: { file: '' }, bodySerializer })).then(told)

const bring = (bodySerializer: FileBody, goodRowsOnly: boolean): Promise<TableFileLook> =>
  ask(
    api.POST('/api/counts/import', {
      params: { query: { goodRowsOnly } },
      body: { file: '' },
      bodySerializer,
    }),
  ).then(told)
</script>

<template>
  <TableFile
    :label="t('count.countFile.countsFromCsvFile')"
    :look="look"
    :bring="bring"
    @brought="$emit('brought')"
  />
</template>
