<script setup lang="ts">
// The visit as a line of time: hands-on blocks above, waits below, so that what runs side by side shows.
import { computed } from 'vue'

interface Block { start: number; seconds: number; title: string; wait?: number | null; manner?: string | null }
const props = defineProps<{ blocks: Block[]; total: number; active?: string; thin?: boolean }>()
const emit = defineEmits<{ pick: [index: number] }>()

const span = computed(() => Math.max(props.total, ...props.blocks.map((b) => b.start + b.seconds + (b.wait ?? 0)), 60))
const at = (seconds: number) => `${(seconds / span.value) * 100}%`
const ticks = computed(() => {
  const step = span.value > 3000 ? 900 : span.value > 1200 ? 600 : 300
  return Array.from({ length: Math.floor(span.value / step) }, (_, i) => (i + 1) * step)
})
</script>

<template>
  <div class="line" :class="{ thin }" role="group" :aria-label="`${Math.round(total / 60)} minutes of work in ${blocks.length} steps`">
    <div v-for="(block, index) in blocks" :key="index">
      <button v-if="!thin" type="button" tabindex="-1" class="block" :class="{ now: index === 0 }" :style="{ left: at(block.start), width: at(block.seconds) }" :title="block.title" @click="emit('pick', index)" />
      <span v-else class="block" :class="{ now: index === 0 }" :style="{ left: at(block.start), width: at(block.seconds) }" />
      <span v-if="block.wait && block.manner !== 'attended'" class="wait" :style="{ left: at(block.start + block.seconds), width: at(block.wait) }" :title="`${block.title}: wait`" />
    </div>
    <span v-for="tick in ticks" :key="tick" class="tick number" :style="{ left: at(tick) }">{{ tick / 60 }}</span>
  </div>
</template>

<style scoped>
.line { position: relative; height: 46px; background: var(--sunk); border-radius: 8px; overflow: hidden; }
.line.thin { height: 34px; }
.block { position: absolute; top: 4px; height: 16px; background: var(--copper); border: 0; border-right: 1px solid var(--sunk); border-radius: 2px; padding: 0; min-width: 2px; cursor: pointer; }
.block.now { background: var(--ink); }
.wait { position: absolute; top: 21px; height: 7px; border-radius: 4px; background: repeating-linear-gradient(90deg, var(--ink-soft) 0 4px, transparent 4px 8px); }
.tick { position: absolute; bottom: 0; transform: translateX(-50%); font-size: 10px; color: var(--ink-soft); }
.thin .tick { display: none; }
</style>
