<script setup lang="ts">
// What a code on the display means, by the firm's own list.
import { ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ visit?: string }>()
const code = ref('')
const found = ref<Schemas['DisplayCode'][] | null>(null)
const { error, run } = useRequest()
const look = () =>
  run(async () => {
    if (!code.value.trim()) return (found.value = null)
    const query = { code: code.value.trim(), ...(props.visit ? { visit: props.visit } : {}) }
    found.value = await unwrap(api.GET('/api/codes', { params: { query } }))
  })
</script>

<template>
  <form class="stack" @submit.prevent="look">
    <label class="row"
      >{{ $t('codes.shown') }}
      <input
        v-model="code"
        class="native"
        name="display-code"
        maxlength="40"
        autocomplete="off"
        @change="look"
    /></label>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <p v-if="found && !found.length" role="status">{{ $t('codes.unknown') }}</p>
    <p v-for="(one, i) in found ?? []" :key="i" class="code" role="status">
      <b>{{ [one.maker, one.code].filter(Boolean).join(' ') }}: {{ one.means }}</b>
      <span v-if="one.test"><br />{{ $t('codes.test') }}: {{ one.test }}</span>
    </p>
  </form>
</template>

<style scoped>
.code {
  margin: 0;
  padding: 8px 12px;
  border-left: 4px solid var(--copper);
  background: var(--raised);
}
</style>
