<script setup lang="ts">
// What the firm asks for its work: the estimates at a heater reckon with it.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { useRequest } from '@/composables/useRequest'

const AMOUNTS = ['per_hour', 'call_out', 'tax'] as const
const CURRENCIES = ['USD', 'CAD', 'GBP'] as const
const rates = ref<Schemas['Rates'] | null>(null)
const kept = ref(false)
const { error, field, busy, run } = useRequest()
onMounted(() =>
  run(async () => {
    rates.value = await unwrap(api.GET('/api/settings/rates'))
  }),
)
const keep = () =>
  run(async () => {
    kept.value = false
    const { currency, per_hour, call_out, tax, step } = rates.value!
    const body = { currency, per_hour, call_out, tax, step: Number(step) }
    rates.value = await unwrap(api.PUT('/api/settings/rates', { body }))
    kept.value = true
  })
</script>

<template>
  <section v-if="rates" id="rates" class="panel stack">
    <h2>{{ $t('rates.title') }}</h2>
    <p class="soft">{{ $t('rates.lead') }}</p>
    <form class="stack narrow" @submit.prevent="keep">
      <label class="stack"
        >{{ $t('rates.currency')
        }}<select v-model="rates.currency" class="native" name="rates-currency">
          <option v-for="one in CURRENCIES" :key="one" :value="one">{{ one }}</option>
        </select></label
      >
      <label v-for="name in AMOUNTS" :key="name" class="stack"
        >{{ $t(`rates.${name}`)
        }}<el-input
          v-model="rates[name]"
          inputmode="decimal"
          :name="`rates-${name}`"
          :aria-invalid="field === name"
      /></label>
      <label class="stack"
        >{{ $t('rates.step') }}<el-input v-model="rates.step" inputmode="numeric" name="rates-step"
      /></label>
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <p v-if="kept" role="status">
        <b>{{ $t('firm.kept') }}</b>
      </p>
      <el-button native-type="submit" :loading="busy">{{ $t('firm.keep') }}</el-button>
    </form>
  </section>
  <p v-else-if="error" class="error" role="alert">{{ error }}</p>
</template>

<style scoped>
.narrow {
  max-width: 420px;
}
</style>
