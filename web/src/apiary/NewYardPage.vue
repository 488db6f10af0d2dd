<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, type Shapes } from '../api/client'
import HiveFigure from '../shared/HiveFigure.vue'
import { counted } from '../shared/format'
import { newId } from '../shared/ids'
import { numberIn } from '../shared/numbers'
import { useForm } from '../shared/request'
import { FLOORS, options } from '../shared/standing'
import { ZONES } from '../shared/zones'
import { t } from '../words/words'

/** A yard opened by hand in a minute: its name, how many hives stand there, and how they usually stand. */
const router = useRouter()
const { problem, wrong, forget, attempt, busy } = useForm({
  nameOf: (field) => field.split('.').at(-1) ?? field,
})
const id = newId()

type Box = Shapes['Hive']['boxes'][number]
const deep = (frames: number): Box => ({ kind: 'DEEP', frames })
const KINDS: { boxes: string; drawn: Box[] }[] = [
  { boxes: 'deep 10', drawn: [deep(10)] },
  { boxes: '2x deep 10', drawn: [deep(10), deep(10)] },
  { boxes: 'deep 10 + medium 10', drawn: [deep(10), { kind: 'MEDIUM', frames: 10 }] },
  { boxes: 'deep 8', drawn: [deep(8)] },
  { boxes: '2x deep 8', drawn: [deep(8), deep(8)] },
  { boxes: 'nucleus 5', drawn: [{ kind: 'NUCLEUS', frames: 5 }] },
]

const form = reactive({
  name: '',
  hives: '10',
  before: '',
  first: '1',
  boxes: 'deep 10',
  supers: '0',
  floor: 'SOLID' as Shapes['Hive']['floor'],
  latitude: '',
  longitude: '',
  zone: '',
})
const locating = ref(false)
const located = ref('')

const shown = computed(() => {
  const first = `${form.before}${form.first}`
  const many = Number(form.hives)
  if (!(many > 0)) return ''
  const last = `${form.before}${Number(form.first) + many - 1}`
  return many === 1
    ? first
    : t('apiary.newYardPage.fromTo', { first, last, hives: counted(many, 'hive') })
})

function locate(): void {
  locating.value = true
  located.value = ''
  navigator.geolocation.getCurrentPosition(
    (found) => {
      form.latitude = found.coords.latitude.toFixed(5)
      form.longitude = found.coords.longitude.toFixed(5)
      located.value = t('apiary.newYardPage.foundWithin', {
        metres: Math.round(found.coords.accuracy),
      })
      locating.value = false
    },
    () => {
      located.value = t('apiary.newYardPage.notFoundByDevice')
      locating.value = false
    },
    { enableHighAccuracy: true, timeout: 15_000 },
  )
}

/** A figure of the form, or a word of what is wrong at its field; an empty one is none. */
function figure(text: string, field: string): number | undefined {
  if (text.trim() === '') return undefined
  const value = numberIn(text)
  if (!Number.isFinite(value)) wrong.value = { ...wrong.value, [field]: t('common.noNumber') }
  return value
}

async function open(): Promise<void> {
  forget()
  const body: Shapes['NewYard'] = {
    apiary: {
      name: form.name,
      latitude: figure(form.latitude, 'latitude'),
      longitude: figure(form.longitude, 'longitude'),
      zone: form.zone.trim() || undefined,
    },
    device: Intl.DateTimeFormat().resolvedOptions().timeZone,
    hives: figure(form.hives, 'hives') ?? 0,
    before: form.before,
    first: figure(form.first, 'first') ?? 1,
    boxes: form.boxes,
    supers: figure(form.supers, 'supers') ?? 0,
    floor: form.floor,
  }
  if (Object.keys(wrong.value).length) return
  const opened = await attempt(async () => {
    await ask(api.PUT('/api/apiaries/{id}/opened', { params: { path: { id } }, body }))
  })
  if (opened) await router.push(`/apiaries/${id}`)
}
</script>

