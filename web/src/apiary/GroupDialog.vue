<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask } from '../api/client'
import AskDialog from '../shared/layout/AskDialog.vue'
import { useForm } from '../shared/request'
import { useYardGroups } from '../shared/yardGroups'
import { t } from '../words/words'

/** Says which yards belong together: those of a crew, of a region. */
const props = defineProps<{ yards: readonly { id: string; name: string }[] }>()
const open = defineModel<boolean>({ required: true })

const NEW = ''
const groups = useYardGroups()
const was = ref(NEW)
const name = ref('')
const members = ref<string[]>([])
/** Beyond so many, yards are looked for by name. */
const MANY = 16
const sought = ref<string | null>('')
const found = computed(() => {
  const part = (sought.value ?? '').trim().toLocaleLowerCase()
  return props.yards.filter((each) => each.name.toLocaleLowerCase().includes(part))
})
const { problem, wrong, forget, attempt, busy } = useForm()
const items = computed(() => [
  { value: NEW, title: t('apiary.groupDialog.newOne') },
  ...groups.groups.map((each) => ({ value: each.name, title: each.name })),
])

function take(group: string): void {
  forget()
  sought.value = ''
  was.value = group
  name.value = group
  members.value = [...(groups.groups.find((each) => each.name === group)?.apiaryIds ?? [])]
}
watch(
  open,
  (isOpen) => {
    const inHand = groups.groups.find((each) => each === groups.inHand)
    if (isOpen) take(inHand?.name ?? groups.groups[0]?.name ?? NEW)
  },
  { immediate: true },
)

async function keep(): Promise<void> {
  const before = was.value
  const body = { was: before || undefined, name: name.value, apiaryIds: members.value }
  const done = await attempt(async () => {
    await ask(api.PUT('/api/yard-groups', { body }))
    await groups.learn()
  })
  if (!done) return
  if (before) groups.renamed(before, members.value.length ? name.value.trim() : '')
  open.value = false
}
</script>

<template>
  <AskDialog
    v-model="open"
    :title="t('apiary.groupDialog.groupsOfYards')"
    :does="t('apiary.groupDialog.keepGroup')"
    :problem="problem"
    :busy="busy"
    :width="560"
    @keep="keep()"
  >
    <p class="soft">{{ t('apiary.groupDialog.why') }}</p>
    <v-select
      v-if="groups.groups.length"
      :model-value="was"
      :items="items"
      :label="t('apiary.groupDialog.which')"
      hide-details
      @update:model-value="take($event)"
    />
    <v-text-field
      v-model="name"
      :label="t('apiary.groupDialog.name')"
      :error-messages="wrong.name"
      maxlength="40"
      autocomplete="off"
    />
    <fieldset>
      <legend>{{ t('apiary.groupDialog.itsYards', { n: members.length }) }}</legend>
      <v-text-field
        v-if="yards.length > MANY"
        v-model="sought"
        class="sought"
        :label="t('apiary.groupDialog.sought')"
        hide-details
        clearable
        autocomplete="off"
      />
      <label v-for="yard in found" :key="yard.id">
        <input v-model="members" type="checkbox" :value="yard.id" />{{ yard.name }}
      </label>
    </fieldset>
    <p v-if="wrong.apiaryIds" role="alert" class="problem">{{ wrong.apiaryIds }}</p>
    <p v-if="was && members.length === 0" class="soft">
      {{ t('apiary.groupDialog.withoutYards') }}
    </p>
  </AskDialog>
</template>

<style scoped>
fieldset {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 2px 12px;
  max-height: 40dvh;
  overflow: auto;
}

legend {
  font-weight: 600;
}

.sought {
  grid-column: 1 / -1;
}

label {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
}

input {
  width: 22px;
  height: 22px;
}
</style>
