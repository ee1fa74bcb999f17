<script setup lang="ts">
// What of a line of an estimate is otherwise than proposed: the part, its price, the minutes.
import { ref } from 'vue'
import { type Schemas } from '@/api/client'

const props = defineProps<{ line: Schemas['EstimateLine'] }>()
const emit = defineEmits<{ change: [otherwise: Record<string, string | number>] }>()
const supplied = ref(props.line.supplied ?? '')
const price = ref(props.line.part_price ?? '')
const minutes = ref(String(props.line.minutes ?? ''))
const whole = () => /^\d{1,4}$/.test(minutes.value.trim())
const keep = () =>
  whole() &&
  emit('change', {
    supplied: supplied.value.trim(),
    part_price: price.value.trim(),
    minutes: Number(minutes.value),
  })
</script>

<template>
  <form class="row change" @submit.prevent="keep">
    <label class="stack small"
      >{{ $t('estimate.part') }}<input v-model="supplied" class="native" name="estimate-part"
    /></label>
    <label class="stack small"
      >{{ $t('estimate.price')
      }}<input v-model="price" class="native short" inputmode="decimal" name="estimate-price"
    /></label>
    <label class="stack small"
      >{{ $t('estimate.minutes')
      }}<input
        v-model="minutes"
        class="native short"
        inputmode="numeric"
        name="estimate-minutes"
        :aria-invalid="!whole()"
    /></label>
    <button type="submit" class="plain-button" :disabled="!whole()">{{ $t('firm.keep') }}</button>
  </form>
</template>

<style scoped>
.change {
  align-items: end;
}
.native {
  min-height: var(--touch);
  max-width: 100%;
}
.short {
  width: 6em;
}
</style>
