<script setup lang="ts">
// A heater stands at another address, of whichever customer: who, then which of their addresses.
import { ref } from 'vue'
import { api, unwrap, uuid, type Heater, type Schemas } from '@/api/client'
import FindCustomer from '@/components/records/FindCustomer.vue'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ heater: Heater }>()
const emit = defineEmits<{ moved: [heater: Heater] }>()
const sites = ref<Schemas['Customer']['sites'] | null>(null)
const { error, busy, run } = useRequest()

const look = (id: string) =>
  run(async () => {
    const found = await unwrap(api.GET('/api/customers/{id}', { params: { path: { id } } }))
    sites.value = found.sites.filter((one) => one.id !== props.heater.site_id)
  })
const move = (site: string) =>
  run(async () => {
    const moved = api.POST('/api/heaters/{id}/move', {
      params: { path: { id: props.heater.id } },
      body: { id: uuid(), site },
    })
    emit('moved', await unwrap(moved))
  })
</script>

<template>
  <div class="stack">
    <p class="soft small">{{ $t('move.heaterLead') }}</p>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <FindCustomer :label="$t('move.whose')" @chosen="look($event.id)" />
    <template v-if="sites">
      <p v-if="!sites.length" role="status">{{ $t('move.noSites') }}</p>
      <p v-else>{{ $t('move.where') }}</p>
      <el-button
        v-for="one in sites"
        :key="one.id"
        class="way"
        :loading="busy"
        @click="move(one.id)"
        >{{ one.address }}</el-button
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
