<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, nextTick, ref, watch, type ComponentPublicInstance } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, type Shapes } from '../../api/client'
import { dayOf } from '../format'
import { useRequest } from '../request'
import { t } from '../../words/words'
import { foundOnDevice, type Found } from './onDevice'

/** Finds a hive by any name it ever had, a yard, a run by its day, a lot, a person or a page. */
const props = defineProps<{ pages: readonly { to: string; name: string }[] }>()
const open = defineModel<boolean>({ required: true })

const router = useRouter()
const typed = ref('')
const answer = ref<Shapes['FoundAll'] | null>(null)
const offline = ref(false)
const at = ref(0)
const field = ref<ComponentPublicInstance | null>(null)
const { attempt, busy } = useRequest()

const plain = (text: string) => text.toLocaleLowerCase()
const fromPages = computed<Found[]>(() =>
  typed.value.trim() === ''
    ? []
    : props.pages
        .filter((page) => plain(page.name).startsWith(plain(typed.value.trim())))
        .map((page) => ({ to: page.to, name: page.name, note: t('shared.findDialog.page') })),
)
const found = computed<Found[]>(() => {
  const all = answer.value
  if (offline.value) return [...foundOnDevice(typed.value), ...fromPages.value]
  if (!all) return fromPages.value
  return [
    ...all.apiaries.map((each) => ({
      to: `/apiaries/${each.id}`,
      name: each.name,
      note: t('common.apiary'),
    })),
    ...all.hives.map((each) => ({
      to: `/hives/${each.hiveId}`,
      name: each.name,
      note: [
        each.apiary,
        each.then ? t('shared.findDialog.once', { name: each.then }) : '',
        each.endedOn ? t('shared.findDialog.ended', { day: dayOf(each.endedOn) }) : '',
      ]
        .filter(Boolean)
        .join(', '),
    })),
    ...all.rounds.map((each) => ({
      to: `/run/${each.id}/review`,
      name: dayOf(each.day),
      note: t('shared.findDialog.roundIn', { apiary: each.apiary }),
    })),
    ...all.lots.map((each) => ({
      to: '/gear/stock',
      name: each.name,
      note: t('shared.findDialog.lot'),
    })),
    ...all.people.map((each) => ({
      to: '/people',
      name: each.name,
      note: t('shared.findDialog.person'),
    })),
    ...fromPages.value,
  ]
})

/** What was typed when the answer in hand was asked for. */
let answered = ''
let newest = 0

async function look(): Promise<void> {
  const asked = ++newest
  const text = typed.value.trim()
  const came =
    text === '' ||
    (await attempt(async () => {
      const all = await ask(api.GET('/api/find', { params: { query: { q: text } } }))
      if (asked === newest) answer.value = all
    }))
  if (asked !== newest) return
  if (!text) answer.value = null
  answered = text
  offline.value = !came
}
const search = useDebounceFn(look, 120)

/**
 * Goes to what is marked; whoever is faster than the answer gets the first of it. A question that
 * a later one of the same words overtook is no answer yet.
 */
async function enter(): Promise<void> {
  const wanted = typed.value.trim()
  while (answered !== wanted && typed.value.trim() === wanted) await look()
  await go(found.value[at.value])
}

watch(typed, () => {
  at.value = 0
  void search()
})
watch(
  open,
  async (isOpen) => {
    if (!isOpen) return
    typed.value = ''
    answered = ''
    answer.value = null
    await nextTick()
    // As a property of the field the role would go to its frame, which has none of a combobox's states.
    const input = (field.value?.$el as HTMLElement | undefined)?.querySelector('input')
    input?.setAttribute('role', 'combobox')
    input?.focus()
  },
  { immediate: true },
)

async function go(each: Found | undefined): Promise<void> {
  if (!each) return
  open.value = false
  await router.push(each.to)
}

function step(by: 1 | -1): void {
  const last = found.value.length - 1
  at.value = Math.max(0, Math.min(last, at.value + by))
}
</script>

<template>
  <v-dialog v-model="open" max-width="560" aria-labelledby="find-title">
    <div class="sheet find">
      <h2 id="find-title">{{ t('shared.findDialog.find') }}</h2>
      <v-text-field
        ref="field"
        v-model="typed"
        :label="t('shared.findDialog.aName')"
        :hint="t('shared.findDialog.hiveYardDay')"
        persistent-hint
        autocomplete="off"
        :aria-controls="found.length ? 'found' : undefined"
        :aria-expanded="found.length > 0"
        :aria-activedescendant="found.length ? `found-${at}` : undefined"
        @keydown.down.prevent="step(1)"
        @keydown.up.prevent="step(-1)"
        @keydown.enter.prevent="enter()"
      />
      <p v-if="offline && typed" class="soft" role="status">
        {{ t('shared.findDialog.onlyThisDevice') }}
      </p>
      <ul v-if="found.length" id="found" role="listbox" :aria-label="t('shared.findDialog.find')">
        <li
          v-for="(each, i) in found"
          :id="`found-${i}`"
          :key="each.to + each.name + i"
          role="option"
          :aria-selected="i === at"
        >
          <button type="button" tabindex="-1" :class="{ bracketed: i === at }" @click="go(each)">
            <strong>{{ each.name }}</strong>
            <span class="soft">{{ each.note }}</span>
          </button>
        </li>
      </ul>
      <p v-else-if="typed.trim() && !busy" role="status">
        {{ t('shared.findDialog.nothingGoesBy', { text: typed.trim() }) }}
      </p>
    </div>
  </v-dialog>
</template>

<style scoped>
.find {
  display: grid;
  gap: 10px;
  align-content: start;
  min-height: 320px;
  max-height: 80dvh;
  padding: 18px;
  overflow: auto;
}

h2,
p {
  margin: 0;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

button {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
  width: 100%;
  min-height: 44px;
  padding: 6px 10px;
  text-align: left;
}
</style>
