<script setup lang="ts">
import { computed, ref, useTemplateRef, watch } from 'vue'
import { api, ask, type Shapes } from '../../api/client'
import { t } from '../../words/words'
import { serverNow } from '../clock'
import { dayOf } from '../format'
import { newId } from '../ids'
import { useOutbox } from '../offline/outbox'
import { keepPicture, keptPicture } from '../offline/pictures'
import { useRequest } from '../request'
import { useSession } from '../session'
import { NoPicture, shrunk } from './shrink'

/** Pictures of a thing, from the phone's camera or a file; without network they wait on this device. */
const props = defineProps<{ about: Shapes['NewNote']['about']; aboutId: string; thing: string }>()

const session = useSession()
const outbox = useOutbox()
const photos = ref<Shapes['Photo'][]>([])
const looked = ref<Shapes['Photo'] | null>(null)
const problems = ref<string[]>([])
const working = ref(false)
const chooser = useTemplateRef<HTMLInputElement>('chooser')
const list = useRequest()
const { problem, attempt } = useRequest()

async function load(): Promise<void> {
  await list.attempt(async () => {
    photos.value = await ask(
      api.GET('/api/photos', { params: { query: { about: props.about, aboutId: props.aboutId } } }),
    )
  })
}
watch(() => props.aboutId, load, { immediate: true })

/** What was added here and has not gone yet. */
const waiting = computed(() =>
  outbox.mine.flatMap(({ job }) =>
    job.kind === 'PHOTO' && job.aboutId === props.aboutId ? [job] : [],
  ),
)
const shown = ref<Record<string, string>>({})
watch(
  waiting,
  async (jobs) => {
    for (const { photoId } of jobs) {
      const picture = shown.value[photoId] ? undefined : await keptPicture(photoId)
      if (picture) shown.value[photoId] = await asAddress(picture)
    }
  },
  { immediate: true },
)

/** The security policy lets pictures come from this server or from the page itself. */
function asAddress(picture: Blob): Promise<string> {
  return new Promise((resolve) => {
    const reader = new FileReader()
    reader.onload = () => resolve(reader.result as string)
    reader.readAsDataURL(picture)
  })
}

async function add(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const files = [...(input.files ?? [])]
  input.value = ''
  problems.value = []
  working.value = true
  for (const file of files) await addOne(file)
  working.value = false
  await load()
}

async function addOne(file: File): Promise<void> {
  try {
    const picture = await shrunk(file)
    const photoId = newId()
    await keepPicture(photoId, picture)
    const id = outbox.put({
      kind: 'PHOTO',
      photoId,
      about: props.about,
      aboutId: props.aboutId,
      at: new Date(serverNow()).toISOString(),
      thing: props.thing,
    })
    const outcome = id ? await outbox.outcome(id) : null
    if (id && outcome?.is === 'aside') {
      problems.value.push(`${file.name}: ${outcome.aside.says}`)
      outbox.throwAway(id)
    }
  } catch (thrown) {
    problems.value.push(
      thrown instanceof NoPicture
        ? t('shared.photoList.noPicture', { name: file.name })
        : t('shared.photoList.noRoom', { name: file.name }),
    )
  }
}

async function strike(photo: Shapes['Photo']): Promise<void> {
  const done = await attempt(async () => {
    await ask(api.DELETE('/api/photos/{id}', { params: { path: { id: photo.id } } }))
  })
  if (!done) return
  looked.value = null
  await load()
}

const address = (photo: Shapes['Photo']) => `/api/photos/${photo.id}/picture`
const told = (photo: Shapes['Photo']) =>
  t('shared.photoList.photoOf', {
    thing: props.thing,
    day: dayOf(photo.writtenAt.slice(0, 10)),
    by: photo.writtenBy,
  })
</script>

<template>
  <div class="photos">
    <v-btn v-if="session.mayWork" min-height="48" :loading="working" @click="chooser?.click()">{{
      t('shared.photoList.add')
    }}</v-btn>
    <input
      ref="chooser"
      type="file"
      accept="image/*"
      multiple
      hidden
      :aria-label="t('shared.photoList.add')"
      @change="add"
    />
    <p v-for="says in problems" :key="says" role="alert" class="problem">{{ says }}</p>
    <p v-if="problem || list.problem.value" role="alert" class="problem">
      {{ problem || list.problem.value }}
    </p>
    <ul v-if="photos.length || waiting.length">
      <li v-for="each in waiting" :key="each.photoId">
        <img v-if="shown[each.photoId]" :src="shown[each.photoId]" :alt="each.thing" />
        <span class="soft">{{ t('shared.noteList.waitsHere') }}</span>
      </li>
      <li v-for="each in photos" :key="each.id">
        <button type="button" :aria-label="told(each)" @click="looked = each">
          <img
            :src="address(each)"
            alt=""
            loading="lazy"
            :width="each.width"
            :height="each.height"
          />
        </button>
        <span class="soft">{{ dayOf(each.writtenAt.slice(0, 10)) }}</span>
      </li>
    </ul>
    <v-dialog :model-value="looked !== null" max-width="900" @update:model-value="looked = null">
      <figure v-if="looked" class="sheet">
        <img :src="address(looked)" :alt="told(looked)" />
        <figcaption>
          <span>{{ told(looked) }}</span>
          <v-btn
            v-if="session.isKeeper || looked.writtenBy === session.account?.name"
            min-height="48"
            @click="strike(looked)"
            >{{ t('common.strikeOut') }}</v-btn
          >
          <v-btn min-height="48" variant="flat" color="primary" @click="looked = null">{{
            t('common.back')
          }}</v-btn>
        </figcaption>
      </figure>
    </v-dialog>
  </div>
</template>

<style scoped>
.photos {
  margin-top: 10px;
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
}

li {
  display: grid;
  gap: 2px;
  width: 112px;
}

li img {
  display: block;
  width: 112px;
  height: 84px;
  object-fit: cover;
  background: var(--rule);
}

figure {
  margin: 0;
  padding: 12px;
}

figure img {
  display: block;
  max-width: 100%;
  max-height: 70vh;
  margin: 0 auto;
  object-fit: contain;
}

figcaption {
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  align-items: center;
  gap: 10px;
  padding-top: 10px;
}

figcaption span {
  flex: 1 1 12em;
}
</style>
