<script setup lang="ts">
// Permit, notice and certificate of the work: that they are there, are to follow, or are not needed.
import { reactive } from 'vue'
import type { Visit } from '@/api/client'
import { decisionName } from '@/api/decisions'
import { useVisit } from '@/composables/useVisit'

const props = defineProps<{ visit: Visit }>()
const { send } = useVisit()
const SAID = ['to_follow', 'not_needed'] as const
const typed = reactive(
  Object.fromEntries(
    props.visit.papers.map(({ id, on, number }) => [id, { on: on ?? '', number: number ?? '' }]),
  ),
)
const say = (id: string, value: string) =>
  send('decisions', { name: decisionName('paper', id), value })
function keep(id: string) {
  const { on, number: text } = typed[id]!
  void say(id, [on, text.trim()].filter(Boolean).join(' '))
}
</script>

<template>
  <details class="papers" :open="visit.papers.some((one) => one.said ?? one.on ?? one.number)">
    <summary>{{ $t('papers') }}</summary>
    <fieldset v-for="one in visit.papers" :key="one.id" class="stack">
      <legend>{{ one.title }}</legend>
      <p class="soft small">{{ one.hint }} {{ one.source }}.</p>
      <div class="row">
        <button
          v-for="word in SAID"
          :key="word"
          type="button"
          class="plain-button"
          :aria-pressed="one.said === word"
          @click="say(one.id, one.said === word ? '' : word)"
        >
          {{ $t(`paper.${word}`) }}
        </button>
      </div>
      <form v-if="typed[one.id]" class="row" @submit.prevent="keep(one.id)">
        <label
          >{{ $t('paper.number')
          }}<input
            v-model="typed[one.id]!.number"
            :name="`paper-${one.id}`"
            maxlength="80"
            class="native"
        /></label>
        <label
          >{{ $t('paper.on') }}<input v-model="typed[one.id]!.on" type="date" class="native"
        /></label>
        <el-button
          native-type="submit"
          :disabled="!typed[one.id]!.number.trim() && !typed[one.id]!.on"
          >{{ $t('paper.keep') }}</el-button
        >
      </form>
    </fieldset>
  </details>
</template>

<style scoped>
fieldset {
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 8px 12px;
  margin: 8px 0;
}
form label {
  display: grid;
  gap: 4px;
}
summary {
  padding: 12px 0;
  cursor: pointer;
}
</style>
