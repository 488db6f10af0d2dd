<script setup lang="ts">
import { ref } from 'vue'
import type { Shapes } from '../api/client'
import HiveFigure from '../parts/HiveFigure.vue'
import VerdictMark from '../parts/VerdictMark.vue'

/** Hive by hive: grams, loads, and what the label says. Each line can be asked why. */
defineProps<{ sheet: Shapes['DoseSheet'] }>()
const asked = ref<string>()

function missed(line: Shapes['HiveDose']): string {
  const error = line.error
  return Math.abs(error) < 0.005 ? '' : `${error > 0 ? '+' : '−'}${Math.abs(error).toFixed(2)} g`
}
</script>

<template>
  <div class="scroll">
    <table>
      <thead>
        <tr>
          <th scope="col">Hive</th>
          <th scope="col">As it stands</th>
          <th scope="col" class="right">Acid</th>
          <th scope="col" class="right">Loads</th>
          <th scope="col" class="right">Each load</th>
          <th scope="col">Label</th>
          <th scope="col"><span class="visually-hidden">Why</span></th>
        </tr>
      </thead>
      <tbody>
        <template v-for="line in sheet.hives" :key="line.hive.id">
          <tr :class="{ asked: asked === line.hive.id }">
            <td>
              <strong>{{ line.hive.name }}</strong>
            </td>
            <td class="stands">
              <HiveFigure
                :boxes="line.hive.boxes"
                :supers="line.hive.supers"
                :floor="line.hive.floor"
                :scale="0.72"
              />
            </td>
            <td class="right figure">
              {{ line.totalAcid.toFixed(2) }} g
              <span v-if="missed(line)" class="soft error">{{ missed(line) }}</span>
            </td>
            <td class="right figure">{{ line.loads.count }}</td>
            <td class="right figure load">
              {{ line.loads.units > 0 ? line.eachLoad : 'too coarse' }}
            </td>
            <td><VerdictMark :verdict="line.judgement.verdict" /></td>
            <td>
              <button
                type="button"
                class="why"
                :aria-expanded="asked === line.hive.id"
                :aria-label="`Why for ${line.hive.name}`"
                @click="asked = asked === line.hive.id ? undefined : line.hive.id"
              >
                why?
              </button>
            </td>
          </tr>
          <tr v-if="asked === line.hive.id" class="answer">
            <td colspan="7">
              <div class="panels">
                <ol>
                  <li v-for="step in line.why" :key="step">{{ step }}</li>
                </ol>
                <ul>
                  <li v-for="finding in line.judgement.findings" :key="finding.point">
                    <VerdictMark :verdict="finding.verdict" />
                    {{ finding.point }}: {{ finding.says }}
                    <q v-if="finding.line">{{ finding.line }}</q>
                  </li>
                </ul>
              </div>
              <p class="soft">
                The dose leaves out how well this hive holds its vapour: shutting a leak is worth
                more than another gram.
              </p>
            </td>
          </tr>
        </template>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th {
  padding: 4px 10px;
  text-align: left;
  font-size: 0.8125rem;
  font-weight: 600;
  color: var(--ink-soft);
  border-bottom: 2px solid var(--ink);
}

td {
  padding: 3px 10px;
  border-bottom: 1px solid var(--rule);
}

.right {
  text-align: right;
}

.stands {
  width: 70px;
}

.stands :deep(svg) {
  display: block;
}

.load {
  font-weight: 700;
}

.error {
  display: block;
  font-size: 0.8125rem;
}

.why {
  min-height: 36px;
  padding: 0 10px;
  text-decoration: underline;
}

.asked td {
  border-bottom: 0;
}

.answer td {
  padding: 2px 10px 14px;
  background: var(--wash);
}

.panels {
  display: grid;
  grid-template-columns: 1fr 1.2fr;
  gap: 20px;
}

.panels ol,
.panels ul {
  margin: 8px 0;
  padding-left: 20px;
}

.panels ul {
  padding-left: 0;
  list-style: none;
}

q {
  color: var(--ink-soft);
}

@media (width <= 900px) {
  .panels {
    grid-template-columns: 1fr;
    gap: 0;
  }

  .stands,
  th:nth-child(2) {
    display: none;
  }

  td,
  th {
    padding: 4px 6px;
  }
}
</style>
