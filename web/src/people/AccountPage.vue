<script setup lang="ts">
import { reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '../api/client'
import OwnHoursForm from '../shared/OwnHoursForm.vue'
import OwnUnitsForm from './OwnUnitsForm.vue'
import ProgramVersion from '../shared/ProgramVersion.vue'
import { useForm } from '../shared/request'
import { useSession } from '../shared/session'

/** What a person sets for himself: password, units and hours. */
const session = useSession()
const router = useRouter()
const typed = reactive({ current: '', wanted: '', again: '' })
const { problem, wrong, attempt } = useForm()
const said = ref('')

async function change(): Promise<void> {
  said.value = ''
  wrong.value = typed.wanted === typed.again ? {} : { again: 'differs from the new password' }
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
    said.value = 'Changed. Other devices have to sign in with the new one.'
    if (first) await router.push('/')
  })
}
</script>

<template>
  <div :class="{ door: session.account?.firstPassword }">
    <h1>{{ session.account?.name }}</h1>
    <p class="soft">You sign in as {{ session.account?.login }}.</p>
    <p v-if="session.account?.firstPassword" role="status" class="first">
      Your password was set by the keeper, who knows it. Choose one of your own, and everything else
      opens.
    </p>
    <OwnUnitsForm v-if="!session.account?.firstPassword" />
    <form class="password" aria-label="My password" @submit.prevent="change">
      <h2>My password</h2>
      <v-text-field
        v-model="typed.current"
        type="password"
        autocomplete="current-password"
        :label="
          session.account?.firstPassword ? 'The password from the keeper' : 'Current password'
        "
        :error-messages="wrong.current"
      />
      <v-text-field
        v-model="typed.wanted"
        type="password"
        autocomplete="new-password"
        label="New password, at least 10 characters"
        :error-messages="wrong.wanted"
      />
      <v-text-field
        v-model="typed.again"
        type="password"
        autocomplete="new-password"
        label="The new one again"
        :error-messages="wrong.again"
      />
      <v-btn type="submit" height="48">Change my password</v-btn>
      <p role="status">{{ problem || said }}</p>
    </form>
    <template v-if="!session.account?.firstPassword">
      <OwnHoursForm />
      <ProgramVersion class="program" />
      <p v-if="session.isKeeper">
        <a href="/api/docs" target="_blank">What other programs can ask of Tavrel</a>
      </p>
    </template>
    <v-btn v-else height="48" class="leave" @click="session.end()">Sign out</v-btn>
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
