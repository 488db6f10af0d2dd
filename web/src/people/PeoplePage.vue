<script setup lang="ts">
import { onMounted, reactive, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import PageState from '../shared/layout/PageState.vue'
import { useForm } from '../shared/request'

type Account = Shapes['Account']

const ROLES = [
  { value: 'KEEPER', title: 'keeper: everything' },
  { value: 'CREW', title: 'crew: works rounds' },
  { value: 'READER', title: 'reader: reads only' },
] as const

const people = ref<Account[]>([])
const { problem, wrong, attempt } = useForm()
const blank = { name: '', login: '', password: '', role: 'CREW' as Account['role'] }
const added = reactive({ ...blank })
const said = ref('')

async function load(): Promise<void> {
  await attempt(async () => {
    people.value = await ask(api.GET('/api/people'))
  })
}

async function add(): Promise<void> {
  wrong.value = {}
  problem.value = ''
  await attempt(async () => {
    const account = await ask(api.POST('/api/people', { body: { ...added } }))
    Object.assign(added, blank)
    said.value = `${account.name} may sign in now, and has to choose another password first.`
  })
  await load()
}

async function change(
  person: Account,
  changed: Partial<Account> & { password?: string },
): Promise<boolean> {
  problem.value = ''
  said.value = ''
  const { name, role, active, password } = { ...person, ...changed } as Account & {
    password?: string
  }
  const kept = await attempt(async () => {
    await ask(
      api.PUT('/api/people/{id}', {
        params: { path: { id: person.id } },
        body: { name, role, active, password },
      }),
    )
    said.value = password
      ? `${name}: kept. At the next sign-in another password has to be chosen.`
      : `${name}: kept. Open sessions with the old rights have ended.`
  })
  await load()
  return kept
}

const renewing = ref<Account | null>(null)
const renewed = ref('')

async function renew(): Promise<void> {
  if (!renewing.value || !(await change(renewing.value, { password: renewed.value }))) return
  renewing.value = null
  renewed.value = ''
}

onMounted(load)
</script>

<template>
  <h1>People</h1>
  <p class="soft">Every event, check and register line names who did it.</p>
  <PageState
    :there="people.length > 0"
    :problem="problem"
    what="the list of people"
    @again="load()"
  />
  <p v-if="said" role="status">{{ said }}</p>
  <LineTable label="People" class="list">
    <thead>
      <tr>
        <th scope="col">Name</th>
        <th scope="col">Login</th>
        <th scope="col">May</th>
        <th scope="col">Sign-in</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="person in people" :key="person.id">
        <td>{{ person.name }}</td>
        <td>{{ person.login }}</td>
        <td>
          <v-select
            :model-value="person.role"
            :items="ROLES"
            density="compact"
            :aria-label="`What ${person.name} may do`"
            @update:model-value="change(person, { role: $event })"
          />
        </td>
        <td>
          <v-btn size="small" @click="change(person, { active: !person.active })">
            {{ person.active ? 'allowed: stop it' : 'stopped: allow it' }}
          </v-btn>
          <v-btn size="small" class="renew" @click="renewing = person">New password</v-btn>
        </td>
      </tr>
    </tbody>
  </LineTable>
  <form v-if="renewing" class="form-grid form sheet renewing" @submit.prevent="renew">
    <v-text-field
      v-model="renewed"
      :label="`New password for ${renewing.name}`"
      hint="At least 10 characters; at the next sign-in another has to be chosen."
      persistent-hint
      type="password"
      autocomplete="new-password"
    />
    <v-btn type="submit" height="48">Set it</v-btn>
    <v-btn height="48" @click="renewing = null">Back</v-btn>
  </form>
  <h2>Add a person</h2>
  <form class="form-grid form" @submit.prevent="add">
    <v-text-field
      v-model="added.name"
      label="Name"
      autocomplete="off"
      :error-messages="wrong.name"
    />
    <v-text-field
      v-model="added.login"
      label="Login"
      autocomplete="off"
      :error-messages="wrong.login"
    />
    <v-text-field
      v-model="added.password"
      label="First password"
      hint="At least 10 characters; at the first sign-in another has to be chosen."
      persistent-hint
      type="password"
      autocomplete="new-password"
      :error-messages="wrong.password"
    />
    <v-select v-model="added.role" :items="ROLES" label="May" />
    <v-btn type="submit" variant="flat" color="primary" height="48">Add</v-btn>
  </form>
</template>

<style scoped>
.list {
  margin: 12px 0 24px;
  max-width: 900px;
}

.form {
  --field: 220px;

  max-width: 900px;
  margin-top: 10px;
}

.renew {
  margin-left: 8px;
}

.renewing {
  grid-template-columns: 1fr auto auto;
  margin-bottom: 24px;
  padding: 12px;
}
</style>
