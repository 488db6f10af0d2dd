<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, type Shapes } from '../api/client'
import { useSession } from '../shared/session'
import { useRequest } from '../shared/request'
import { untilItAnswers } from '../shared/untilItAnswers'
import { t } from '../words/words'

const session = useSession()
const route = useRoute()
const router = useRouter()
const login = ref('')
const password = ref('')
const { problem, busy, attempt } = useRequest()
const beingMade = ref(false)

const DEMO_ROLES = [
  {
    role: 'KEEPER',
    name: t('people.signInPage.wrenKeeper'),
    may: t('people.signInPage.plansWorksManagesEverything'),
  },
  {
    role: 'CREW',
    name: t('people.signInPage.tamCrew'),
    may: t('people.signInPage.worksRoundsArePlanned'),
  },
  {
    role: 'READER',
    name: t('people.signInPage.idaReader'),
    may: t('people.signInPage.readsRegisterChangesNothing'),
  },
] as const

async function enter(signIn: () => Promise<Shapes['Account']>): Promise<void> {
  problem.value = ''
  await attempt(async () => {
    session.begin(await signIn())
    const to = route.query.to
    await router.push(
      typeof to === 'string' && to.startsWith('/') && !to.startsWith('//') ? to : '/',
    )
  })
}

const typed = () =>
  enter(() =>
    ask(api.POST('/api/session', { body: { login: login.value, password: password.value } })),
  )
const demo = (role: Shapes['DemoSignIn']['role']) =>
  enter(() => ask(api.POST('/api/demo/session', { body: { role } })))

/** The sample data as they were: the server starts anew for it. */
async function anew(): Promise<void> {
  problem.value = ''
  await attempt(async () => {
    await ask(api.POST('/api/demo/anew'))
    beingMade.value = true
    await untilItAnswers()
  })
  beingMade.value = false
}
</script>

<template>
  <div class="door">
    <h1><img src="/mark.svg" alt="" width="52" height="52" /> Tavrel</h1>
    <p class="soft">{{ t('people.signInPage.roundsOxalicAcidVapour') }}</p>
    <section
      v-if="session.door?.demo"
      class="demo"
      :aria-label="t('people.signInPage.sampleOutfit')"
    >
      <p>{{ t('people.signInPage.thisMadeUpOutfit') }}</p>
      <button
        v-for="each in DEMO_ROLES"
        :key="each.role"
        type="button"
        class="role"
        :disabled="busy"
        @click="demo(each.role)"
      >
        <strong>{{ each.name }}</strong>
        <span class="soft">{{ each.may }}</span>
      </button>
      <template v-if="session.door.anew">
        <p v-if="beingMade" role="status">{{ t('people.signInPage.beingMadeAnew') }}</p>
        <v-btn v-else variant="outlined" min-height="48" :disabled="busy" @click="anew">
          {{ t('people.signInPage.beginAnew') }}
        </v-btn>
        <p class="soft">{{ t('people.signInPage.doneIsGone') }}</p>
      </template>
    </section>
    <form v-else class="form" @submit.prevent="typed">
      <v-text-field v-model="login" :label="t('common.login')" autocomplete="username" autofocus />
      <v-text-field
        v-model="password"
        :label="t('people.signInPage.password')"
        type="password"
        autocomplete="current-password"
      />
      <v-btn
        type="submit"
        variant="flat"
        color="primary"
        min-height="56"
        :disabled="busy || !login || !password"
      >
        {{ t('people.signInPage.sign') }}
      </v-btn>
    </form>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </div>
</template>

<style scoped>
.door {
  max-width: 480px;
  margin: 0 auto;
  padding: 28px 20px;
}

h1 {
  display: flex;
  align-items: center;
  gap: 14px;
  font-size: 2.5rem;
}

.demo,
.form {
  display: grid;
  gap: 12px;
  margin-top: 20px;
}

.role {
  display: grid;
  gap: 2px;
  min-height: 68px;
  padding: 10px 18px;
  text-align: left;
  background: var(--sheet);
  border: 2px solid var(--ink);
  border-radius: 2px;
}

.role:hover {
  background: var(--wash);
}

.problem {
  margin-top: 14px;
  color: var(--off-label);
  font-weight: 600;
}
</style>
