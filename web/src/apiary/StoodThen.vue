<script setup lang="ts">
import { ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import HiveLink from '../shared/HiveLink.vue'
import { counted } from '../shared/format'
import { useForm } from '../shared/request'
import DayField from '../shared/units/DayField.vue'
import { t } from '../words/words'

/** Which hives stood in a yard on a day: by what is known now, or as it was known on an earlier day. */
const props = defineProps<{ apiaryId: string }>()

const on = ref<string | null>(null)
const known = ref<string | null>(null)
const hives = ref<Shapes['StoodThen'][] | null>(null)
const { problem, wrong, forget, attempt, busy } = useForm()

async function look(): Promise<void> {
  const day = on.value
  if (!day) return
  forget()
  await attempt(async () => {
    hives.value = await ask(
      api.GET('/api/apiaries/{id}/stood', {
        params: {
          path: { id: props.apiaryId },
          query: { on: day, known: known.value || undefined },
        },
      }),
    )
  })
}
</script>

<template>
  <form class="form-grid stood" @submit.prevent="look">
    <h2>{{ t('apiary.stoodThen.whoStood') }}</h2>
    <DayField v-model="on" :label="t('apiary.stoodThen.asItStoodOn')" :error-messages="wrong.on" />
    <DayField
      v-model="known"
      :label="t('apiary.stoodThen.asKnownOn')"
      :hint="t('apiary.stoodThen.emptyIsNow')"
      :error-messages="wrong.known"
    />
    <v-btn type="submit" min-height="48" :loading="busy" :disabled="!on">{{
      t('apiary.stoodThen.look')
    }}</v-btn>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <p v-if="hives" class="whole" role="status">
      <strong>{{ counted(hives.length, 'hive') }}</strong>
    </p>
    <ul v-if="hives?.length" class="whole">
      <li v-for="each in hives" :key="each.hiveId">
        <HiveLink :id="each.hiveId" :name="each.name" />
        <span class="soft"
          >{{ counted(each.boxes.length, 'broodBox') }}, {{ counted(each.supers, 'super') }}</span
        >
      </li>
    </ul>
  </form>
</template>

<style scoped>
.stood {
  --field: 220px;
}

h2,
.whole {
  grid-column: 1 / -1;
  margin: 0;
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
}
</style>
