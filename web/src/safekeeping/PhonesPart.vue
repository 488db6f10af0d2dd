<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { useRequest } from '../shared/request'
import { t } from '../words/words'

/** How phones come to this Tavrel, and what they are to trust once. */
const phones = ref<Shapes['Phones'] | null>(null)
const { problem, attempt } = useRequest()

onMounted(async () => {
  await attempt(async () => {
    phones.value = await ask(api.GET('/api/outfit/phones'))
  })
})
</script>

<template>
  <section class="sheet part" :aria-label="t('safekeeping.phonesPart.phones')">
    <h2>{{ t('safekeeping.phonesPart.phones') }}</h2>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <template v-if="phones">
      <p v-if="phones.addresses.length === 0">
        <i18n-t keypath="safekeeping.phonesPart.tavrelAnswersThisMachine" scope="global"
          ><template #kbd><kbd>tavrel --phones</kbd></template></i18n-t
        >
      </p>
      <template v-else>
        <p>{{ t('safekeeping.phonesPart.phonesThisNetworkOpen') }}</p>
        <ul>
          <li v-for="address in phones.addresses" :key="address">
            <span class="address">{{ address }}</span>
          </li>
        </ul>
        <p v-if="!phones.secure">
          <i18n-t keypath="safekeeping.phonesPart.thisNotSecureWhoever" scope="global"
            ><template #kbd><kbd>--phones</kbd></template></i18n-t
          >
        </p>
      </template>
      <template v-if="phones.ownCertificate">
        <p>
          <i18n-t keypath="safekeeping.phonesPart.thisMachineMadeIts" scope="global"
            ><template #link
              ><a href="/api/outfit/phones/certificate" download>{{
                t('safekeeping.phonesPart.takeCertificateAway')
              }}</a></template
            ></i18n-t
          >
        </p>
        <ul>
          <li>
            {{ t('safekeeping.phonesPart.androidSettingsSecurityInstall') }}
          </li>
          <li>
            {{ t('safekeeping.phonesPart.iphoneIpadOpenFile') }}
          </li>
        </ul>
        <p class="soft">
          {{ t('safekeeping.phonesPart.menusDifferByVersion') }}
        </p>
      </template>
    </template>
  </section>
</template>

<style scoped>
.part {
  padding: 14px 18px;
  margin-top: 14px;
}

.part h2 {
  margin-top: 0;
}

.address,
kbd {
  font-family: var(--figure-face);
}
</style>
