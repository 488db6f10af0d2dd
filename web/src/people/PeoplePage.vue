<script setup lang="ts">
import { onMounted, reactive, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import PageState from '../shared/layout/PageState.vue'
import { useForm, useRequest } from '../shared/request'
import { t } from '../words/words'

type Account = Shapes['Account']

const ROLES = [
  { value: 'KEEPER', title: t('people.peoplePage.keeperEverything') },
  { value: 'CREW', title: t('people.peoplePage.crewWorksRounds') },
  { value: 'READER', title: t('people.peoplePage.readerReadsOnly') },
] as const

const people = ref<Account[]>([])
const { problem, wrong, attempt } = useForm()
/** The list alone: that it could be read again says nothing of what was refused before. */
const list = useRequest()
const blank = { name: '', login: '', password: '', role: 'CREW' as Account['role'] }
const added = reactive({ ...blank })
const said = ref('')

async function load(): Promise<void> {
  await list.attempt(async () => {
    people.value = await ask(api.GET('/api/people'))
  })
}

async function add(): Promise<void> {
  wrong.value = {}
  problem.value = ''
  await attempt(async () => {
    const account = await ask(api.POST('/api/people', { body: { ...added } }))
    Object.assign(added, blank)
    said.value = t('people.peoplePage.maySignNowHas', { name: account.name })
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
      ? t('people.peoplePage.keptAtNextSign', { name })
      : t('people.peoplePage.keptOpenSessionsWith', { name })
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
  <h1>{{ t('common.people') }}</h1>
  <p class="soft">{{ t('people.peoplePage.everyEventCheckRegister') }}</p>
  <PageState
    :there="people.length > 0"
    :problem="list.problem.value || problem"
    :what="t('people.peoplePage.listPeople')"
    @again="load()"
  />
  <p v-if="said" role="status">{{ said }}</p>
  <LineTable :label="t('common.people')" class="list">
    <thead>
      <tr>
        <th scope="col">{{ t('common.name') }}</th>
        <th scope="col">{{ t('common.login') }}</th>
        <th scope="col">{{ t('people.peoplePage.may') }}</th>
        <th scope="col">{{ t('people.peoplePage.sign') }}</th>
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
            :aria-label="t('people.peoplePage.whatMayDo', { name: person.name })"
            @update:model-value="change(person, { role: $event })"
          />
        </td>
        <td>
          <v-btn size="small" @click="change(person, { active: !person.active })">
            {{
              person.active
                ? t('people.peoplePage.allowedStop')
                : t('people.peoplePage.stoppedAllow')
            }}
          </v-btn>
          <v-btn size="small" class="renew" @click="renewing = person">{{
            t('people.peoplePage.newPassword')
          }}</v-btn>
        </td>
      </tr>
    </tbody>
  </LineTable>
  <form v-if="renewing" class="form-grid form sheet renewing" @submit.prevent="renew">
    <v-text-field
      v-model="renewed"
      :label="t('people.peoplePage.newPasswordFor', { name: renewing.name })"
      :hint="t('people.peoplePage.atLeastCharactersAt')"
      persistent-hint
      type="password"
      autocomplete="new-password"
    />
    <v-btn type="submit" min-height="48">{{ t('people.peoplePage.set') }}</v-btn>
    <v-btn min-height="48" @click="renewing = null">{{ t('common.back') }}</v-btn>
  </form>
  <h2>{{ t('people.peoplePage.addPerson') }}</h2>
  <form class="form-grid form" @submit.prevent="add">
    <v-text-field
      v-model="added.name"
      :label="t('common.name')"
      autocomplete="off"
      :error-messages="wrong.name"
    />
    <v-text-field
      v-model="added.login"
      :label="t('common.login')"
      autocomplete="off"
      :error-messages="wrong.login"
    />
    <v-text-field
      v-model="added.password"
      :label="t('people.peoplePage.firstPassword')"
      :hint="t('people.peoplePage.atLeastCharactersAt2')"
      persistent-hint
      type="password"
      autocomplete="new-password"
      :error-messages="wrong.password"
    />
    <v-select v-model="added.role" :items="ROLES" :label="t('people.peoplePage.may')" />
    <v-btn type="submit" variant="flat" color="primary" min-height="48">{{
      t('people.peoplePage.add')
    }}</v-btn>
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
