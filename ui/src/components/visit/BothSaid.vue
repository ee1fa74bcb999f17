<script setup lang="ts">
// Two answers about one part that cannot both be true: the wrong one is taken back.
import { computed } from 'vue'
import type { Visit } from '@/api/client'
import AnswerLine from './AnswerLine.vue'

const props = defineProps<{ visit: Visit }>()
const all = computed(() =>
  props.visit.contradictions.map((one) => ({
    text: one.text,
    answers: props.visit.answers.filter((answer) => one.answers.includes(answer.id)),
  })),
)
</script>

<template>
  <section class="panel stack both" role="alert">
    <article v-for="one in all" :key="one.text">
      <p>
        <b>{{ $t('visit.bothSaid') }}</b> {{ one.text }}
      </p>
      <AnswerLine v-for="answer in one.answers" :key="answer.id" :answer="answer" />
    </article>
  </section>
</template>

<style scoped>
.both {
  margin-bottom: 12px;
  border: 2px solid var(--defect);
}
</style>
