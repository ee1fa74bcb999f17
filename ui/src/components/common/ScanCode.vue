<script setup lang="ts">
// Points the camera at a code: a tag of ours or one on a part. Where there is no camera a picture
// of it does, or what stands under it is typed.
import { nextTick, onBeforeUnmount, ref } from 'vue'
import { read } from '@/scan/reader'
import FileChooser from './FileChooser.vue'

defineProps<{ label: string; title: string }>()
const emit = defineEmits<{ found: [text: string] }>()
const EVERY = 200 // ms from one picture to the next
const open = ref(false)
const told = ref<'' | 'scan.noCamera' | 'scan.nothing'>('')
const typed = ref('')
const video = ref<HTMLVideoElement>()
let stream: MediaStream | null = null

async function start() {
  open.value = true
  told.value = ''
  typed.value = ''
  await nextTick()
  try {
    stream = await navigator.mediaDevices.getUserMedia({
      video: { facingMode: 'environment', width: { ideal: 1280 } },
    })
  } catch {
    told.value = 'scan.noCamera'
    return
  }
  if (!open.value || !video.value) return stop()
  video.value.srcObject = stream
  await video.value.play()
  void look()
}
async function look() {
  const canvas = document.createElement('canvas')
  const pen = canvas.getContext('2d', { willReadFrequently: true })
  while (pen && stream && video.value) {
    const { videoWidth: width, videoHeight: height } = video.value
    if (width) {
      Object.assign(canvas, { width, height })
      pen.drawImage(video.value, 0, 0)
      const text = await read(pen.getImageData(0, 0, width, height))
      if (text && stream) return take(text)
    }
    await new Promise((done) => setTimeout(done, EVERY))
  }
}
async function fromPicture(file: File) {
  const text = await read(file)
  if (text) take(text)
  else told.value = 'scan.nothing'
}
function take(text: string) {
  stop()
  open.value = false
  emit('found', text.trim())
}
function stop() {
  stream?.getTracks().forEach((track) => track.stop())
  stream = null
}
onBeforeUnmount(stop)
</script>

<template>
  <button type="button" class="plain-button" @click="start">{{ label }}</button>
  <el-dialog v-model="open" :title="title" width="min(520px, 96vw)" append-to-body @closed="stop">
    <div class="stack">
      <video v-show="told !== 'scan.noCamera'" ref="video" muted playsinline />
      <p v-if="told" role="status">{{ $t(told) }}</p>
      <p v-else class="soft small">{{ $t('scan.lead') }}</p>
      <div class="row">
        <FileChooser
          name="code"
          accept="image/*"
          :label="$t('scan.picture')"
          @chosen="fromPicture"
        />
      </div>
      <form class="row" @submit.prevent="typed.trim() && take(typed)">
        <input
          v-model="typed"
          class="native"
          name="code-text"
          autocomplete="off"
          :placeholder="$t('scan.typed')"
          :aria-label="$t('scan.typed')"
        />
        <el-button native-type="submit" :disabled="!typed.trim()">{{ $t('scan.take') }}</el-button>
      </form>
    </div>
  </el-dialog>
</template>

<style scoped>
video {
  width: 100%;
  max-height: 50vh;
  border-radius: 8px;
  background: #000;
  object-fit: cover;
}
input.native {
  flex: 1 1 180px;
  min-height: var(--touch);
}
</style>
