<script setup lang="ts">
import { useSessionStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Shapes } from '../api/client'
import { useForm } from '../shared/request'
import { PEOPLE } from './safetyWords'
import { t } from '../words/words'

type Point = Shapes['AskedPoint']['point']

const props = defineProps<{
  roundId: string
  points: readonly Shapes['AskedPoint'][]
  /** What is known of the wind, in words. */
  wind?: string
  /** What was put off since when, where this is another day. */
  before?: string
  sends: (confirmed: Point[], unsafeReason?: string) => Promise<void>
}>()

const ticked = useSessionStorage<Point[]>(`tavrel.people.${props.roundId}`, [])
const { problem, wrong, busy, attempt } = useForm()
const SKY: Point = 'SKY'
const reason = ref('')
/** What the server said of an hour that it knows to be unsafe. */
const unsafe = computed(() =>
  wrong.value.unsafeReason
    ? t('run.peopleCheck.reason', { unsafeReason: wrong.value.unsafeReason })
    : '',
)
const left = computed(() => props.points.filter((each) => !ticked.value.includes(each.point)))
/** All is true but the sky: then a typed reason is asked. */
const onlySky = computed(() => left.value.length === 1 && left.value[0]?.point === SKY)
const asksReason = computed(
  () => onlySky.value || unsafe.value !== '' || reason.value.trim() !== '',
)
const open = computed(() => {
  if (left.value.length > 0 && !onlySky.value) return left.value.length
  return asksReason.value && reason.value.trim() === '' ? 1 : 0
})

function toggle(point: Point): void {
  ticked.value = ticked.value.includes(point)
    ? ticked.value.filter((each) => each !== point)
    : [...ticked.value, point]
}

async function confirm(): Promise<void> {
  await attempt(async () => {
    await props.sends(ticked.value, asksReason.value ? reason.value : undefined)
    ticked.value = []
  })
}
</script>

<template>
  <section class="check" aria-labelledby="check-title">
    <h1 id="check-title">{{ t('run.peopleCheck.peopleFirst') }}</h1>
    <p class="lead">
      <i18n-t keypath="run.peopleCheck.nothingBurnsBeforeEach" scope="global"
        ><template #more
          ><template v-if="before">{{ before }} </template></template
        ><template #strong
          ><strong v-if="wind">{{ wind }}</strong></template
        ></i18n-t
      >
    </p>
    <ol>
      <li v-for="point in points" :key="point.point">
        <button
          type="button"
          role="checkbox"
          :aria-checked="ticked.includes(point.point)"
          @click="toggle(point.point)"
        >
          <span class="box" aria-hidden="true">{{ ticked.includes(point.point) ? '✓' : '' }}</span>
          <span>{{ PEOPLE[point.point] }}</span>
        </button>
      </li>
    </ol>
    <div v-if="asksReason" class="unsafe">
      <p role="alert" class="problem">
        {{ unsafe || t('run.peopleCheck.thunderAboutOrIce') }}
      </p>
      <v-text-field v-model="reason" :label="t('run.peopleCheck.whyYouGoOn')" maxlength="200" />
    </div>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <button
      class="confirm"
      type="button"
      :disabled="open > 0 || busy || points.length === 0"
      @click="confirm"
    >
      {{
        open > 0
          ? t('run.peopleCheck.stillOpen', { open })
          : asksReason
            ? t('run.peopleCheck.beginAllSame')
            : t('run.peopleCheck.allTrueBeginRun')
      }}
    </button>
    <p class="soft small">
      {{ t('run.peopleCheck.generalCautionsNotMedical') }}
    </p>
  </section>
</template>

<style scoped>
.check {
  max-width: 760px;
}

.lead {
  margin: 8px 0 14px;
}

ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}

li button {
  display: flex;
  align-items: center;
  gap: 14px;
  width: 100%;
  min-height: 60px;
  padding: 8px 14px;
  text-align: left;
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
}

li button[aria-checked='true'] {
  border-color: var(--open);
  border-left-width: 6px;
}

.box {
  display: grid;
  place-content: center;
  flex: none;
  width: 32px;
  height: 32px;
  border: 2px solid var(--ink);
  font-size: 1.4rem;
  font-weight: 700;
  color: var(--open);
}

.confirm {
  width: 100%;
  min-height: 72px;
  margin: 14px 0 10px;
  background: var(--ink);
  color: var(--paper);
  font-size: 1.25rem;
  font-weight: 650;
  border-radius: 2px;
}

.confirm:disabled {
  background: var(--wash);
  color: var(--ink-soft);
}

.unsafe {
  margin-top: 12px;
}

.small {
  font-size: 0.875rem;
}
</style>
