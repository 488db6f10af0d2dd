<script setup lang="ts">
import { ref } from 'vue'
import { texts } from '../../words/words'
import ActDialog from './ActDialog.vue'
import { ACTS, type ActKind, type DoneAct } from './acts'

/** What can be written down of the life of the hives in hand. */
defineProps<{ hives: readonly { id: string; name: string }[]; apiaryId: string }>()
const emit = defineEmits<{ done: [act: DoneAct] }>()

const NAMES = texts({
  MOVED: 'shared.actBar.move',
  RENAMED: 'shared.actBar.rename',
  QUEEN: 'shared.actBar.queen',
  SET_UP: 'shared.actBar.setUp',
  UNITED: 'shared.actBar.unite',
  ENDED: 'shared.actBar.end',
})
const kind = ref<ActKind>('MOVED')
const open = ref(false)

function begin(act: ActKind): void {
  kind.value = act
  open.value = true
}
</script>

<template>
  <div class="acts">
    <v-btn v-for="act in ACTS" :key="act" size="small" @click="begin(act)">{{ NAMES[act] }}</v-btn>
    <ActDialog
      v-if="open"
      v-model="open"
      :kind="kind"
      :hives="hives"
      :apiary-id="apiaryId"
      @done="emit('done', $event)"
    />
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
