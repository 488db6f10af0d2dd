<script setup lang="ts">
import { ref } from 'vue'

/** What can be done beside the next step, with the keys that do the same. */
defineProps<{
  /** Name of the hive whose last step would be taken back, or empty. */
  undoes: string
  mayLeak: boolean
  /** What the skip key does now, or null where it does nothing. */
  skip: 'Leave out' | 'Stop' | null
  sound: string
  voice: boolean
  paused: boolean
  /** Whether the one who looks has a tool in hand that runs from a pack. */
  hasPack: boolean
}>()
defineEmits<{
  undo: []
  leak: []
  mark: []
  skip: []
  sound: []
  voice: []
  pause: []
  hurt: []
  pack: []
  end: []
}>()

const keysShown = ref(false)
const more = ref(false)
defineExpose({ toggleKeys: () => (keysShown.value = !keysShown.value) })
</script>

<template>
  <div v-if="more" class="tools more no-print" aria-label="For the crew">
    <button type="button" class="hurt" @click="$emit('hurt')">Somebody hurt</button>
    <button v-if="!paused" type="button" @click="$emit('pause')">Pause<kbd>P</kbd></button>
    <button v-if="hasPack" type="button" @click="$emit('pack')">Full pack in</button>
    <button type="button" @click="$emit('end')">End the run</button>
    <button type="button" @click="$emit('sound')">{{ sound }}</button>
    <button type="button" :aria-pressed="voice" @click="$emit('voice')">
      {{ voice ? 'Voice on' : 'Voice off' }}
    </button>
  </div>
  <div class="tools no-print">
    <button type="button" :disabled="!undoes" @click="$emit('undo')">
      Undo {{ undoes }}<kbd>U</kbd>
    </button>
    <button type="button" :disabled="!mayLeak" @click="$emit('leak')">Leak<kbd>L</kbd></button>
    <button type="button" :disabled="!mayLeak" @click="$emit('mark')">Seen<kbd>M</kbd></button>
    <button type="button" :disabled="!skip" @click="$emit('skip')">
      {{ skip ?? 'Leave out' }}<kbd>S</kbd>
    </button>
    <button type="button" :aria-expanded="more" @click="more = !more">More</button>
    <button type="button" class="keys" @click="keysShown = !keysShown">Keys<kbd>?</kbd></button>
  </div>
  <p v-if="keysShown" class="sheet help">
    <kbd>Space</kbd> next step of the hive in hand · <kbd>O</kbd> open the one due ·
    <kbd>U</kbd> undo · <kbd>L</kbd> leak seen · <kbd>M</kbd> something else seen ·
    <kbd>S</kbd> leave out or stop · <kbd>P</kbd> pause or go on · <kbd>?</kbd> these keys
  </p>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.tools button {
  flex: 1;
  min-width: 96px;
  min-height: 60px;
  padding: 0 10px;
  border: 1px solid var(--rule-strong);
  background: var(--sheet);
  font-weight: 650;
  border-radius: 2px;
}

.tools button:disabled {
  color: var(--ink-soft);
  border-style: dashed;
}

.hurt {
  border: 2px solid var(--off-label) !important;
}

kbd {
  margin-left: 8px;
  padding: 1px 7px;
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
  font-family: var(--figure-face);
  font-size: 0.875rem;
}

.help {
  margin: 0;
  padding: 12px 16px;
  line-height: 2;
}

.help kbd {
  margin-left: 0;
}

@media (width <= 900px) {
  .more {
    bottom: 72px !important;
  }

  .tools {
    position: sticky;
    bottom: 0;
    padding: 6px 0;
    background: var(--paper);
  }

  .tools button {
    min-width: 62px;
    padding: 0 4px;
  }

  .keys,
  kbd {
    display: none;
  }
}
</style>
