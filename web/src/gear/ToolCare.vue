<script setup lang="ts">
import { ref } from 'vue'
import type { Shapes } from '../api/client'
import { newId } from '../shared/ids'
import NoteList from '../shared/note/NoteList.vue'
import { NOTES } from './gearWords'
import { t } from '../words/words'

type Kind = Shapes['NewGearNote']['kind']

/** What a tool is due for, and what was seen at it or done to it. */
const props = defineProps<{
  known: Shapes['KnownTool']
  refused: Readonly<Record<string, string>>
  mayNote: boolean
  /** Keeps a note; tells whether the server took it. */
  keep: (id: string, note: Shapes['NewGearNote']) => Promise<boolean>
}>()
const says = ref('')
let id = newId()

async function note(kind: Kind): Promise<void> {
  if (await props.keep(id, { toolId: props.known.tool.id, kind, says: says.value || undefined })) {
    says.value = ''
    id = newId()
  }
}
</script>

<template>
  <section :aria-label="t('gear.toolCare.care')">
    <h3>{{ t('gear.toolCare.care') }}</h3>
    <ul class="due">
      <li :class="{ now: known.wear.uncleanedAfter.length }">
        {{
          known.wear.uncleanedAfter.length
            ? t('gear.toolCare.cleaningDueBurnedSince', {
                uncleanedAfter: known.wear.uncleanedAfter.join(', '),
              })
            : t('gear.toolCare.cleanNothingBurnedSince')
        }}
      </li>
      <li :class="{ now: known.wear.sealsDue }">
        <i18n-t keypath="gear.toolCare.burnsOnItsSeals" scope="global"
          ><template #burnsOnSeals>{{ known.wear.burnsOnSeals }}</template
          ><template #more
            ><template v-if="known.tool.sealsEvery">{{
              t('gear.toolCare.of', { sealsEvery: known.tool.sealsEvery })
            }}</template></template
          ><template #sealsDue>{{
            known.wear.sealsDue ? t('gear.toolCare.changeThem') : '.'
          }}</template></i18n-t
        >
      </li>
    </ul>
    <form v-if="mayNote" :aria-label="t('gear.toolCare.noteOnTool')" @submit.prevent>
      <v-text-field
        v-model="says"
        density="compact"
        :label="t('gear.toolCare.whatWasSeenOr')"
        :error-messages="refused.says"
      />
      <div class="kinds">
        <v-btn @click="note('RESIDUE')">{{ t('gear.toolCare.residue') }}</v-btn>
        <v-btn @click="note('FAULT')">{{ t('gear.toolCare.fault') }}</v-btn>
        <v-btn @click="note('CLEANED')">{{ t('gear.toolCare.cleaned') }}</v-btn>
        <v-btn @click="note('SEALS_CHANGED')">{{ t('gear.toolCare.sealsChanged') }}</v-btn>
      </div>
    </form>
    <ul class="notes">
      <li v-for="each in known.notes.slice(0, 12)" :key="each.id">
        <strong>{{ NOTES[each.kind] }}</strong> {{ each.says }}
        <span class="soft">{{ each.by }}, {{ each.at.slice(0, 10) }}</span>
      </li>
    </ul>
    <h3>{{ t('shared.noteList.notes') }}</h3>
    <NoteList about="TOOL" :about-id="known.tool.id" :thing="known.tool.name" />
  </section>
</template>

<style scoped>
h3 {
  font-size: 1.1rem;
}

.due {
  margin: 6px 0;
  padding-left: 20px;
}

.now {
  color: var(--caution);
  font-weight: 650;
}

form {
  display: grid;
  gap: 8px;
}

.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.notes {
  margin: 10px 0 0;
  padding-left: 20px;
}
</style>
