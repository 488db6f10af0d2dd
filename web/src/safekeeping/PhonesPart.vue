<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { useRequest } from '../shared/request'

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
  <section class="sheet part" aria-label="Phones">
    <h2>Phones</h2>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <template v-if="phones">
      <p v-if="phones.addresses.length === 0">
        Tavrel answers this machine alone. To let phones in this network in, stop it and start it
        with <kbd>tavrel --phones</kbd>: this page then says where they find it.
      </p>
      <template v-else>
        <p>Phones in this network open one of these, and put it on their home screen:</p>
        <ul>
          <li v-for="address in phones.addresses" :key="address">
            <span class="address">{{ address }}</span>
          </li>
        </ul>
        <p v-if="!phones.secure">
          This is not secure: whoever is in the network can read along, and phones keep no screens
          for a yard without signal. Start it with <kbd>--phones</kbd> instead.
        </p>
      </template>
      <template v-if="phones.ownCertificate">
        <p>
          This machine made its certificate itself, so each phone must be told once to trust it.
          <a href="/api/outfit/phones/certificate" download>Take the certificate away</a> and bring
          it to the phone by cable, mail or a memory card; never by a link from a stranger.
        </p>
        <ul>
          <li>
            Android: Settings, Security, Install a certificate, CA certificate, choose the file. Its
            warning is in place: do this only with a file that you made.
          </li>
          <li>
            iPhone and iPad: open the file; Settings, Profile downloaded, Install; then General,
            About, Certificate trust settings, and switch it on.
          </li>
        </ul>
        <p class="soft">
          Menus differ by version. If this machine gets another address, take https.p12,
          https.secret and https.crt out of its data folder and start again.
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
