<script setup lang="ts">
import { computed } from 'vue'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { dayOf } from '../shared/format'
import { useSession } from '../shared/session'
import LotForm from './LotForm.vue'
import LotTable from './LotTable.vue'
import ShelfList from './ShelfList.vue'
import YearCosts from './YearCosts.vue'
import { useStock } from './useStock'
import PageState from '../shared/layout/PageState.vue'
import { t } from '../words/words'
import { inWords } from '../words/facts'
import { weight } from '../shared/units/quantity'

/** Stock and money: how long the acid lasts, what to order, where it went, what it all cost. */
const session = useSession()
const { stock, problem, wrong, busy, load, addLot, weigh, addSupply, strike } = useStock()
const order = computed(() => stock.value?.order)
const year = computed(() => Number(todayHere(serverNow()).slice(0, 4)))
const late = computed(() => (order.value?.orderBy ?? '9') < todayHere(serverNow()))
/** Share of the need that is there, for the bar. */
const share = computed(() => {
  if (!order.value || order.value.need === 0) return 1
  return Math.min(1, order.value.left / order.value.need)
})
</script>

<template>
  <h1>{{ t('common.stockMoney') }}</h1>
  <PageState
    :there="stock !== null"
    :problem="problem"
    :what="t('stock.stockPage.stock')"
    @again="load()"
  />
  <template v-if="stock && order">
    <section class="sheet part lasts" :class="{ short: order.runsOutOn }">
      <p class="big">
        <i18n-t keypath="stock.stockPage.productShouldBeThere" scope="global"
          ><template #strong
            ><strong class="figure">{{ weight(order.left, 0) }}</strong></template
          ></i18n-t
        >
      </p>
      <div
        class="bar"
        role="img"
        :aria-label="
          t('stock.stockPage.gThereGNeeded', {
            left: weight(order.left, 0),
            need: weight(order.need, 0),
          })
        "
      >
        <span :style="{ width: 100 * share + '%' }"></span>
      </div>
      <p v-if="stock.toCome === 0">
        {{ t('stock.stockPage.noRoundPlannedNo') }}
      </p>
      <p v-else-if="order.runsOutOn">
        <i18n-t keypath="stock.stockPage.roundsComeNeedDoes" scope="global"
          ><template #toCome>{{ stock.toCome }}</template
          ><template #strong
            ><strong class="figure">{{ weight(order.need, 0) }}</strong></template
          ><template #strong2
            ><strong>{{ dayOf(order.runsOutOn) }}</strong></template
          ><template #strong3
            ><strong class="figure">{{ weight(order.orderGrams, 0) }}</strong></template
          ><template #late>{{
            late ? t('stock.stockPage.nowWasDueBy') : t('stock.stockPage.by')
          }}</template
          ><template #strong4
            ><strong>{{ dayOf(order.orderBy ?? order.runsOutOn) }}</strong></template
          ></i18n-t
        >
      </p>
      <p v-else>
        <i18n-t keypath="stock.stockPage.roundsComeNeedEnough" scope="global"
          ><template #toCome>{{ stock.toCome }}</template
          ><template #strong
            ><strong class="figure">{{ weight(order.need, 0) }}</strong></template
          ></i18n-t
        >
      </p>
      <p class="soft">
        {{ t('stock.stockPage.estimatePlannedRoundsBy') }}
      </p>
      <p v-if="stock.uncovered > 0.05" class="soft">
        {{ t('stock.stockPage.gWereBurnedNo', { uncovered: weight(stock.uncovered, 0) }) }}
      </p>
    </section>
    <section class="sheet part">
      <h2>{{ t('stock.stockPage.lots') }}</h2>
      <LotTable
        :lots="stock.lots"
        :may-enter="session.isKeeper"
        :wrong="wrong"
        :weigh="weigh"
        @strike="strike"
      />
      <LotForm v-if="session.isKeeper" :wrong="wrong" :busy="busy" :add="addLot" />
    </section>
    <section class="sheet part">
      <h2>{{ t('stock.stockPage.onShelf') }}</h2>
      <p v-for="(says, i) in stock.charges" :key="i" class="short-of">{{ inWords(says) }}.</p>
      <ShelfList
        :shelves="stock.shelves"
        :supplies="stock.supplies"
        :foretold="stock.foretold"
        :may-enter="session.isKeeper"
        :wrong="wrong"
        :add="addSupply"
        @strike="strike"
      />
    </section>
    <section class="sheet part">
      <h2>{{ t('stock.stockPage.whatCost') }}</h2>
      <YearCosts :this-year="year" />
    </section>
  </template>
</template>

<style scoped>
.part {
  padding: 14px 18px;
  margin-top: 14px;
}

.part h2 {
  margin-top: 0;
}

.big {
  margin: 0 0 8px;
  font-size: 1.125rem;
}

.big .figure {
  font-size: 1.75rem;
}

.bar {
  height: 18px;
  border: 2px solid var(--ink);
}

.bar span {
  display: block;
  height: 100%;
  background: var(--open);
}

.short-of {
  margin: 0 0 6px;
  font-weight: 600;
}

.short .bar span {
  background: repeating-linear-gradient(135deg, var(--caution) 0 8px, var(--paper) 8px 12px);
}
</style>
