<script setup lang="ts">
// The firm's logo: any picture, made small enough here to go with every page.
import { ref } from 'vue'
import FileChooser from '@/components/common/FileChooser.vue'

const logo = defineModel<string | null>({ required: true })
const WIDTH = 450
const HEIGHT = 120
const LARGEST = 120_000
const failed = ref(false)
async function choose(file: File) {
  failed.value = false
  try {
    const picture = await createImageBitmap(file)
    for (const share of [1, 0.7, 0.5]) {
      const scale = Math.min(WIDTH / picture.width, HEIGHT / picture.height, 1) * share
      const canvas = document.createElement('canvas')
      canvas.width = Math.max(1, Math.round(picture.width * scale))
      canvas.height = Math.max(1, Math.round(picture.height * scale))
      canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
      const text = canvas.toDataURL('image/png')
      if (text.length <= LARGEST) {
        logo.value = text
        return
      }
    }
  } catch {
    // told below
  }
  failed.value = true
}
</script>

<template>
  <div class="stack">
    <span>{{ $t('firm.logo') }}</span>
    <img v-if="logo" :src="logo" :alt="$t('firm.logo')" />
    <div class="row">
      <FileChooser
        name="firm-logo"
        accept="image/*"
        :label="$t('firm.logoChoose')"
        @chosen="choose"
      />
      <button v-if="logo" type="button" class="plain-button" @click="logo = null">
        {{ $t('firm.logoAway') }}
      </button>
    </div>
    <p v-if="failed" class="error" role="alert">{{ $t('firm.logoFailed') }}</p>
  </div>
</template>

<style scoped>
img {
  max-width: 225px;
  max-height: 60px;
  justify-self: start;
}
</style>
