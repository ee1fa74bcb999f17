<script setup lang="ts">
// A round gauge is shown once: its photograph, two marks of its scale touched, their values typed.
import { computed, onUnmounted, ref } from 'vue'
import { type Schemas } from '@/api/client'
import FileChooser from '@/components/common/FileChooser.vue'
import { learnDial } from '@/dial'
import { drawn, pixels } from '@/picture'

type Dial = Schemas['Dial']
const LONGEST = 1000 // px
defineProps<{ title: string }>()
const emit = defineEmits<{ shown: [dial: Dial] }>()
const address = ref('')
const canvas = ref<HTMLCanvasElement | null>(null)
/** Where the marks were touched, as shares of the picture. */
const marks = ref<{ x: number; y: number; value: string }[]>([])
const unit = ref('psi')
const failed = ref(false)
const forget = () => address.value && URL.revokeObjectURL(address.value)
onUnmounted(forget)
async function look(file: File) {
  forget()
  address.value = URL.createObjectURL(file)
  canvas.value = await drawn(file, LONGEST)
  marks.value = []
  failed.value = false
}
function touch(event: MouseEvent) {
  if (marks.value.length === 2) return
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  const [x, y] = [
    (event.clientX - box.left) / box.width,
    (event.clientY - box.top) / box.height,
  ] as const
  marks.value.push({ x, y, value: '' })
}
const numbers = computed(() => marks.value.map((one) => Number(one.value.replace(',', '.'))))
const ready = computed(
  () =>
    marks.value.length === 2 &&
    marks.value.every((one) => one.value.trim()) &&
    numbers.value.every(Number.isFinite) &&
    numbers.value[0] !== numbers.value[1] &&
    unit.value.trim(),
)
function keep() {
  const { width, height } = canvas.value!
  const touched = marks.value.map((one, index) => ({
    x: one.x * width,
    y: one.y * height,
    value: numbers.value[index]!,
  }))
  const [low, high] = [...touched].sort((one, other) => one.value - other.value)
  const dial = learnDial(pixels(canvas.value!), [low!, high!])
  failed.value = dial === null
  if (!dial) return
  emit('shown', { ...dial, unit: unit.value.trim() })
  forget()
  address.value = ''
}
</script>

<template>
  <div class="stack">
    <FileChooser
      name="show-dial"
      accept="image/*"
      :label="$t('dial.show', { title })"
      @chosen="look"
    />
    <template v-if="address">
      <p class="small">{{ $t(marks.length < 2 ? 'dial.touch' : 'dial.values') }}</p>
      <div class="face" @click="touch">
        <img :src="address" :alt="$t('dial.picture')" /><i
          v-for="(one, index) in marks"
          :key="index"
          :style="{ left: `${one.x * 100}%`, top: `${one.y * 100}%` }"
          >{{ index + 1 }}</i
        >
      </div>
      <form v-if="marks.length" class="row" @submit.prevent="keep">
        <label v-for="(one, index) in marks" :key="index" class="small"
          >{{ index + 1 }} <input v-model="one.value" class="native" inputmode="decimal"
        /></label>
        <label class="small"
          >{{ $t('dial.unit') }} <input v-model="unit" class="native" name="dial-unit"
        /></label>
        <button type="submit" class="plain-button" :disabled="!ready">
          {{ $t('dial.keep') }}</button><button
          type="button"
          class="plain-button"
          @click="marks = []"
        >
          {{ $t('dial.anew') }}
        </button>
      </form>
      <p v-if="failed" class="error" role="alert">{{ $t('dial.failed') }}</p>
    </template>
  </div>
</template>

<style scoped>
.face {
  position: relative;
  width: fit-content;
  cursor: crosshair;
}
.face img {
  display: block;
  max-width: min(100%, 420px);
  max-height: 420px;
}
.face i {
  position: absolute;
  transform: translate(-50%, -50%);
  width: 26px;
  height: 26px;
  border: 2px solid var(--copper);
  border-radius: 50%;
  background: rgb(255 255 255 / 60%);
  color: #000;
  font-style: normal;
  text-align: center;
  pointer-events: none;
}
.native {
  width: 6em;
  min-height: var(--touch);
}
</style>
