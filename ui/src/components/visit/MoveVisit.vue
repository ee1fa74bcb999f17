<script setup lang="ts">
// A visit that was begun at the wrong heater goes to the right one, with all that was entered: whose
// it is, then which of their heaters.
import { ref } from 'vue'
import { api, unwrap, uuid, type Schemas, type Visit } from '@/api/client'
import FindCustomer from '@/components/records/FindCustomer.vue'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ visit: Visit }>()
const emit = defineEmits<{ moved: [] }>()
const heaters = ref<{ id: string; text: string }[] | null>(null)
const { error, busy, run } = useRequest()
const look = (customer: Schemas['CustomerList'][number]) =>
  run(async () => {
    const params = { path: { id: customer.id } }
    const found = await unwrap(api.GET('/api/customers/{id}', { params }))
    heaters.value = found.sites.flatMap((site) =>
      site.heaters
        .filter((one) => one.id !== props.visit.heater.id)
        .map((one) => ({ id: one.id, text: `${one.label}, ${site.address}` })),
    )
  })
const move = (heater: string) =>
  run(async () => {
    const params = { path: { id: props.visit.id } }
    await unwrap(api.POST('/api/visits/{id}/move', { params, body: { id: uuid(), heater } }))
    emit('moved')
  })
</script>

<template>
  <div class="stack">
    <p class="soft small">{{ $t('move.visitLead') }}</p>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <FindCustomer :label="$t('move.whoseHeater')" @chosen="look" />
    <template v-if="heaters">
      <p v-if="!heaters.length" role="status">{{ $t('move.noHeaters') }}</p>
      <el-button
        v-for="one in heaters"
        :key="one.id"
        class="way"
        :loading="busy"
        @click="move(one.id)"
        >{{ one.text }}</el-button
      >
    </template>
  </div>
</template>

<style scoped>
.way {
  margin: 0;
  min-height: 44px;
}
</style>
