<script setup lang="ts">
// Who came in, what was taken out, what was changed: for the owner.
import { computed, onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { refresh } from '@/api/session'
import { useRequest } from '@/composables/useRequest'
import { dateAndTime } from '@/format'

const log = ref<Schemas['SecurityLog'] | null>(null)
const lines = computed(() => log.value?.lines ?? [])
const { error, run } = useRequest()
onMounted(() =>
  run(async () => {
    log.value = await unwrap(api.GET('/api/security-log'))
  }),
)
const ask = (who: Schemas['SecondFactorOf']) =>
  run(async () => {
    const body = { second_factor: who }
    log.value = await unwrap(api.PUT('/api/settings/sign-in', { body }))
    await refresh()
  })
const askPin = (wanted: boolean) =>
  run(async () => {
    log.value = await unwrap(api.PUT('/api/settings/sign-in', { body: { device_pin: wanted } }))
    await refresh()
  })
const shown = ref(12)
</script>

<template>
  <section class="panel stack">
    <h2>{{ $t('security.title') }}</h2>
    <fieldset v-if="log" class="row plain">
      <legend>{{ $t('security.factor') }}</legend>
      <label v-for="who in ['nobody', 'owners', 'all'] as const" :key="who" class="row">
        <input
          type="radio"
          name="second-factor"
          :checked="log.second_factor === who"
          @change="ask(who)"
        />{{ $t(`security.of.${who}`) }}</label
      >
    </fieldset>
    <label v-if="log" class="row"
      ><input
        type="checkbox"
        name="device-pin"
        :checked="log.device_pin"
        @change="askPin(!log.device_pin)"
      />{{ $t('security.devicePin') }}</label
    >
    <p class="soft small">{{ $t('security.lead') }}</p>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <div class="scroll">
      <table>
        <tbody>
          <tr v-for="(one, index) in lines.slice(0, shown)" :key="index">
            <td class="small">{{ dateAndTime(one.at) }}</td>
            <td>{{ $t(`security.event.${one.event}`) }}</td>
            <td>{{ one.name }}</td>
            <td class="soft small">{{ one.source }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <button
      v-if="lines.length > shown"
      type="button"
      class="plain-button"
      @click="shown = lines.length"
    >
      {{ $t('security.more', { n: lines.length - shown }) }}
    </button>
  </section>
</template>

<style scoped>
.plain {
  border: 0;
  padding: 0;
}
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  width: 100%;
}
td {
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--line);
  white-space: nowrap;
}
</style>
