<script setup lang="ts">
import { reactive } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from '../api/client'
import { useSession } from '../shared/session'
import { useForm } from '../shared/request'

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
    await router.push('/apiaries/import')
  })
}
</script>

<template>
  <div class="door">
    <h1>Welcome to Tavrel</h1>
    <p v-if="!session.door?.firstStart">
      The keeper's account has been made. <router-link to="/sign-in">Sign in.</router-link>
    </p>
    <form v-else class="form" @submit.prevent="begin">
      <p>
        This is the first start. Make the keeper's account<template v-if="!brought"
          >; the code stands in the console where Tavrel was started</template
        >.
      </p>
      <v-text-field
        v-model="form.code"
        :label="brought ? 'One-time code, filled in' : 'Code from the console'"
        autocomplete="off"
        :error-messages="wrong.code"
      />
      <v-text-field
        v-model="form.name"
        label="Your name, as the register shall show it"
        autocomplete="name"
        :error-messages="wrong.name"
      />
      <v-text-field
        v-model="form.login"
        label="Login"
        autocomplete="username"
        :error-messages="wrong.login"
      />
      <v-text-field
        v-model="form.password"
        label="Password, at least 10 characters"
        type="password"
        autocomplete="new-password"
        :error-messages="wrong.password"
      />
      <v-btn type="submit" variant="flat" color="primary" height="56">Make the account</v-btn>
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
