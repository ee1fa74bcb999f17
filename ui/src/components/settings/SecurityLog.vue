<script setup lang="ts">
// Who came in, what was taken out, what was changed: for the owner.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { useRequest } from '@/composables/useRequest'
import { dateAndTime } from '@/format'

const lines = ref<Schemas['SecurityLog']>([])
const { error, run } = useRequest()
onMounted(() =>
  run(async () => {
    lines.value = await unwrap(api.GET('/api/security-log'))
  }),
)
const shown = ref(12)
</script>

<template>
  <section class="panel stack">
    <h2>{{ $t('security.title') }}</h2>
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
