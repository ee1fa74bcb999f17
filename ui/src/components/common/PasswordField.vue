<script setup lang="ts">
// A password with its label. `fresh`: a new one, which the browser may make up.
defineProps<{ name: string; label: string; fresh?: boolean }>()
const text = defineModel<string>({ required: true })
</script>

<template>
  <label class="stack"
    >{{ label
    }}<el-input
      v-model="text"
      type="password"
      :name="name"
      :autocomplete="fresh ? 'new-password' : 'current-password'"
  /></label>
</template>
