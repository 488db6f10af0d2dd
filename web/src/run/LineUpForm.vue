<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { counted, timeIn } from '../shared/format'
import { useLimits } from '../shared/limits'
import { useRequest } from '../shared/request'
import { t } from '../words/words'
import { inWords } from '../words/facts'

const props = defineProps<{ roundId: string; zone: string; mayWork: boolean }>()
/** Who and what works in a run, and how long it should take with them. */
const limits = useLimits()
const line = ref<Shapes['LineUp'] | null>(null)
const gear = ref<Shapes['KnownTool'][]>([])
const { problem, busy, attempt } = useRequest()
const burners = ref(1)
const helpers = ref(0)
const cloths = ref('24')
const ahead = ref(false)
const path = { params: { path: { id: props.roundId } } }

const along = computed(() =>
  (line.value?.tools ?? []).slice(1).flatMap((tool) => (tool.toolId ? [tool.toolId] : [])),
)
const offered = computed(() => gear.value.filter(({ tool }) => !tool.retired))
const people = Array.from({ length: 5 }, (_, i) => i)

function take(found: Shapes['LineUp']): void {
  line.value = found
  burners.value = found.crew.burners
  helpers.value = found.crew.helpers
  cloths.value = String(found.cloths)
  ahead.value = found.preparedAhead
}

onMounted(async () => {
  await attempt(async () => {
    const [found, all] = await Promise.all([
      ask(api.GET('/api/rounds/{id}/line-up', path)),
      ask(api.GET('/api/gear')),
    ])
    take(found)
    gear.value = all.tools
  })
})

async function set(toolIds: readonly string[]): Promise<void> {
  const count = Number(cloths.value)
  if (!Number.isInteger(count) || count < 1) {
    problem.value = t('run.lineUpForm.clothsWholeNumberFrom')
    return
  }
  problem.value = ''
  await attempt(async () => {
    take(
      await ask(
        api.PUT('/api/rounds/{id}/line-up', {
          ...path,
          body: {
            toolIds: [...toolIds],
            crew: { burners: burners.value, helpers: helpers.value },
            cloths: count,
            caps: line.value?.caps,
            preparedAhead: ahead.value,
          },
        }),
      ),
    )
  })
}

const minutes = computed(() => Math.round((line.value?.finish ?? 0) / 60))
</script>

<template>
  <section v-if="line" class="sheet line-up" :aria-label="t('run.lineUpForm.whoWhatWorks')">
    <h2>{{ t('run.lineUpForm.whoWhatWorks') }}</h2>
    <ul class="tools">
      <li v-for="(tool, i) in line.tools" :key="tool.number">
        <strong>{{ tool.name }}</strong>
        <span class="soft">
          {{ tool.family === 'PAN_WAND' ? t('common.panWand') : t('common.heatedBowl') }}
          <template v-if="tool.notIn">
            {{ t('run.lineUpForm.not', { hives: counted(tool.notIn, 'hive') }) }}</template
          >
        </span>
        <button
          v-if="mayWork && i > 0 && !line.begun"
          type="button"
          :disabled="busy"
          :aria-label="t('run.lineUpForm.staysAtHome', { name: tool.name })"
          @click="set(along.filter((_, place) => place !== i - 1))"
        >
          {{ t('run.lineUpForm.notToday') }}
        </button>
      </li>
    </ul>
    <p v-if="mayWork && line.tools.length < limits.of('toolsInARun', Infinity)" class="add">
      <span class="soft">{{ t('run.lineUpForm.comesAlong') }}</span>
      <button
        v-for="{ tool } in offered"
        :key="tool.id"
        type="button"
        :disabled="busy"
        @click="set([...along, tool.id])"
      >
        + {{ tool.name }}
      </button>
    </p>
    <div v-if="mayWork && !line.begun" class="form-grid crew">
      <v-select
        v-model="burners"
        :items="people.slice(1)"
        :label="t('run.lineUpForm.peopleWhoBurn')"
        hide-details
        @update:model-value="set(along)"
      />
      <v-select
        v-model="helpers"
        :items="people"
        :label="t('run.lineUpForm.helpers')"
        hide-details
        @update:model-value="set(along)"
      />
      <v-text-field
        v-model="cloths"
        :label="t('common.cloths')"
        inputmode="numeric"
        hide-details
        @change="set(along)"
      />
      <v-checkbox
        v-model="ahead"
        :label="t('run.lineUpForm.hivesMadeReadyBefore')"
        hide-details
        @update:model-value="set(along)"
      />
    </div>
    <p v-if="line.finish !== undefined" class="reckoned">
      <i18n-t keypath="run.lineUpForm.fromArrivalAtMost" scope="global"
        ><template #strong
          ><strong>{{ t('run.lineUpForm.aboutMin', { minutes }) }}</strong></template
        ><template #hives>{{ counted(line.mostShut ?? 0, 'hive') }}</template
        ><template #more
          ><template v-if="line.endsAt && !line.begun">
            <i18n-t keypath="run.lineUpForm.begunNowWouldBe" scope="global"
              ><template #endsAt>{{ timeIn(zone, line.endsAt) }}</template
              ><template #strong
                ><strong v-if="line.endsInside && line.workableTo">{{
                  t('run.lineUpForm.insideWorkableHoursWhich', {
                    workableTo: timeIn(zone, line.workableTo),
                  })
                }}</strong>
                <strong v-else-if="line.workableTo" class="past">{{
                  t('run.lineUpForm.pastWorkableHoursWhich', {
                    workableTo: timeIn(zone, line.workableTo),
                  })
                }}</strong>
                <strong v-else class="past">{{
                  t('run.lineUpForm.nowNotWorkableHours')
                }}</strong></template
              ></i18n-t
            >
          </template></template
        ></i18n-t
      >
    </p>
    <p v-if="line.says" class="soft">{{ inWords(line.says) }}</p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </section>
</template>

<style scoped>
.line-up {
  display: grid;
  gap: 8px;
  padding: 12px 16px;
}

.line-up p,
.line-up h2 {
  margin: 0;
}

.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 24px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.tools li,
.add {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

button {
  min-height: 48px;
  padding: 0 12px;
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
}

.crew {
  --field: 160px;

  align-items: center;
}

.past,
.problem {
  color: var(--off-label);
  font-weight: 650;
}
</style>
