<script setup lang="ts">
// Drops by touches: when the heating starts, and each drop. The first gives its time; those of the
// last minute give how fast it drips. Goes on through a reload.
import { computed, onMounted } from 'vue'
import { useKept } from '@/composables/useKept'

/** of: the visit that it is watched in, or nothing. */
const props = defineProps<{ of: string }>()
const emit = defineEmits<{ told: [said: { begins: string; first_drop: string; drops: string }] }>()
const MINUTE = 60_000
interface Counted {
  start: number | null
  drops: number[]
}
const NONE: Counted = { start: null, drops: [] }
const counted = useKept(`drops.${props.of}`, NONE)
const rate = computed(() => {
  const { drops } = counted.value
  const last = drops.at(-1)
  const recent = drops.filter((one) => last !== undefined && one > last - MINUTE)
  if (recent.length < 2) return ''
  const took = (last! - recent[0]!) / MINUTE
  return took > 0 ? String(Math.round((recent.length - 1) / took)) : ''
})
function tell() {
  const { start, drops } = counted.value
  const first = drops[0]
  emit('told', {
    begins: first !== undefined && start === null ? 'before' : 'heating',
    first_drop:
      first !== undefined && start !== null ? `${Math.round((first - start) / 1000)} s` : '',
    drops: rate.value,
  })
}
function heat() {
  counted.value = { start: Date.now(), drops: [] }
  tell()
}
function drop() {
  counted.value = { ...counted.value, drops: [...counted.value.drops, Date.now()] }
  tell()
}
onMounted(() => (counted.value.start ?? counted.value.drops[0]) && tell())
function anew() {
  counted.value = NONE
  tell()
}
</script>

<template>
  <div class="stack">
    <p class="soft small">{{ $t('drops.lead') }}</p>
    <div class="row">
      <button
        type="button"
        class="plain-button"
        :aria-pressed="counted.start !== null"
        @click="heat"
      >
        {{ $t('drops.heating') }}
      </button>
      <button type="button" class="plain-button drop" @click="drop">
        {{ $t('drops.drop') }}&nbsp;<b class="number">{{ counted.drops.length || '' }}</b>
      </button>
      <button
        v-if="counted.start !== null || counted.drops.length"
        type="button"
        class="plain-button small"
        @click="anew"
      >
        {{ $t('drops.anew') }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.drop {
  min-width: 8em;
}
</style>
