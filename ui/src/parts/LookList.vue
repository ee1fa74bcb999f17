<script setup lang="ts">
// What can be seen, line by line: one touch each, or all sound at once (kept item by item).
import { computed, ref } from 'vue'
import { uuid, type Schemas, type Visit } from '@/api/client'
import GradeMark from './GradeMark.vue'

const props = defineProps<{ visit: Visit; items: Schemas['LookItem'][] }>()
const emit = defineEmits<{ write: [what: string, body: Record<string, unknown>] }>()
const focused = ref<string | null>(null)

const finding = (id: string) => props.visit.observations[id]?.finding
const open = computed(() => props.items.filter((item) => !finding(item.id)))
const here = computed(() => props.items.find((item) => item.id === focused.value && !finding(item.id)) ?? open.value[0] ?? null)

const note = (item: string, answer: string) => emit('write', 'observations', { items: [{ id: uuid(), item, finding: answer }] })
const allSound = () => open.value.length && emit('write', 'observations', { items: open.value.map((item) => ({ id: uuid(), item: item.id, finding: 'sound' })) })
defineExpose({
  sound: () => here.value && note(here.value.id, 'sound'),
  allSound,
  pick: (index: number) => here.value && note(here.value.id, ['sound', ...here.value.findings.map((f) => f.id), 'not_visible', 'not_applicable'][index] ?? 'sound'),
})
</script>

<template>
  <div class="looks">
    <button v-if="open.length" type="button" class="plain-button all" @click="allSound"><kbd aria-hidden="true">a</kbd>{{ $t('visit.allSound') }} ({{ open.length }})</button>
    <fieldset v-for="item in items" :key="item.id" :class="{ here: here?.id === item.id, answered: finding(item.id) }" @focusin="focused = item.id">
      <legend>{{ item.ask }}</legend>
      <button type="button" class="plain-button" :aria-pressed="finding(item.id) === 'sound'" @click="note(item.id, 'sound')"><GradeMark v-if="finding(item.id) === 'sound'" grade="sound" :size="13" />{{ item.sound }}</button>
      <button v-for="wrong in item.findings" :key="wrong.id" type="button" class="plain-button" :aria-pressed="finding(item.id) === wrong.id" @click="note(item.id, wrong.id)"><GradeMark :grade="wrong.grade" :size="13" />{{ wrong.text }}</button>
      <button type="button" class="plain-button minor" :aria-pressed="finding(item.id) === 'not_visible'" @click="note(item.id, 'not_visible')">{{ $t('visit.notVisible') }}</button>
      <button type="button" class="plain-button minor" :aria-pressed="finding(item.id) === 'not_applicable'" @click="note(item.id, 'not_applicable')">{{ $t('visit.notApplicable') }}</button>
    </fieldset>
  </div>
</template>

<style scoped>
.looks { display: grid; gap: 8px; }
.all { border-color: var(--sound); color: var(--sound); font-weight: 700; display: flex; gap: 8px; align-items: center; justify-content: center; }
fieldset { border: 1px solid var(--line); border-radius: 8px; padding: 4px 10px 10px; display: flex; flex-wrap: wrap; gap: 6px; margin: 0; min-width: 0; }
fieldset.here { border-color: var(--copper); box-shadow: 0 0 0 1px var(--copper); }
fieldset.answered:not(.here) { background: var(--ground); }
legend { font-weight: 700; padding: 0 6px; }
.plain-button { display: inline-flex; gap: 6px; align-items: center; text-align: left; font-size: 0.92rem; padding: 6px 10px; }
.minor { color: var(--ink-soft); }
kbd { font-family: var(--mono); font-size: 0.78rem; border: 1px solid var(--line); border-radius: 4px; padding: 0 5px; }
</style>
