<script setup lang="ts">
import { useId } from 'vue'
import { t } from '../../words/words'

/** A dialog that asks for something and keeps it: fields in the middle, back and forth at its foot. */
defineProps<{ title: string; does: string; problem?: string; busy?: boolean; width?: number }>()
defineEmits<{ keep: [] }>()
const open = defineModel<boolean>({ required: true })
const id = useId()
</script>

<template>
  <v-dialog v-model="open" :max-width="width ?? 460" :aria-labelledby="id">
    <form class="sheet form" @submit.prevent="$emit('keep')">
      <h2 :id="id">{{ title }}</h2>
      <slot />
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <div class="foot">
        <v-btn min-height="56" @click="open = false">{{ t('common.back') }}</v-btn>
        <v-btn min-height="56" type="submit" variant="flat" color="primary" :loading="busy">{{
          does
        }}</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 10px;
  padding: 18px;
}

.form :deep(p),
h2 {
  margin: 0;
}

.form :deep(fieldset) {
  border: 0;
  padding: 0;
}

.foot {
  display: flex;
  justify-content: flex-end;
  gap: 10px;
}
</style>
