<script setup lang="ts">
// Pressures as they are read while a tank heats: each typed with Enter gets its time by itself, the
// first being the start. Goes on through a reload.
import { computed, onMounted, ref } from 'vue'
import { useKept } from '@/composables/useKept'

/** of: the visit that it is read in, or nothing. */
const props = defineProps<{ of: string }>()
const emit = defineEmits<{ told: [said: { readings: string }] }>()
interface Point {
  at: number
  pressure: string
}
const points = useKept<Point[]>(`climb.${props.of}`, [])
const typed = ref('')
const plain = computed(() => typed.value.trim().replace(',', '.'))
const readable = computed(() => /^\d+(\.\d+)?$/.test(plain.value))
function tell() {
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
onMounted(() => points.value.length && tell())
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
