<script setup lang="ts">
import { ref } from 'vue'
import type { Shapes } from '../api/client'
import { newId } from '../shared/ids'
import { NOTES } from './gearWords'

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
  <section aria-label="Care">
    <h3>Care</h3>
    <ul class="due">
      <li :class="{ now: known.wear.uncleanedAfter.length }">
        {{
          known.wear.uncleanedAfter.length
            ? `Cleaning due: burned in ${known.wear.uncleanedAfter.join(', ')} since it was cleaned.`
            : 'Clean: nothing burned in it since it was cleaned.'
        }}
      </li>
      <li :class="{ now: known.wear.sealsDue }">
        {{ known.wear.burnsOnSeals }} burns on its seals<template v-if="known.tool.sealsEvery"
          >, of {{ known.tool.sealsEvery }}</template
        >{{ known.wear.sealsDue ? ': change them.' : '.' }}
      </li>
    </ul>
    <form v-if="mayNote" aria-label="A note on the tool" @submit.prevent>
      <v-text-field
        v-model="says"
        density="compact"
        label="What was seen or done"
        :error-messages="refused.says"
      />
      <div class="kinds">
        <v-btn @click="note('RESIDUE')">Residue</v-btn>
        <v-btn @click="note('FAULT')">Fault</v-btn>
        <v-btn @click="note('CLEANED')">Cleaned</v-btn>
        <v-btn @click="note('SEALS_CHANGED')">Seals changed</v-btn>
      </div>
    </form>
    <ul class="notes">
      <li v-for="each in known.notes.slice(0, 12)" :key="each.id">
        <strong>{{ NOTES[each.kind] }}</strong> {{ each.says }}
        <span class="soft">{{ each.by }}, {{ each.at.slice(0, 10) }}</span>
      </li>
    </ul>
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
