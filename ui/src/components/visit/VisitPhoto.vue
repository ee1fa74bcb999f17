<script setup lang="ts">
// A photograph of the visit, small, to be opened: from this device where it is here.
import { onBeforeUnmount, ref, watchEffect } from 'vue'
import { session } from '@/api/session'
import { addressOf } from '@/pocket/photographs'

const props = defineProps<{ id: string; alt: string }>()
const address = ref('')
const free = () => address.value.startsWith('blob:') && URL.revokeObjectURL(address.value)
watchEffect(async () => {
  const found = await addressOf(props.id, session.person?.id ?? 0)
  free()
  address.value = found
})
onBeforeUnmount(free)
</script>

<template>
  <a v-if="address" :href="address" target="_blank"
    ><img :src="address" :alt="alt" width="72" height="54"
  /></a>
</template>
