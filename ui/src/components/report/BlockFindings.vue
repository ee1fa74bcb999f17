<script setup lang="ts">
// What must be done, finding by finding.
import type { Schemas } from '@/api/client'
import GradeMark from '@/components/common/GradeMark.vue'

defineProps<{ block: Schemas['FindingsBlock'] }>()
</script>

<template>
  <section>
    <h2>{{ block.title }}</h2>
    <div
      v-for="(one, index) in block.findings"
      :key="index"
      class="finding together"
      :class="one.grade"
    >
      <div class="row between">
        <GradeMark :grade="one.grade" :word="one.word" />
        <b v-if="one.by" class="small">{{ one.by }}</b>
      </div>
      <p v-for="(line, at) in one.lines" :key="at" :class="[line.tone, { small: at > 0 }]">
        <b v-if="at === 0">{{ one.lead }}</b>{{ at === 0 ? ` ${line.text}` : line.text }}
      </p>
    </div>
  </section>
</template>

<style scoped>
.finding {
  border-left: 5px solid var(--line);
  padding: 6px 0 6px 12px;
  margin-bottom: 10px;
}
.danger {
  border-color: var(--danger);
}
.defect {
  border-color: var(--defect);
}
.watch {
  border-color: var(--watch);
}
p {
  margin: 4px 0;
}
</style>
