<script setup lang="ts">
import { ref } from 'vue'
import { t } from '../words/words'

/** What can be done beside the next step, with the keys that do the same. */
defineProps<{
  /** Name of the hive whose last step would be taken back, or empty. */
  undoes: string
  mayLeak: boolean
  /** What the skip key does now, or null where it does nothing. */
  skip: string | null
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
  <div v-if="more" class="tools more no-print" :aria-label="t('run.runTools.forCrew')">
    <button type="button" class="hurt" @click="$emit('hurt')">
      {{ t('run.runTools.somebodyHurt') }}
    </button>
    <button v-if="!paused" type="button" @click="$emit('pause')">
      <i18n-t keypath="run.runTools.pause" scope="global"
        ><template #kbd><kbd>P</kbd></template></i18n-t
      >
    </button>
    <button v-if="hasPack" type="button" @click="$emit('pack')">
      {{ t('run.runTools.fullPack') }}
    </button>
    <button type="button" @click="$emit('end')">{{ t('run.runTools.endRun') }}</button>
    <button type="button" @click="$emit('sound')">{{ sound }}</button>
    <button type="button" :aria-pressed="voice" @click="$emit('voice')">
      {{ voice ? t('run.runTools.voiceOn') : t('run.runTools.voiceOff') }}
    </button>
  </div>
  <div class="tools no-print">
    <button type="button" :disabled="!undoes" @click="$emit('undo')">
      <i18n-t keypath="run.runTools.undo" scope="global"
        ><template #undoes>{{ undoes }}</template
        ><template #kbd><kbd>U</kbd></template></i18n-t
      >
    </button>
    <button type="button" :disabled="!mayLeak" @click="$emit('leak')">
      <i18n-t keypath="run.runTools.leak" scope="global"
        ><template #kbd><kbd>L</kbd></template></i18n-t
      >
    </button>
    <button type="button" :disabled="!mayLeak" @click="$emit('mark')">
      <i18n-t keypath="run.runTools.seen" scope="global"
        ><template #kbd><kbd>M</kbd></template></i18n-t
      >
    </button>
    <button type="button" :disabled="!skip" @click="$emit('skip')">
      {{ skip ?? t('run.runTools.leaveOut') }}<kbd>S</kbd>
    </button>
    <button type="button" :aria-expanded="more" @click="more = !more">
      {{ t('run.runTools.more') }}
    </button>
    <button type="button" class="keys" @click="keysShown = !keysShown">
      <i18n-t keypath="run.runTools.keys" scope="global"
        ><template #kbd><kbd>?</kbd></template></i18n-t
      >
    </button>
  </div>
  <p v-if="keysShown" class="sheet help">
    <i18n-t keypath="run.runTools.nextStepHiveHand" scope="global"
      ><template #kbd><kbd>Space</kbd></template
      ><template #kbd2><kbd>O</kbd></template
      ><template #kbd3><kbd>U</kbd></template
      ><template #kbd4><kbd>L</kbd></template
      ><template #kbd5><kbd>M</kbd></template
      ><template #kbd6><kbd>S</kbd></template
      ><template #kbd7><kbd>P</kbd></template
      ><template #kbd8><kbd>?</kbd></template></i18n-t
    >
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
