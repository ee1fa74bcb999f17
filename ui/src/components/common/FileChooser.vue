<script setup lang="ts">
// A button that chooses a file and hands it over; the same file can be chosen again.
defineProps<{
  label: string
  name: string
  accept: string
  disabled?: boolean
  /** Whether a telephone takes the picture at once. */
  camera?: boolean
}>()
const emit = defineEmits<{ chosen: [file: File] }>()

function choose(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) emit('chosen', file)
  input.value = ''
}
</script>

<template>
  <label>
    <input
      type="file"
      :name="name"
      :accept="accept"
      :disabled="disabled"
      :capture="camera ? 'environment' : undefined"
      @change="choose"
    />
    <span>{{ label }}</span>
  </label>
</template>

<style scoped>
input {
  position: absolute;
  opacity: 0;
  width: 1px;
  height: 1px;
}
span {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  padding: 0 14px;
  border: 1px solid var(--line);
  border-radius: 8px;
  cursor: pointer;
}
input:focus-visible + span {
  outline: 3px solid var(--copper);
}
</style>
