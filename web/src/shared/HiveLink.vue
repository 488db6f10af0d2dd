<script setup lang="ts">
/** A hive's name, which leads to its page. */
defineProps<{ id: string; name: string }>()
</script>

<template>
  <router-link :to="`/hives/${id}`" class="hive">{{ name }}</router-link>
</template>

<style scoped>
.hive {
  color: inherit;
  font-weight: 650;
  text-decoration-thickness: 1px;
  text-underline-offset: 3px;
}
</style>
