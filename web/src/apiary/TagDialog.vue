<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask } from '../api/client'
import { counted } from '../shared/format'
import AskDialog from '../shared/layout/AskDialog.vue'
import { useForm } from '../shared/request'
import { t, texts } from '../words/words'

/** Prints tags of an apiary's hives, once somebody has said by which address phones reach the server. */
const props = defineProps<{
  apiaryId: string
  hives: readonly { id: string; name: string }[]
  /** Whether these are chosen ones of more that stand there. */
  chosen: boolean
}>()
const open = defineModel<boolean>({ required: true })

const EXAMPLE = 'https://tavrel.lan:8443'
const PAPERS = texts({ A4: 'apiary.tagDialog.a4', LETTER: 'apiary.tagDialog.letter' })
const SIZES = ['A4', 'LETTER'] as const
const host = ref('')
const kept = ref('')
const paper = ref<'A4' | 'LETTER'>('A4')
const { problem, wrong, forget, attempt, busy } = useForm()

watch(
  open,
  (isOpen) => {
    if (!isOpen) return
    forget()
    void attempt(async () => {
      kept.value = (await ask(api.GET('/api/tag-host'))).host ?? ''
      host.value = kept.value || ownAddress()
    })
  },
  { immediate: true },
)

/** The address in this browser, where phones can use it, too. */
function ownAddress(): string {
  return /^(localhost|127\.|\[::1\])/.test(location.hostname) ? '' : location.origin
}

/** Chosen hives by name; without a choice all of the yard. */
function which(): string {
  return props.chosen ? `hives=${props.hives.map((each) => each.id).join()}` : ''
}

async function print(): Promise<void> {
  forget()
  const ready =
    host.value === kept.value ||
    (await attempt(async () => {
      kept.value = (await ask(api.PUT('/api/tag-host', { body: { host: host.value } }))).host ?? ''
      host.value = kept.value
    }))
  if (!ready || !kept.value) return
  location.assign(`/api/apiaries/${props.apiaryId}/tags.pdf?paper=${paper.value}&${which()}`)
  open.value = false
}
</script>

<template>
  <AskDialog
    v-model="open"
    :title="t('apiary.tagDialog.tagsFor', { hives: counted(hives.length, 'hive') })"
    :does="t('apiary.tagDialog.print')"
    :problem="problem"
    :busy="busy"
    :width="520"
    @keep="print()"
  >
    <p class="soft">{{ t('apiary.tagDialog.cameraOpensPage') }}</p>
    <v-text-field
      v-model="host"
      :label="t('apiary.tagDialog.addressOfServer')"
      :placeholder="EXAMPLE"
      :error-messages="wrong.host"
    />
    <fieldset role="radiogroup" :aria-label="t('apiary.tagDialog.paper')">
      <label v-for="size in SIZES" :key="size">
        <input v-model="paper" type="radio" :value="size" />{{ PAPERS[size] }}
      </label>
    </fieldset>
    <p class="soft">{{ t('apiary.tagDialog.lastsThroughMoves') }}</p>
    <p v-if="kept">
      <a :href="`/api/apiaries/${apiaryId}/tags.csv?${which()}`" download>{{
        t('apiary.tagDialog.asTable')
      }}</a>
    </p>
  </AskDialog>
</template>

<style scoped>
fieldset {
  display: flex;
  gap: 20px;
  border: 0;
  padding: 0;
}

label {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
}
</style>
