<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { dayOf } from './format'

/** Which program this is, to be told with a question about it. */
const version = ref<Shapes['ProgramVersion'] | null>(null)

onMounted(async () => {
  version.value = await ask(api.GET('/api/version')).catch(() => null)
})
</script>

<template>
  <p v-if="version" class="soft">
    Tavrel {{ version.version
    }}<template v-if="version.commit"
      >, built from {{ version.commit
      }}<template v-if="version.at">
        of {{ dayOf(version.at.slice(0, 10)) }} {{ version.at.slice(0, 4) }}</template
      ></template
    >
  </p>
</template>
