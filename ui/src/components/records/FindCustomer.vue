<script setup lang="ts">
// One of the firm's customers, found by name, address or telephone.
import { onBeforeUnmount, ref } from 'vue'
import { api, type Schemas } from '@/api/client'

type Found = Schemas['CustomerList'][number]
const props = defineProps<{ label: string; without?: string }>()
const emit = defineEmits<{ chosen: [customer: Found] }>()
const search = ref('')
const found = ref<Found[]>([])
const asked = ref(false)
let timer = 0
const QUIET = 200 // ms after the last key

function look() {
  clearTimeout(timer)
  timer = window.setTimeout(async () => {
    const { data } = await api.GET('/api/customers', {
      params: { query: { search: search.value } },
    })
    found.value = (data ?? []).filter((one) => one.id !== props.without).slice(0, 8)
    asked.value = true
  }, QUIET)
}
onBeforeUnmount(() => clearTimeout(timer))
</script>

<template>
  <div class="stack">
    <label
      >{{ label }}<el-input v-model="search" name="find-customer" autofocus @input="look"
    /></label>
    <p v-if="asked && !found.length" role="status">{{ $t('move.nobody') }}</p>
    <button
      v-for="one in found"
      :key="one.id"
      type="button"
      class="one"
      @click="emit('chosen', one)"
    >
      <b>{{ one.name }}</b><span class="soft small">{{
        [...one.addresses, one.phone].filter(Boolean).join(' · ')
      }}</span>
    </button>
  </div>
</template>

<style scoped>
.one {
  display: grid;
  gap: 2px;
  padding: 10px 12px;
  min-height: var(--touch);
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--panel);
  color: var(--ink);
  text-align: left;
}
.one:hover {
  border-color: var(--copper);
}
</style>
