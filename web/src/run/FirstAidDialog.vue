<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { radioKeys } from '../shared/radioKeys'
import type { Shapes } from '../api/client'
import { t } from '../words/words'

const props = defineProps<{ whole: Shapes['WholeRound'] }>()
const emit = defineEmits<{ said: [kind: 'EXPOSURE' | 'ACCIDENT', says: string] }>()
/** The first-aid card, and the entry that is kept: who, what happened, what was done. */
const open = defineModel<boolean>({ required: true })
const kind = ref<'EXPOSURE' | 'ACCIDENT'>('EXPOSURE')
const who = ref('')
const what = ref('')
const done = ref('')
const complete = computed(() => [who, what, done].every((field) => field.value.trim() !== ''))
watch(open, (isOpen) => {
  if (isOpen) for (const field of [who, what, done]) field.value = ''
})

/** As a rescue service takes it: degrees with five decimals, a metre or so. */
const place = computed(
  () =>
    `${props.whole.apiary.latitude?.toFixed(5) ?? ''}, ${props.whole.apiary.longitude?.toFixed(5) ?? ''}`,
)

function keep(): void {
  if (!complete.value) return
  emit('said', kind.value, `${who.value.trim()}: ${what.value.trim()}. Done: ${done.value.trim()}`)
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="620" aria-labelledby="aid-title">
    <div class="sheet aid">
      <h2 id="aid-title">{{ t('run.firstAidDialog.somebodyExposedOrHurt') }}</h2>
      <ol class="card">
        <li>
          <i18n-t keypath="run.firstAidDialog.stopBurningStepUpwind" scope="global"
            ><template #strong
              ><strong>{{ t('run.firstAidDialog.outVapourFreshAir') }}</strong></template
            ></i18n-t
          >
        </li>
        <li>
          <i18n-t keypath="run.firstAidDialog.rinseWithCleanWater" scope="global"
            ><template #strong
              ><strong>{{ t('run.firstAidDialog.eyes') }}</strong></template
            ></i18n-t
          >
        </li>
        <li>
          <i18n-t keypath="run.firstAidDialog.washWithMuchWater" scope="global"
            ><template #strong
              ><strong>{{ t('run.firstAidDialog.skin') }}</strong></template
            ></i18n-t
          >
        </li>
        <li>
          <i18n-t keypath="run.firstAidDialog.coolWithWaterPeople" scope="global"
            ><template #strong
              ><strong>{{ t('run.firstAidDialog.burn') }}</strong></template
            ><template #strong2
              ><strong>{{ t('run.firstAidDialog.fire') }}</strong></template
            ></i18n-t
          >
        </li>
        <li>
          <i18n-t keypath="run.firstAidDialog.haveLabelAtHand" scope="global"
            ><template #strong
              ><strong>{{ t('run.firstAidDialog.callLocalPoisonCentre') }}</strong></template
            ></i18n-t
          >
        </li>
      </ol>
      <p class="there">
        <strong>{{ whole.apiary.name }}</strong>
        <template v-if="whole.apiary.latitude !== undefined">{{ ' ' }}{{ place }}</template>
        <template v-if="whole.rescue?.says"><br />{{ whole.rescue.says }}</template>
        <template v-if="whole.rescue?.poisonCentre"
          ><br />{{ t('run.firstAidDialog.poisonCentre', { number: whole.rescue.poisonCentre }) }}
        </template>
      </p>
      <p class="soft small">{{ t('run.firstAidDialog.generalCautionsNotMedical') }}</p>
      <form @submit.prevent="keep">
        <div class="kinds" role="radiogroup" :aria-label="t('run.firstAidDialog.whatWas')">
          <button
            v-for="each in ['EXPOSURE', 'ACCIDENT'] as const"
            :key="each"
            type="button"
            role="radio"
            :aria-checked="kind === each"
            :tabindex="kind === each ? 0 : -1"
            @keydown="radioKeys"
            @click="kind = each"
          >
            {{ kind === each ? '●' : '○' }}
            {{
              each === 'EXPOSURE'
                ? t('run.firstAidDialog.exposureAcid')
                : t('run.firstAidDialog.accident')
            }}
          </button>
        </div>
        <v-text-field v-model="who" :label="t('common.who')" maxlength="60" />
        <v-text-field v-model="what" :label="t('common.whatHappened')" maxlength="200" />
        <v-text-field v-model="done" :label="t('run.firstAidDialog.whatWasDone')" maxlength="200" />
        <div class="ends">
          <button type="button" class="back" @click="open = false">
            {{ t('run.firstAidDialog.backKeepNothing') }}
          </button>
          <v-btn type="submit" min-height="56" :disabled="!complete">{{
            t('run.firstAidDialog.keepLog')
          }}</v-btn>
        </div>
      </form>
    </div>
  </v-dialog>
</template>

<style scoped>
.aid {
  padding: 18px;
  overflow-y: auto;
}

.card {
  padding: 12px 12px 12px 34px;
  border: 3px solid var(--off-label);
  line-height: 1.5;
}

.there {
  margin: 10px 0;
  font-variant-numeric: tabular-nums;
}

form {
  display: grid;
  gap: 10px;
}

.kinds,
.ends {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  justify-content: space-between;
}

.kinds button {
  flex: 1;
  min-height: 56px;
  border: 1px solid var(--rule-strong);
}

.kinds button[aria-checked='true'] {
  border-width: 3px;
}

.back {
  min-height: 56px;
  text-decoration: underline;
}
</style>
