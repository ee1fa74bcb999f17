<script setup lang="ts">
// The customer's page as a sheet: paints the blocks of its document, on the firm's screen and
// behind a customer's link alike.
import { computed } from 'vue'
import { type Report } from '@/api/client'
import BlockDrawing from './BlockDrawing.vue'
import BlockFindings from './BlockFindings.vue'
import BlockHead from './BlockHead.vue'
import BlockList from './BlockList.vue'
import BlockPhotographs from './BlockPhotographs.vue'
import BlockSignatures from './BlockSignatures.vue'
import BlockTable from './BlockTable.vue'

const props = withDefaults(
  defineProps<{
    report: Report
    /** Where the photographs are. */
    photos?: string
  }>(),
  { photos: '/api/photos' },
)
const parts = computed(() =>
  (['customer', 'record'] as const).map((name) => ({
    name,
    blocks: props.report.document.filter((block) => block.part === name),
  })),
)
</script>

<template>
  <article class="sheet" :lang="report.language">
    <div v-for="part in parts" :key="part.name" class="part" :class="part.name">
      <template v-for="(block, index) in part.blocks" :key="index">
        <BlockHead v-if="block.type === 'letterhead'" :block="block" :logo="report.logo" />
        <p v-else-if="block.type === 'note'" class="small" :class="block.tone">{{ block.text }}</p>
        <h1 v-else-if="block.type === 'verdict'" class="verdict" :class="block.tone">
          {{ block.text }}
        </h1>
        <BlockFindings v-else-if="block.type === 'findings'" :block="block" />
        <BlockList v-else-if="block.type === 'list'" :list="block" />
        <BlockTable v-else-if="block.type === 'table'" :block="block" />
        <div v-else-if="block.type === 'pair'" class="two together">
          <BlockList v-for="list in block.lists" :key="list.title" :list="list" />
        </div>
        <section v-else-if="block.type === 'paragraph'">
          <h2>{{ block.title }}</h2>
          <p class="small">{{ block.text }}</p>
        </section>
        <header v-else-if="block.type === 'title'">
          <h2 class="title">{{ block.text }}</h2>
          <p class="soft small">{{ block.about }}</p>
        </header>
        <BlockDrawing v-else-if="block.type === 'drawing'" :block="block" :report="report" />
        <BlockPhotographs
          v-else-if="block.type === 'photographs'"
          :block="block"
          :photos="report.photos"
          :at="photos"
        />
        <BlockSignatures v-else :block="block" />
      </template>
    </div>
  </article>
</template>

<style scoped>
.sheet {
  background: var(--raised);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 26px;
  overflow-wrap: anywhere;
}
.part {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
}
.record {
  border-top: 2px solid var(--copper);
  margin-top: 22px;
  padding-top: 12px;
  break-before: page;
}
.sheet :deep(h2) {
  margin-bottom: 6px;
}
.sheet :deep(.together) {
  break-inside: avoid;
}
.title {
  font-size: 1.25rem;
}
.warn {
  background: var(--watch-soft);
  color: var(--watch);
  padding: 6px 10px;
  border-radius: 6px;
}
.verdict {
  font-size: 1.5rem;
  padding: 12px 16px;
  border-radius: 8px;
}
.verdict.good {
  background: var(--sound-soft);
}
.verdict.untested {
  background: var(--watch-soft);
}
.verdict.limits {
  background: var(--defect-soft);
}
.verdict.danger {
  background: var(--danger-soft);
}
.sheet :deep(.two) {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 300px), 1fr));
  gap: 14px 24px;
}
@media (max-width: 800px) {
  .sheet {
    padding: 14px;
  }
}
</style>
