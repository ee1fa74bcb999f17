<script setup lang="ts">
// The visit as a line of time: left of now what has been done, as long as it took; right of it
// hands-on blocks above and waits below, so that what runs side by side shows.
import { computed } from 'vue'
import { minutes } from '@/format'

interface Block {
  start: number
  seconds: number
  title: string
  wait?: number | null
  manner?: string | null
}
/** What was done: seconds it took, and what had been reckoned. */
interface Past {
  title: string
  took: number
  reckoned: number
}
interface Running {
  label: string
  left: number
}
const props = defineProps<{
  blocks: Block[]
  total: number
  past?: Past[]
  running?: Running[]
  hot?: number | null
  thin?: boolean
}>()
const emit = defineEmits<{ pick: [index: number] }>()

// What lies behind takes at most two fifths of the line.
const behind = computed(() => (props.past ?? []).reduce((sum, one) => sum + one.took, 0))
const ahead = computed(() =>
  Math.max(
    props.total,
    ...props.blocks.map((b) => b.start + b.seconds + (b.wait ?? 0)),
    ...(props.running ?? []).map((one) => one.left),
    60,
  ),
)
const back = computed(() => Math.min(behind.value, ahead.value * 0.66))
const span = computed(() => ahead.value + back.value)
const at = (seconds: number) => `${((seconds + back.value) / span.value) * 100}%`
const wide = (seconds: number) => `${(seconds / span.value) * 100}%`
const done = computed(() => {
  const shrink = behind.value ? back.value / behind.value : 1
  let start = -back.value
  return (props.past ?? []).map((one) => {
    const block = { ...one, start, width: one.took * shrink }
    start += block.width
    return block
  })
})
const ticks = computed(() => {
  const step = ahead.value > 3000 ? 900 : ahead.value > 1200 ? 600 : 300
  return Array.from({ length: Math.floor(ahead.value / step) }, (_, i) => (i + 1) * step)
})
const atLeastOne = (seconds: number) => Math.max(1, minutes(seconds))
</script>

<template>
  <div
    class="line"
    :class="{ thin }"
    role="group"
    :aria-label="`${minutes(total)} minutes of work in ${blocks.length} steps`"
  >
    <span
      v-for="(one, index) in done"
      :key="`p${index}`"
      class="block past"
      :class="{ long: one.took > one.reckoned * 1.5 + 60 }"
      :style="{ left: at(one.start), width: wide(one.width) }"
      :title="`${one.title}: ${atLeastOne(one.took)} min, ${atLeastOne(one.reckoned)} expected`"
    />
    <div v-for="(block, index) in blocks" :key="index">
      <button
        v-if="!thin"
        type="button"
        tabindex="-1"
        class="block"
        :class="{ now: index === 0 }"
        :style="{ left: at(block.start), width: wide(block.seconds) }"
        :title="block.title"
        @click="emit('pick', index)"
      />
      <span
        v-else
        class="block"
        :class="{ now: index === 0 }"
        :style="{ left: at(block.start), width: wide(block.seconds) }"
      />
      <span
        v-if="block.wait && block.manner !== 'attended'"
        class="wait"
        :style="{ left: at(block.start + block.seconds), width: wide(block.wait) }"
        :title="`${block.title}: wait`"
      />
    </div>
    <span
      v-for="one in running ?? []"
      :key="one.label"
      class="wait on"
      :style="{ left: at(0), width: wide(one.left) }"
      :title="one.label"
    />
    <span v-if="behind" class="here" :style="{ left: at(0) }" aria-hidden="true" />
    <span v-if="hot" class="hot" :style="{ left: at(hot) }" :title="$t('visit.hotAgain')" />
    <span v-for="tick in ticks" :key="tick" class="tick number" :style="{ left: at(tick) }">{{
      tick / 60
    }}</span>
  </div>
</template>

<style scoped>
.line {
  position: relative;
  height: 46px;
  background: var(--sunk);
  border-radius: 8px;
  overflow: hidden;
}
.line.thin {
  height: 34px;
}
.block {
  position: absolute;
  top: 4px;
  height: 16px;
  background: var(--copper);
  border: 0;
  border-right: 1px solid var(--sunk);
  border-radius: 2px;
  padding: 0;
  min-width: 2px;
  cursor: pointer;
}
.block.now {
  background: var(--ink);
}
.block.past {
  background: var(--sound);
  opacity: 0.55;
  cursor: default;
}
.block.past.long {
  background: var(--watch);
  opacity: 0.8;
}
.wait {
  position: absolute;
  top: 21px;
  height: 7px;
  border-radius: 4px;
  background: repeating-linear-gradient(90deg, var(--ink-soft) 0 4px, transparent 4px 8px);
}
.wait.on {
  background: repeating-linear-gradient(90deg, var(--copper) 0 4px, transparent 4px 8px);
}
.here {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 2px;
  background: var(--ink);
}
.hot {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 0;
  border-left: 3px dotted var(--hot);
}
.tick {
  position: absolute;
  bottom: 0;
  transform: translateX(-50%);
  font-size: 10px;
  color: var(--ink-soft);
}
.thin .tick {
  display: none;
}
</style>
