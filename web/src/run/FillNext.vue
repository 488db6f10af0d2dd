<script setup lang="ts">
/** The loads that whoever helps fills next, hive by hive. */
defineProps<{ fills: string }>()
</script>

<template>
  <p class="fills">
    <i18n-t keypath="run.runPage.fillNext" scope="global">
      <template #strong
        ><strong>{{ fills }}</strong></template
      >
    </i18n-t>
  </p>
</template>

<style scoped>
.fills {
  margin: 0;
  line-height: 1.5;
}
</style>
