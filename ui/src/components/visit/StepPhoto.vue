<script setup lang="ts">
// What is photographed at a step each year: the dial, the pail, the element, the tag.
import { ref } from 'vue'
import { shrink } from '@/api/photo'
import type { PlannedStep, Visit } from '@/api/client'
import { useVisit } from '@/composables/useVisit'
import VisitPhoto from './VisitPhoto.vue'

const props = defineProps<{ visit: Visit; step: PlannedStep }>()
const { photo } = useVisit()
const failed = ref(false)
async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  failed.value = false
  if (!file) return
  try {
    await photo(props.step.operation, await shrink(file))
  } catch {
    failed.value = true
  }
  input.value = ''
}
</script>

<template>
  <div class="row">
    <label class="plain-button small file"
      >{{ $t('look.photo') }}: {{ step.photographs
      }}<input
        type="file"
        accept="image/*"
        capture="environment"
        :aria-label="`${$t('look.photo')}: ${step.photographs}`"
        @change="take"
    /></label>
    <VisitPhoto
      v-for="one in visit.photos?.[step.operation] ?? []"
      :id="one"
      :key="one"
      :alt="step.photographs ?? ''"
    />
    <p v-if="failed" class="small" role="alert">{{ $t('look.photoFailed') }}</p>
  </div>
</template>

<style scoped>
.file {
  position: relative;
}
.file input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
</style>
