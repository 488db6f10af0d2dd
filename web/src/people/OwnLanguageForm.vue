<script setup lang="ts">
import { keepLanguage, ownLanguage } from '../shared/language'
import { useRequest } from '../shared/request'
import { fetchAll, languageNow, LANGUAGES, t, type Language } from '../words/words'

/** In which language a person reads; it holds at once, on all devices. */
const { problem, busy, attempt } = useRequest()
const items = Object.entries(LANGUAGES).map(([value, title]) => ({ value, title }))

async function choose(language: Language): Promise<void> {
  await attempt(() => keepLanguage(language))
}
</script>

<template>
  <section aria-labelledby="own-language">
    <h2 id="own-language">{{ t('people.ownLanguageForm.myLanguage') }}</h2>
    <div class="form-grid">
      <v-select
        density="compact"
        :label="t('people.ownLanguageForm.language')"
        :items="items"
        :model-value="languageNow()"
        :disabled="busy"
        @update:menu="(open: boolean) => open && fetchAll()"
        @update:model-value="choose"
      />
      <span v-if="!ownLanguage" class="soft">{{ t('people.ownLanguageForm.asDevice') }}</span>
    </div>
    <p v-if="languageNow() !== 'en'" class="soft">{{ t('people.ownLanguageForm.partly') }}</p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </section>
</template>

<style scoped>
section {
  max-width: 760px;
  margin-bottom: 20px;
}
</style>
