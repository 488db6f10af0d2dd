<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask } from '../api/client'
import { useForm } from './request'
import { t } from '../words/words'
import ClockField from './units/ClockField.vue'

/** Between which hours the person signed in works: only such hours are offered on Today. */
const from = ref('')
const to = ref('22:00')
const { problem, wrong, attempt } = useForm()
const said = ref('')

onMounted(async () => {
  await attempt(async () => {
    const own = await ask(api.GET('/api/session/work-hours'))
    from.value = own.from?.slice(0, 5) ?? ''
    to.value = own.to.slice(0, 5)
  })
})

async function keep(): Promise<void> {
  said.value = ''
  await attempt(async () => {
    await ask(
      api.PUT('/api/session/work-hours', {
        body: { from: from.value || undefined, to: to.value || '22:00' },
      }),
    )
    said.value = t('common.kept')
  })
}
</script>

<template>
  <form class="mine" :aria-label="t('shared.ownHoursForm.myHours')" @submit.prevent="keep">
    <h2>{{ t('shared.ownHoursForm.myHours') }}</h2>
    <p class="soft">
      {{ t('shared.ownHoursForm.todayOffersYouHours') }}
    </p>
    <div class="fields">
      <ClockField
        v-model="from"
        density="compact"
        :label="t('common.from')"
        clearable
        :error-messages="wrong.from"
      />
      <ClockField
        v-model="to"
        density="compact"
        :label="t('common.to')"
        :error-messages="wrong.to"
      />
      <v-btn type="submit" min-height="40">{{ t('shared.ownHoursForm.keepMyHours') }}</v-btn>
      <span role="status">{{ problem || said }}</span>
    </div>
  </form>
</template>

<style scoped>
.mine {
  margin-top: 16px;
}

.fields {
  display: grid;
  grid-template-columns: 140px 140px auto 1fr;
  gap: 12px;
  align-items: start;
}

@media (width <= 600px) {
  .fields {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
