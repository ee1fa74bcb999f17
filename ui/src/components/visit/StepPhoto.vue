<script setup lang="ts">
// What is photographed at a step each year: the dial, the pail, the element, the tag.
import { ref } from 'vue'
import { shrink } from '@/api/photo'
import type { PlannedStep, Visit } from '@/api/client'
import FileChooser from '@/components/common/FileChooser.vue'
import { useVisit } from '@/composables/useVisit'
import VisitPhoto from './VisitPhoto.vue'

const props = defineProps<{ visit: Visit; step: PlannedStep }>()
const { photo } = useVisit()
const failed = ref(false)
async function take(file: File) {
  failed.value = false
  try {
    await photo(props.step.operation, await shrink(file))
  } catch {
    failed.value = true
  }
}
</script>

<template>
  <div class="row">
    <FileChooser
      :name="`photo-${step.operation}`"
      accept="image/*"
      camera
      :label="`${$t('look.photo')}: ${step.photographs}`"
      @chosen="take"
    />
    <VisitPhoto
      v-for="one in visit.photos?.[step.operation] ?? []"
      :id="one"
      :key="one"
      :alt="step.photographs ?? ''"
    />
    <p v-if="failed" class="small" role="alert">{{ $t('look.photoFailed') }}</p>
  </div>
</template>
