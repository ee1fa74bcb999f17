<script setup lang="ts">
// What the customer reads, or is read to, before a lever is lifted; and who said yes or no.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { useRequest } from '@/composables/useRequest'
import { useVisit } from '@/composables/useVisit'

const props = defineProps<{ visit: string; spare?: string }>()
const { send } = useVisit()
const card = ref<Schemas['LeverCard'] | null>(null)
const by = ref('')
const { error, run } = useRequest()
const load = () =>
  run(async () => {
    const params = { path: { id: props.visit } }
    card.value = await unwrap(api.GET('/api/visits/{id}/lever', { params }))
    by.value = card.value.by ?? ''
  })
onMounted(load)
async function say(name: string, value: string) {
  await send('decisions', { name, value })
  await load()
}
</script>

<template>
  <section v-if="card" class="card stack">
    <b>{{ $t('lever.title') }}</b>
    <p v-for="line in card.lines" :key="line">{{ line }}</p>
    <div class="row">
      <span>{{ $t('lever.spare') }}</span>
      <button
        v-for="one in ['yes', 'no']"
        :key="one"
        type="button"
        class="plain-button"
        :aria-pressed="spare === one"
        @click="say('spare_at_hand', one)"
      >
        {{ $t(`lever.${one}`) }}
      </button>
    </div>
    <label class="stack"
      >{{ $t('lever.by') }}
      <input
        v-model="by"
        class="native"
        name="consent-by"
        maxlength="200"
        @change="say('consent_by', by.trim())"
    /></label>
  </section>
  <p v-else-if="error" class="error" role="alert">{{ error }}</p>
</template>

<style scoped>
.card {
  border: 2px solid var(--copper);
  border-radius: 8px;
  padding: 10px 14px;
}
.card p {
  margin: 0;
  font-size: 1.08rem;
}
</style>
