<script setup lang="ts">
// Pressures as they are read while a tank heats: each typed with Enter gets its time by itself, the
// first being the start. Goes on through a reload.
import { computed, ref } from 'vue'

const emit = defineEmits<{ told: [said: { readings: string }] }>()
const KEY = 'munimen.climb'
interface Point {
  at: number
  pressure: string
}
const kept = (): Point[] => {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '') as Point[]
  } catch {
    return []
  }
}
const points = ref(kept())
const typed = ref('')
const plain = computed(() => typed.value.trim().replace(',', '.'))
const readable = computed(() => /^\d+(\.\d+)?$/.test(plain.value))
function tell() {
  localStorage.setItem(KEY, JSON.stringify(points.value))
  const start = points.value[0]?.at ?? 0
  const lines = points.value.map(
    ({ at, pressure }) => `${Math.round((at - start) / 1000)} ${pressure}`,
  )
  emit('told', { readings: lines.join('\n') })
}
function add() {
  if (!readable.value) return
  points.value = [...points.value, { at: Date.now(), pressure: plain.value }]
  typed.value = ''
  tell()
}
function anew() {
  points.value = []
  tell()
}
</script>

<template>
  <div class="stack">
    <p class="soft small">{{ $t('climb.lead') }}</p>
    <form class="row" @submit.prevent="add">
      <label class="stack small"
        >{{ $t(points.length ? 'climb.next' : 'climb.first')
        }}<input
          v-model="typed"
          class="native number"
          name="climb-now"
          inputmode="decimal"
          autocomplete="off"
          enterkeyhint="next"
      /></label>
      <button type="submit" class="plain-button" :disabled="!readable">
        {{ $t('climb.add') }}
      </button>
      <button v-if="points.length" type="button" class="plain-button small" @click="anew">
        {{ $t('drops.anew') }}
      </button>
    </form>
  </div>
</template>

<style scoped>
.row {
  align-items: end;
}
.native {
  width: 7em;
  min-height: var(--touch);
}
</style>
