<script setup lang="ts">
// A photograph of the plate, and what the program believes stands on it: shown beside the picture,
// taken field by field, never by itself.
import { onUnmounted, ref } from 'vue'
import FileChooser from '@/components/common/FileChooser.vue'
import { told, type Read } from '@/plate/fields'

const props = defineProps<{ wanted: string[] }>()
const emit = defineEmits<{ take: [Read] }>()
const picture = ref('')
const found = ref<Read[] | null>(null)
const state = ref<'' | 'reading' | 'failed'>('')
const forget = () => {
  if (picture.value) URL.revokeObjectURL(picture.value)
  picture.value = ''
}
onUnmounted(forget)
async function read(file: File) {
  forget()
  picture.value = URL.createObjectURL(file)
  found.value = null
  state.value = 'reading'
  try {
    const { text } = await import('@/plate/reader')
    found.value = told(await text(file), props.wanted)
    state.value = ''
  } catch {
    state.value = 'failed'
  }
}
function take(one: Read) {
  found.value = found.value!.filter((other) => other !== one)
  emit('take', one)
}
</script>

<template>
  <div class="plate">
    <FileChooser
      name="plate"
      accept="image/*"
      :label="$t('plate.read')"
      :disabled="state === 'reading'"
      @chosen="read"
    />
    <p v-if="state" role="status" class="small">{{ $t(`plate.${state}`) }}</p>
    <div v-if="picture" class="both">
      <img :src="picture" :alt="$t('plate.picture')" />
      <div v-if="found" class="stack">
        <p class="soft small">{{ $t(found.length ? 'plate.compare' : 'plate.nothing') }}</p>
        <p v-for="one in found" :key="one.field" class="row between">
          <span
            >{{ $t(`field.${one.field}`) }}: <b class="number">{{ one.value }}</b></span
          >
          <button type="button" class="plain-button" @click="take(one)">
            {{ $t('facts.take') }}
          </button>
        </p>
      </div>
    </div>
  </div>
</template>

<style scoped>
.plate {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.both {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 12px;
  width: 100%;
}
img {
  max-width: 100%;
  max-height: 320px;
  border-radius: 8px;
}
</style>
