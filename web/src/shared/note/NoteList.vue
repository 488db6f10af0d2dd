<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../../api/client'
import PhotoList from './PhotoList.vue'
import { t } from '../../words/words'
import { serverNow } from '../clock'
import { dayOf } from '../format'
import { newId } from '../ids'
import { useOutbox } from '../offline/outbox'
import { useRequest } from '../request'
import { useSession } from '../session'

/** Notes about a thing; without network they wait on this device, and stand here all the same. */
const props = defineProps<{ about: Shapes['NewNote']['about']; aboutId: string; thing: string }>()
const emit = defineEmits<{ kept: [] }>()

const session = useSession()
const outbox = useOutbox()
const notes = ref<Shapes['Note'][]>([])
const typed = ref('')
const refused = ref('')
const list = useRequest()
const { problem, attempt } = useRequest()

async function load(): Promise<void> {
  await list.attempt(async () => {
    notes.value = await ask(
      api.GET('/api/notes', { params: { query: { about: props.about, aboutId: props.aboutId } } }),
    )
  })
}
watch(() => props.aboutId, load, { immediate: true })

/** What was written here and has not gone yet. */
const waiting = computed(() =>
  outbox.mine.flatMap(({ job }) =>
    job.kind === 'NOTE' && job.note.aboutId === props.aboutId ? [job] : [],
  ),
)

async function write(): Promise<void> {
  const says = typed.value.trim()
  if (!says) return
  refused.value = ''
  const id = outbox.put({
    kind: 'NOTE',
    noteId: newId(),
    note: {
      about: props.about,
      aboutId: props.aboutId,
      says,
      at: new Date(serverNow()).toISOString(),
    },
    thing: props.thing,
  })
  if (!id) return
  typed.value = ''
  const outcome = await outbox.outcome(id)
  if (outcome.is === 'aside') {
    refused.value = outcome.aside.says
    typed.value = says
    outbox.throwAway(id)
  }
  if (outcome.is === 'sent') {
    await load()
    emit('kept')
  }
}

async function strike(id: string): Promise<void> {
  const done = await attempt(async () => {
    await ask(api.DELETE('/api/notes/{id}', { params: { path: { id } } }))
  })
  if (!done) return
  await load()
  emit('kept')
}
</script>

<template>
  <div class="notes">
    <form v-if="session.mayWork" class="write" @submit.prevent="write">
      <v-textarea
        v-model="typed"
        :label="t('shared.noteList.writeAbout', { thing })"
        maxlength="2000"
        auto-grow
        rows="1"
        :error-messages="refused"
      />
      <v-btn type="submit" min-height="48" :disabled="!typed.trim()">{{
        t('shared.noteList.write')
      }}</v-btn>
    </form>
    <p v-if="problem || list.problem.value" role="alert" class="problem">
      {{ problem || list.problem.value }}
    </p>
    <ul>
      <li v-for="each in waiting" :key="each.noteId">
        <p>{{ each.note.says }}</p>
        <span class="soft">{{ t('shared.noteList.waitsHere') }}</span>
      </li>
      <li v-for="each in notes" :key="each.id">
        <p>{{ each.says }}</p>
        <span class="soft">{{ each.writtenBy }}, {{ dayOf(each.writtenAt.slice(0, 10)) }}</span>
        <button
          v-if="session.isKeeper || each.writtenBy === session.account?.name"
          type="button"
          :aria-label="t('shared.noteList.strikeOut', { says: each.says.slice(0, 40) })"
          @click="strike(each.id)"
        >
          {{ t('common.strikeOut') }}
        </button>
      </li>
    </ul>
    <PhotoList :about="about" :about-id="aboutId" :thing="thing" />
  </div>
</template>

<style scoped>
.write {
  display: flex;
  gap: 10px;
  align-items: start;
}

ul {
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}

p {
  margin: 0;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}

button {
  min-height: 32px;
  text-decoration: underline;
}
</style>
