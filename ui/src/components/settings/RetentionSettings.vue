<script setup lang="ts">
// For how many years signed visits are kept, and whose time has passed: for the owner.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { useRequest } from '@/composables/useRequest'
import { longDate } from '@/format'

const kept = ref<Schemas['Retention'] | null>(null)
const years = ref('')
const { error, run } = useRequest()
const take = (found: Schemas['Retention']) => {
  kept.value = found
  years.value = found.years === null ? '' : String(found.years)
}
onMounted(() => run(async () => take(await unwrap(api.GET('/api/retention')))))
const set = () =>
  run(async () => {
    const body = { years: years.value.trim() === '' ? null : Number(years.value) }
    take(await unwrap(api.PUT('/api/settings/retention', { body })))
  })
</script>

<template>
  <section class="panel stack">
    <h2>{{ $t('retention.title') }}</h2>
    <p class="soft small">{{ $t('retention.lead') }}</p>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <form class="row" @submit.prevent="set">
      <label class="row"
        >{{ $t('retention.years')
        }}<el-input
          v-model="years"
          class="years"
          name="retention-years"
          inputmode="numeric"
          :placeholder="$t('retention.forGood')"
      /></label>
      <el-button native-type="submit">{{ $t('retention.keep') }}</el-button>
    </form>
    <template v-if="kept?.since">
      <p v-if="!kept.past.length" class="soft">{{ $t('retention.none') }}</p>
      <ul>
        <li v-for="one in kept.past" :key="one.id" class="row between">
          <router-link :to="`/customers/${one.id}`">{{ one.name }}</router-link>
          <span class="soft small">{{ $t('retention.last', { on: longDate(one.last) }) }}</span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.years {
  width: 120px;
}
</style>
