<script setup lang="ts">
// One fact of the heater's record: a word by one touch, a number or a text by Enter.
import { ref, watch } from 'vue'
import ScanCode from '@/components/common/ScanCode.vue'
import { useHeaterForm } from '@/composables/useHeaterForm'
import { useRequest } from '@/composables/useRequest'
import { joinTyped } from '@/composables/useTyped'
import { useVisit } from '@/composables/useVisit'

const props = defineProps<{ field: string; units: string; value?: string }>()
const emit = defineEmits<{ kept: [] }>()
const { unit, choices } = useHeaterForm(() => props.units)
const { id, put } = useVisit()
const { error, busy, run } = useRequest()
/** What is often printed as a code, too. */
const CODED = ['serial', 'model', 'date_code']
const key = `munimen.draft.${id}.fact.${props.field}`
const text = ref(localStorage.getItem(key) ?? '')
watch(text, (value) => (value ? localStorage.setItem(key, value) : localStorage.removeItem(key)))
const input = ref<HTMLInputElement>()
const box = ref<HTMLElement>()

async function keep(value: string) {
  if (busy.value || !value.trim()) return false
  let kept = false
  await run(async () => {
    await put('facts', { field: props.field, value: value.trim() })
    kept = true
  })
  if (!kept) return false
  text.value = ''
  localStorage.removeItem(key) // the field may be gone by now, and watches nothing
  emit('kept')
  return true
}
joinTyped(`fact.${props.field}`, {
  text,
  keep: () => keep(text.value),
  focus: () => input.value?.focus(),
})
defineExpose({
  focus: () => (input.value ? input.value.focus() : box.value?.querySelector('button')?.focus()),
})
</script>

<template>
  <div ref="box" class="fact" :data-field="field">
    <template v-if="choices(field)">
      <span :id="`fact-${field}`" class="name">{{ $t(`field.${field}`) }}</span>
      <span class="choices" role="group" :aria-labelledby="`fact-${field}`"
        ><button
          v-for="choice in choices(field)!.filter((one) => one !== 'unknown' || value)"
          :key="choice"
          type="button"
          class="plain-button"
          :aria-pressed="value === choice"
          :disabled="busy"
          @click="keep(choice)"
        >
          {{ $t(`word.${choice}`) }}
        </button></span
      >
    </template>
    <template v-else>
      <label class="name" :for="`fact-${field}`">{{ $t(`field.${field}`) }}</label>
      <span class="entry"
        ><input
          :id="`fact-${field}`"
          ref="input"
          v-model="text"
          class="native"
          :name="field"
          autocomplete="off"
          enterkeyhint="next"
          :inputmode="unit(field) === undefined ? 'text' : 'decimal'"
          :placeholder="value"
          @keydown.enter.prevent="text.trim() ? keep(text) : emit('kept')" /><span
          v-if="unit(field)"
          class="soft"
          >{{ unit(field) }}</span
        ><button
          v-if="text.trim()"
          type="button"
          class="plain-button"
          :disabled="busy"
          @click="keep(text)"
        >
          {{ $t('visit.keep') }}</button
        ><ScanCode
          v-else-if="CODED.includes(field)"
          :label="$t('scan.code')"
          :title="$t(`field.${field}`)"
          @found="text = $event"
      /></span>
    </template>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
  </div>
</template>

<style scoped>
.fact {
  display: grid;
  grid-template-columns: minmax(120px, 1fr) 2fr;
  gap: 4px 10px;
  align-items: center;
}
.choices,
.entry {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
.entry input {
  width: 9.5em;
  min-height: var(--touch);
}
.plain-button[aria-pressed='true'] {
  border-color: var(--copper);
  background: var(--copper-soft);
  font-weight: 700;
}
@media (max-width: 500px) {
  .fact {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
