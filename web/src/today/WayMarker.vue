<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { t } from '../words/words'

/** The way to the first round, step by step: what is done, and what comes next and why. Gone once a round was planned. */
const props = defineProps<{ today: Shapes['Today'] }>()

interface Mark {
  name: string
  why: string
  to: string
  done: boolean
}

const gear = ref<Shapes['AllGear'] | null>(null)
const sheets = ref<Shapes['RuleSheet'][] | null>(null)
const counted = ref<boolean | null>(null)

onMounted(async () => {
  try {
    const first = props.today.apiaries[0]?.apiary.id
    gear.value = await ask(api.GET('/api/gear'))
    sheets.value = await ask(api.GET('/api/rule-sheets'))
    counted.value = first
      ? (
          await ask(api.GET('/api/apiaries/{id}/counts', { params: { path: { id: first } } }))
        ).lines.some((line) => line.reading !== undefined)
      : false
  } catch {
    return
  }
})

/** Whether everything is known that the marks go by. */
const there = computed(() => gear.value && sheets.value && counted.value !== null)
const rounds = computed(() =>
  props.today.apiaries.some((each) => each.roundId !== undefined || each.lastDay !== undefined),
)
const marks = computed<Mark[]>(() => [
  {
    name: t('today.wayMarker.yard'),
    why: t('today.wayMarker.yardWhy'),
    to: '/apiaries/new',
    done: props.today.apiaries.some((each) => each.hives > 0),
  },
  {
    name: t('today.wayMarker.tool'),
    why: t('today.wayMarker.toolWhy'),
    to: '/gear',
    done: (gear.value?.tools.length ?? 0) > 0,
  },
  {
    name: t('today.wayMarker.label'),
    why: t('today.wayMarker.labelWhy'),
    to: '/rules',
    done: sheets.value?.some((each) => !each.example) ?? false,
  },
  {
    name: t('today.wayMarker.count'),
    why: t('today.wayMarker.countWhy'),
    to: '/counts',
    done: counted.value ?? false,
  },
  {
    name: t('today.wayMarker.round'),
    why: t('today.wayMarker.roundWhy'),
    to: '/dose',
    done: rounds.value,
  },
])
const next = computed(() => marks.value.find((each) => !each.done))
</script>

<template>
  <nav v-if="there && !rounds && next" class="sheet way" :aria-label="t('today.wayMarker.way')">
    <ol>
      <li v-for="each in marks" :key="each.to" :class="{ done: each.done, next: each === next }">
        <router-link :to="each.to" :aria-current="each === next ? 'step' : undefined"
          ><span aria-hidden="true">{{ each.done ? '✓' : '·' }}</span> {{ each.name
          }}<span v-if="each.done" class="visually-hidden">{{
            ' ' + t('today.wayMarker.done')
          }}</span></router-link
        >
      </li>
    </ol>
    <p>{{ next.why }}</p>
  </nav>
</template>

<style scoped>
.way {
  padding: 12px 16px;
  margin-bottom: 16px;
}

ol {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
  list-style: none;
  margin: 0;
  padding: 0;
}

p {
  margin: 6px 0 0;
}

a {
  display: block;
  min-height: 32px;
}

.next a {
  font-weight: 700;
}

.done a {
  color: var(--ink-soft);
}
</style>
