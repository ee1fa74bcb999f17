<script setup lang="ts">
// What is in the way at this heater, said to whoever comes next: it goes into their van and their
// day.
import { computed, ref } from 'vue'
import type { Visit } from '@/api/client'
import { useVisit } from '@/composables/useVisit'

const props = defineProps<{ visit: Visit }>()
const { send } = useVisit()
const open = ref(false)
const met = computed(() => props.visit.in_the_way.filter((one) => one.met))
const say = (id: string, met: boolean) =>
  send('decisions', { name: `next.${id}`, value: met ? 'yes' : 'no' })
</script>

<template>
  <section class="stack">
    <h3>{{ $t('next.title') }}</h3>
    <p v-for="one in met" :key="one.id">
      {{ one.text }}
      <span class="soft small">{{
        [...one.brings, one.minutes ? $t('next.minutes', { n: one.minutes }) : '']
          .filter(Boolean)
          .join(' · ')
      }}</span>
    </p>
    <details :open="open" @toggle="open = ($event.target as HTMLDetailsElement).open">
      <summary>{{ $t('next.add') }}</summary>
      <label v-for="one in visit.in_the_way" :key="one.id" class="one">
        <input
          type="checkbox"
          :name="`next-${one.id}`"
          :checked="one.met"
          @change="say(one.id, !one.met)"
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
