<script setup lang="ts">
// What is in the way at this heater, said to whoever comes next: it goes into their van and their
// day.
import { ref } from 'vue'
import { api, unwrap, type Schemas, type Visit } from '@/api/client'
import { useRequest } from '@/composables/useRequest'
import { useVisit } from '@/composables/useVisit'

const props = defineProps<{ visit: Visit }>()
const { send } = useVisit()
const { error, run } = useRequest()
/** All that may be in the way here; asked for when it is opened. */
const all = ref<Schemas['InTheWay'][]>([])
const met = (id: string) => props.visit.in_the_way.some((one) => one.id === id)
const say = (id: string) => send('decisions', { name: `next.${id}`, value: met(id) ? 'no' : 'yes' })
async function open(event: Event) {
  if (!(event.target as HTMLDetailsElement).open || all.value.length) return
  const params = { path: { id: props.visit.id } }
  await run(async () => {
    all.value = await unwrap(api.GET('/api/visits/{id}/in-the-way', { params }))
  })
}
</script>

<template>
  <section class="stack">
    <h3>{{ $t('next.title') }}</h3>
    <p v-for="one in visit.in_the_way" :key="one.id">
      {{ one.text }}
      <span class="soft small">{{
        [...one.brings, one.minutes ? $t('next.minutes', { n: one.minutes }) : '']
          .filter(Boolean)
          .join(' · ')
      }}</span>
    </p>
    <details @toggle="open">
      <summary>{{ $t('next.add') }}</summary>
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <label v-for="one in all" :key="one.id" class="one">
        <input
          type="checkbox"
          :name="`next-${one.id}`"
          :checked="met(one.id)"
          @change="say(one.id)"
        />
        {{ one.text }}
      </label>
    </details>
  </section>
</template>

<style scoped>
p {
  margin: 0;
}
.one {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: var(--touch);
}
</style>
