<script setup lang="ts" generic="Way extends string">
// A choice of one touch with a word beside it: what became of something, and why.
import { ref } from 'vue'

defineProps<{
  lead: string
  why: string
  ways: { way: Way; label: string; first?: boolean }[]
  error?: string
}>()
const emit = defineEmits<{ choose: [way: Way, reason: string] }>()
const reason = ref('')
</script>

<template>
  <div class="stack">
    <p class="soft">{{ lead }}</p>
    <el-input v-model="reason" maxlength="300" :placeholder="why" :aria-label="why" />
    <el-button
      v-for="one in ways"
      :key="one.way"
      size="large"
      class="way"
      :type="one.first ? 'primary' : undefined"
      @click="emit('choose', one.way, reason.trim())"
      >{{ one.label }}</el-button
    >
    <p v-if="error" class="error" role="alert">{{ error }}</p>
  </div>
</template>

<style scoped>
.way {
  margin: 0;
  min-height: 44px;
}
</style>
