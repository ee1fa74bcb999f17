<script setup lang="ts">
// A table; a grade has its shape beside its word.
import type { Schemas } from '@/api/client'
import GradeMark from '@/components/common/GradeMark.vue'

defineProps<{ block: Schemas['TableBlock'] }>()
</script>

<template>
  <section>
    <h2>{{ block.title }}</h2>
    <div class="wide">
      <table>
        <thead v-if="block.head">
          <tr>
            <th v-for="(text, index) in block.head" :key="index" scope="col">{{ text }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, y) in block.rows" :key="y">
            <component
              :is="x === 0 ? 'th' : 'td'"
              v-for="(cell, x) in row"
              :key="x"
              :scope="x === 0 ? 'row' : undefined"
              :class="{ strong: cell.strong }"
            >
              <GradeMark v-if="cell.grade" :grade="cell.grade" :word="cell.text" :size="14" />
              <template v-else>{{ cell.text }}</template>
              <span v-if="cell.note" class="soft small"> {{ cell.note }}</span>
            </component>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.wide {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.92rem;
}
th,
td {
  text-align: left;
  padding: 6px 8px 6px 0;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
  font-weight: 400;
  overflow-wrap: normal;
  font-variant-numeric: tabular-nums;
}
thead th {
  color: var(--ink-soft);
  font-size: 0.85rem;
}
.strong {
  font-weight: 700;
}
td :deep(.mark) {
  font-weight: inherit;
  white-space: normal;
}
</style>