<template>
  <h1>{{ t('apiary.newYardPage.openYard') }}</h1>
  <p class="soft">
    {{ t('apiary.newYardPage.haveTable') }}
    <router-link to="/apiaries/import">{{ t('common.bringHives') }}</router-link>
  </p>
  <form class="sheet form" @submit.prevent="open">
    <div class="form-grid">
      <v-text-field
        v-model="form.name"
        :label="t('apiary.newYardPage.whatYouCallIt')"
        :error-messages="wrong.name"
      />
      <v-text-field
        v-model="form.hives"
        :label="t('apiary.newYardPage.howManyHives')"
        inputmode="numeric"
        :error-messages="wrong.hives"
      />
      <v-text-field
        v-model="form.before"
        :label="t('apiary.newYardPage.beforeNumber')"
        :hint="shown"
        persistent-hint
        :error-messages="wrong.before"
      />
      <v-text-field
        v-model="form.first"
        :label="t('apiary.newYardPage.firstNumber')"
        inputmode="numeric"
        :error-messages="wrong.first"
      />
    </div>
    <fieldset>
      <legend>{{ t('apiary.newYardPage.howTheyUsuallyStand') }}</legend>
      <div class="kinds" role="radiogroup" :aria-label="t('common.broodBoxes')">
        <button
          v-for="each in KINDS"
          :key="each.boxes"
          type="button"
          role="radio"
          :aria-checked="form.boxes === each.boxes"
          :class="{ bracketed: form.boxes === each.boxes }"
          @click="form.boxes = each.boxes"
        >
          <HiveFigure
            :boxes="each.drawn"
            :supers="numberIn(form.supers) || 0"
            :floor="form.floor"
            :scale="0.8"
          />
          <span>{{ each.boxes }}</span>
        </button>
      </div>
      <p class="soft">{{ t('apiary.newYardPage.changeOneLater') }}</p>
      <div class="form-grid">
        <v-text-field
          v-model="form.boxes"
          :label="t('common.broodBoxes')"
          :error-messages="wrong.boxes"
        />
        <v-text-field
          v-model="form.supers"
          :label="t('common.supers')"
          inputmode="numeric"
          :error-messages="wrong.supers"
        />
        <v-select
          v-model="form.floor"
          :label="t('common.floor')"
          :items="options(FLOORS)"
          :error-messages="wrong.floor"
        />
      </div>
    </fieldset>
    <fieldset>
      <legend>{{ t('apiary.newYardPage.whereItIs') }}</legend>
      <p class="soft">{{ t('apiary.newYardPage.placeTellsLight') }}</p>
      <div class="form-grid">
        <v-text-field
          v-model="form.latitude"
          :label="t('apiary.placeForm.latitudeNorth')"
          inputmode="decimal"
          :error-messages="wrong.latitude"
        />
        <v-text-field
          v-model="form.longitude"
          :label="t('apiary.placeForm.longitudeEastWestMinus')"
          inputmode="decimal"
          :error-messages="wrong.longitude"
        />
        <v-combobox
          v-if="wrong.zone || form.zone"
          v-model="form.zone"
          :label="t('apiary.placeForm.timeZoneIfNot')"
          :items="ZONES"
          :error-messages="wrong.zone"
        />
        <v-btn min-height="48" :loading="locating" @click="locate()">{{
          t('apiary.newYardPage.takeFromDevice')
        }}</v-btn>
      </div>
      <p v-if="located" role="status">{{ located }}</p>
    </fieldset>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <div class="foot">
      <v-btn min-height="56" to="/apiaries">{{ t('common.back') }}</v-btn>
      <v-btn min-height="56" type="submit" variant="flat" color="primary" :loading="busy">{{
        t('apiary.newYardPage.open')
      }}</v-btn>
    </div>
  </form>
</template>

<style scoped>
.form {
  --field: 190px;

  display: grid;
  gap: 18px;
  max-width: 900px;
  padding: 18px;
}

fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}

legend {
  font-weight: 650;
  margin-bottom: 6px;
}

p {
  margin: 6px 0;
}

.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.kinds button {
  display: grid;
  justify-items: center;
  align-content: end;
  gap: 6px;
  min-width: 104px;
  padding: 10px;
  border: 1px solid var(--rule-strong);
  font-size: 0.875rem;
}

.foot {
  display: flex;
  justify-content: flex-end;
  gap: 10px;
}
</style>
