<script setup lang="ts">
// A round gauge by its photograph: what it shows is proposed beside the picture, and taken by a
// touch; what is not sure is not said.
import { onUnmounted, ref } from 'vue'
import { api, unwrap, type Visit } from '@/api/client'
import FileChooser from '@/components/common/FileChooser.vue'
import { useRequest } from '@/composables/useRequest'
import { drawn, pixels } from '@/picture'

const LONGEST = 1000 // px
const props = defineProps<{ instrument: Visit['instruments'][number]; of: string }>()
const emit = defineEmits<{ settled: [typed: string, method: string, note: string] }>()
const picture = ref('')
const typed = ref<string | null>(null)
const unsure = ref(false)
const { error, busy, run } = useRequest()
const forget = () => {
  if (picture.value) URL.revokeObjectURL(picture.value)
  picture.value = ''
}
onUnmounted(forget)
const read = (file: File) =>
  run(async () => {
    forget()
    typed.value = null
    unsure.value = false
    picture.value = URL.createObjectURL(file)
    const all = await unwrap(api.GET('/api/instruments'))
    const dial = all.find((one) => one.id === props.instrument.id)?.dial
    const canvas = await drawn(file, LONGEST)
    const { readDial } = await import('@/dial')
    const value = dial ? readDial(pixels(canvas), dial) : null
    if (value === null || !dial) {
      unsure.value = true
      return
    }
    const span = Math.abs(dial.marks[1]!.value - dial.marks[0]!.value)
    const places = Math.max(0, 2 - Math.floor(Math.log10(span)))
    typed.value = `${Number(value.toFixed(places))} ${dial.unit}`
  })
function take() {
  emit('settled', typed.value!, 'by its picture', props.instrument.note)
  forget()
  typed.value = null
}
</script>

<template>
  <div class="dial">
    <FileChooser
      :name="`dial-${of}-${instrument.id}`"
      accept="image/*"
      camera
      :label="$t('dial.byPicture', { title: instrument.title })"
      :disabled="busy"
      @chosen="read"
    />
    <div v-if="picture" class="row">
      <img :src="picture" :alt="$t('dial.picture')" />
      <div class="stack" aria-live="polite">
        <template v-if="typed">
          <b class="number value">{{ typed }}</b>
          <p class="soft small">{{ $t('dial.compare') }}</p>
          <button type="button" class="plain-button" @click="take">
            {{ $t('instruments.use') }}
          </button>
        </template>
        <p v-else-if="unsure">{{ $t('dial.unsure') }}</p>
      </div>
    </div>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
  </div>
</template>

<style scoped>
.dial {
  display: grid;
  gap: 8px;
  justify-items: start;
}
img {
  max-width: min(100%, 260px);
  max-height: 260px;
  border-radius: 8px;
}
.value {
  font-size: 1.6rem;
}
</style>
