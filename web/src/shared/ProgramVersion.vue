<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { dayOf } from './format'
import { t } from '../words/words'

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
      ><i18n-t keypath="shared.programVersion.builtFrom" scope="global"
        ><template #commit>{{ version.commit }}</template
        ><template #more
          ><template v-if="version.at">{{
            ' ' +
            t('shared.programVersion.of', {
              version: dayOf(version.at.slice(0, 10)),
              version2: version.at.slice(0, 4),
            })
          }}</template></template
        ></i18n-t
      ></template
    >
  </p>
</template>
