<script setup lang="ts">
// The catalogue of parts: the firm's own CSV file; none is invented.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { may } from '@/api/session'
import { useRequest } from '@/composables/useRequest'

const parts = ref<Schemas['PartsText'] | null>(null)
const text = ref('')
const { error, run } = useRequest()
const allowed = may('parts')
const show = (got: Schemas['PartsText']) => {
  parts.value = got
  text.value = got.csv
}
onMounted(async () => show(await unwrap(api.GET('/api/parts'))))
async function replace(csv: string) {
  await run(async () => {
    show(await unwrap(api.PUT('/api/parts', { body: { csv } })))
  })
}
async function file(event: Event) {
  const chosen = (event.target as HTMLInputElement).files?.[0]
  if (chosen) text.value = await chosen.text()
}
</script>

<template>
  <section v-if="parts" class="stack">
    <h2>{{ $t('parts.settings') }}</h2>
    <p class="soft">
      {{ $t(parts.own ? 'parts.own' : 'parts.none', { n: parts.count }) }}
      <a :href="`data:text/csv;charset=utf-8,${encodeURIComponent(parts.csv)}`" download="parts.csv"
        >parts.csv</a
      >
    </p>
    <template v-if="allowed">
      <label class="soft small"
        >CSV <input type="file" accept=".csv,text/csv" @change="file"
      /></label>
      <textarea
        v-model="text"
        rows="8"
        class="number"
        spellcheck="false"
        :aria-label="$t('parts.settings')"
      />
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <div class="row">
        <el-button type="primary" :disabled="text === parts.csv" @click="replace(text)">{{
          $t('parts.keep')
        }}</el-button><el-button v-if="parts.own" @click="replace('')">{{
          $t('parts.back')
        }}</el-button>
      </div>
    </template>
  </section>
</template>

<style scoped>
textarea {
  width: 100%;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--ground);
  color: var(--ink);
  font-size: 0.8rem;
  padding: 8px;
  white-space: pre;
}
.error {
  background: var(--danger-soft);
  color: var(--danger);
  border-radius: 8px;
  padding: 10px 12px;
}
</style>
