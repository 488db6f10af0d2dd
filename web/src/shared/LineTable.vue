<script setup lang="ts">
/** A table that scrolls sideways where it must, and can be scrolled by keyboard. */
defineProps<{ label: string }>()
</script>

<template>
  <div class="scroll" tabindex="0" role="region" :aria-label="label">
    <table class="sheet">
      <slot />
    </table>
  </div>
</template>

<style scoped>
.scroll {
  position: relative; /* what is hidden in a cell scrolls with it */
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.875rem;
}

table :deep(th) {
  padding: 8px 10px;
  text-align: left;
  color: var(--ink-soft);
  border-bottom: 2px solid var(--ink);
}

table :deep(th[scope='row']) {
  padding: 6px 10px;
  vertical-align: top;
  border-bottom: 1px solid var(--rule);
}

table :deep(td) {
  padding: 6px 10px;
  vertical-align: top;
  border-bottom: 1px solid var(--rule);
}
</style>
