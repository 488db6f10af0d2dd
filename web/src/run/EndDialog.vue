<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { counted } from '../shared/format'
import type { ShownHive } from './overlay'
import { t } from '../words/words'

/** Ends a run: not while a hive is shut; what still waits is left out, or kept for another day. */
const props = defineProps<{
  shut: readonly ShownHive[]
  waiting: readonly ShownHive[]
  name: (hiveId?: string) => string
}>()
const emit = defineEmits<{
  choose: [hiveId: string]
  putOff: [why: string]
  leaveOut: [why: string]
}>()
const open = defineModel<boolean>({ required: true })
const why = ref('')
watch(open, () => (why.value = ''))
const still = computed(() => props.shut.map((hive) => props.name(hive.hiveId)).join(', '))

function end(how: 'putOff' | 'leaveOut'): void {
  const says = why.value.trim()
  if (!says) return
  if (how === 'putOff') emit('putOff', says)
  else emit('leaveOut', says)
  open.value = false
}

function choose(hiveId: string): void {
  emit('choose', hiveId)
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="620" aria-labelledby="end-title">
    <div class="sheet end">
      <h2 id="end-title">{{ t('run.endDialog.endRunHere') }}</h2>
      <template v-if="shut.length">
        <p class="still" role="alert">
          <i18n-t keypath="run.endDialog.runCannotEndBefore" scope="global"
            ><template #strong
              ><strong>{{
                t('run.endDialog.stillShut', { hives: counted(shut.length, 'hive') })
              }}</strong></template
            ><template #still>{{ still }}</template
            ><template #shut>{{
              shut.length === 1 ? t('run.endDialog.itIs') : t('run.endDialog.theyAre')
            }}</template></i18n-t
          >
        </p>
        <button
          v-for="hive in shut"
          :key="hive.hiveId"
          type="button"
          class="big"
          @click="choose(hive.hiveId)"
        >
          {{ t('run.endDialog.to', { hiveId: name(hive.hiveId) }) }}
        </button>
      </template>
      <template v-else>
        <p>
          {{
            t('run.endDialog.noHiveShutStill', {
              hives: counted(waiting.length, 'hive'),
              waiting: waiting.length === 1 ? t('run.endDialog.waits') : t('run.endDialog.wait'),
            })
          }}
        </p>
        <v-text-field v-model="why" :label="t('run.endDialog.whyDoesRunEnd')" maxlength="300" />
        <button type="button" class="big" :disabled="!why.trim()" @click="end('putOff')">
          <i18n-t keypath="run.endDialog.roundStaysOpenPeople" scope="global"
            ><template #strong
              ><strong>{{ t('run.endDialog.anotherDay') }}</strong></template
            ></i18n-t
          >
        </button>
        <button type="button" class="big" :disabled="!why.trim()" @click="end('leaveOut')">
          <i18n-t keypath="run.endDialog.roundOverCatchUp" scope="global"
            ><template #strong
              ><strong>{{ t('run.endDialog.leaveThemOut') }}</strong></template
            ></i18n-t
          >
        </button>
      </template>
      <button type="button" class="back" @click="open = false">
        {{ t('common.backChangeNothing') }}
      </button>
    </div>
  </v-dialog>
</template>

<style scoped>
.end {
  display: grid;
  gap: 8px;
  padding: 18px;
}

.still {
  padding: 10px 14px;
  border: 3px solid var(--off-label);
}

.big {
  min-height: 60px;
  padding: 0 14px;
  text-align: left;
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
}

.big:disabled {
  border-style: dashed;
  color: var(--ink-soft);
}

.back {
  min-height: 56px;
  text-align: left;
  text-decoration: underline;
}
</style>
