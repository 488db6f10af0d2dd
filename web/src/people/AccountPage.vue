<script setup lang="ts">
import { reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '../api/client'
import OwnHoursForm from '../shared/OwnHoursForm.vue'
import OwnCalendarForm from './OwnCalendarForm.vue'
import OwnDeviceForm from './OwnDeviceForm.vue'
import OwnLanguageForm from './OwnLanguageForm.vue'
import OwnUnitsForm from './OwnUnitsForm.vue'
import ProgramVersion from '../shared/ProgramVersion.vue'
import { useForm } from '../shared/request'
import { useSession } from '../shared/session'
import { languageNow, t } from '../words/words'

/** What a person sets for himself: language, units, password, hours, and this device. */
const session = useSession()
const router = useRouter()
const typed = reactive({ current: '', wanted: '', again: '' })
const { problem, wrong, attempt } = useForm()
const said = ref('')

async function change(): Promise<void> {
  said.value = ''
  wrong.value =
    typed.wanted === typed.again ? {} : { again: t('people.accountPage.differsFromNewPassword') }
  if (wrong.value.again) return
  await attempt(async () => {
    const first = session.account?.firstPassword
    session.begin(
      await ask(
        api.PUT('/api/session/password', {
          body: { current: typed.current, wanted: typed.wanted },
        }),
      ),
    )
    Object.assign(typed, { current: '', wanted: '', again: '' })
    said.value = t('people.accountPage.changedOtherDevicesHave')
    if (first) await router.push('/')
  })
}
</script>

<template>
  <div :class="{ door: session.account?.firstPassword }">
    <h1>{{ session.account?.name }}</h1>
    <p class="soft">{{ t('people.accountPage.youSignAs', { login: session.account?.login }) }}</p>
    <p v-if="session.account?.firstPassword" role="status" class="first">
      {{ t('people.accountPage.yourPasswordWasSet') }}
    </p>
    <OwnLanguageForm />
    <OwnUnitsForm v-if="!session.account?.firstPassword" />
    <OwnCalendarForm v-if="!session.account?.firstPassword" />
    <form
      class="password"
      :aria-label="t('people.accountPage.myPassword')"
      @submit.prevent="change"
    >
      <h2>{{ t('people.accountPage.myPassword') }}</h2>
      <v-text-field
        v-model="typed.current"
        type="password"
        autocomplete="current-password"
        :label="
          session.account?.firstPassword
            ? t('people.accountPage.passwordFromKeeper')
            : t('people.accountPage.currentPassword')
        "
        :error-messages="wrong.current"
      />
      <v-text-field
        v-model="typed.wanted"
        type="password"
        autocomplete="new-password"
        :label="t('people.accountPage.newPasswordAtLeast')"
        :error-messages="wrong.wanted"
      />
      <v-text-field
        v-model="typed.again"
        type="password"
        autocomplete="new-password"
        :label="t('people.accountPage.newOneAgain')"
        :error-messages="wrong.again"
      />
      <v-btn type="submit" min-height="48">{{ t('people.accountPage.changeMyPassword') }}</v-btn>
      <p role="status">{{ problem || said }}</p>
    </form>
    <template v-if="!session.account?.firstPassword">
      <OwnHoursForm />
      <OwnDeviceForm />
      <ProgramVersion class="program" />
      <p>
        <a href="/api/guide/index" target="_blank">{{ t('people.accountPage.guide') }}</a>
        <template v-if="languageNow() !== 'en'">
          {{ t('people.accountPage.guideLanguage') }}</template
        >
      </p>
      <p v-if="session.isKeeper">
        <a href="/api/docs" target="_blank">{{ t('people.accountPage.whatOtherProgramsCan') }}</a>
      </p>
    </template>
    <v-btn v-else min-height="48" class="leave" @click="session.end()">{{
      t('people.accountPage.signOut')
    }}</v-btn>
  </div>
</template>

<style scoped>
.program {
  margin-top: 32px;
}

.door {
  max-width: 480px;
  margin: 0 auto;
  padding: 28px 20px;
}

.first {
  max-width: 60ch;
  font-weight: 600;
}

.leave {
  margin-top: 24px;
}

.password {
  margin-top: 24px;
  display: grid;
  gap: 6px;
  justify-items: start;
  max-width: 420px;
}

.password > * {
  width: 100%;
}
</style>
