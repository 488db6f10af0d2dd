<script setup lang="ts">
import { reactive } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from '../api/client'
import { useSession } from '../shared/session'
import { useForm } from '../shared/request'
import { t } from '../words/words'

const session = useSession()
const router = useRouter()
/** Started by a double click, the program opens this page with the code behind the hash. */
const brought = useRoute().hash.slice(1)
const form = reactive({ code: brought, name: '', login: '', password: '' })
const { problem, wrong, attempt } = useForm()

async function begin(): Promise<void> {
  wrong.value = {}
  problem.value = ''
  await attempt(async () => {
    session.begin(await ask(api.POST('/api/welcome', { body: { ...form } })))
    await router.push('/apiaries/new')
  })
}
</script>

<template>
  <div class="door">
    <h1>{{ t('people.welcomePage.welcomeTavrel') }}</h1>
    <p v-if="!session.door?.firstStart">
      <i18n-t keypath="people.welcomePage.keepersAccountHasBeen" scope="global"
        ><template #link
          ><router-link to="/sign-in">{{ t('people.welcomePage.sign') }}</router-link></template
        ></i18n-t
      >
    </p>
    <form v-else class="form" @submit.prevent="begin">
      <p>
        <i18n-t keypath="people.welcomePage.thisFirstStartMake" scope="global"
          ><template #more
            ><template v-if="!brought">{{
              t('people.welcomePage.codeStandsConsoleWhere')
            }}</template></template
          ></i18n-t
        >
      </p>
      <v-text-field
        v-model="form.code"
        :label="
          brought
            ? t('people.welcomePage.oneTimeCodeFilled')
            : t('people.welcomePage.codeFromConsole')
        "
        autocomplete="off"
        :error-messages="wrong.code"
      />
      <v-text-field
        v-model="form.name"
        :label="t('people.welcomePage.yourNameAsRegister')"
        autocomplete="name"
        :error-messages="wrong.name"
      />
      <v-text-field
        v-model="form.login"
        :label="t('common.login')"
        autocomplete="username"
        :error-messages="wrong.login"
      />
      <v-text-field
        v-model="form.password"
        :label="t('people.welcomePage.passwordAtLeastCharacters')"
        type="password"
        autocomplete="new-password"
        :error-messages="wrong.password"
      />
      <v-btn type="submit" variant="flat" color="primary" min-height="56">{{
        t('people.welcomePage.makeAccount')
      }}</v-btn>
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    </form>
  </div>
</template>

<style scoped>
.door {
  max-width: 480px;
  margin: 0 auto;
  padding: 28px 20px;
}

.form {
  display: grid;
  gap: 12px;
  margin-top: 12px;
}
</style>
