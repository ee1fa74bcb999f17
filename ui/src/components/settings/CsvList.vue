<script setup lang="ts">
// A list of the firm's own, kept as CSV: shown, taken out, put in its place by text or file.
import { onMounted, ref } from 'vue'
import { may } from '@/api/session'
import { useRequest } from '@/composables/useRequest'

type Kept = { count: number; csv: string }
const props = defineProps<{
  title: string
  /** What is said of it: of so many, or of none. */
  some: (n: number) => string
  none: string
  file: string
  read: () => Promise<Kept>
  keep: (csv: string) => Promise<Kept>
}>()
const list = ref<Kept | null>(null)
const text = ref('')
const { error, run } = useRequest()
const allowed = may('parts')
const show = (got: Kept) => {
  list.value = got
  text.value = got.csv
}
onMounted(() => run(async () => show(await props.read())))
const replace = (csv: string) => run(async () => show(await props.keep(csv)))
async function chosen(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) text.value = await file.text()
}
</script>

<template>
  <section v-if="list" class="stack">
    <h2>{{ title }}</h2>
    <p class="soft">
      {{ list.count ? some(list.count) : none }}
      <a :href="`data:text/csv;charset=utf-8,${encodeURIComponent(list.csv)}`" :download="file">{{
        file
      }}</a>
    </p>
    <template v-if="allowed">
      <label class="soft small"
        >CSV <input type="file" accept=".csv,text/csv" @change="chosen"
      /></label>
      <textarea v-model="text" rows="8" class="number" spellcheck="false" :aria-label="title" />
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <div class="row">
        <el-button type="primary" :disabled="text === list.csv" @click="replace(text)">{{
          $t('parts.keep')
        }}</el-button><el-button v-if="list.count" @click="replace('')">{{
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
