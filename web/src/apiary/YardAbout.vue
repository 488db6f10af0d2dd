<script setup lang="ts">
import type { Shapes } from '../api/client'
import NoteList from '../shared/note/NoteList.vue'
import { useSession } from '../shared/session'
import { t } from '../words/words'
import CardForm from './CardForm.vue'
import HoldForm from './HoldForm.vue'
import PlaceForm from './PlaceForm.vue'
import StoodThen from './StoodThen.vue'

/** What is known of a yard itself: its place, its card, how it stood, notes. */
defineProps<{ apiary: Shapes['Apiary'] }>()
const emit = defineEmits<{ kept: [apiary: Shapes['Apiary']]; held: [] }>()
const session = useSession()
</script>

<template>
  <div class="sheet about">
    <PlaceForm v-if="session.isKeeper" :apiary="apiary" @kept="emit('kept', $event)" />
    <CardForm :apiary="apiary" :may-write="session.mayWork" />
    <HoldForm :apiary-id="apiary.id" :may-write="session.isKeeper" @kept="emit('held')" />
    <StoodThen :apiary-id="apiary.id" />
    <h2>{{ t('shared.noteList.notes') }}</h2>
    <NoteList about="YARD" :about-id="apiary.id" :thing="apiary.name" />
  </div>
</template>

<style scoped>
.about {
  display: grid;
  gap: 16px;
  padding: 14px;
  margin-bottom: 14px;
}

h2 {
  margin: 0;
}
</style>
