<script setup lang="ts">
// A booked visit is moved, or handed to somebody else; whoever was told is told again.
import { ref } from 'vue'
import { tellCustomer, type When } from '@/api/bookings'
import { api, unwrap, type Schemas, type Visit } from '@/api/client'
import BookingForm from './BookingForm.vue'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ visit: Visit }>()
const emit = defineEmits<{ changed: [] }>()
const shown = ref(false)
const now = ref<Schemas['Booking'] | null>(null)
const { error, busy, run } = useRequest()
const path = { params: { path: { id: props.visit.id } } }
const open = () =>
  run(async () => {
    now.value = await unwrap(api.GET('/api/visits/{id}/booking', path))
    shown.value = true
  })
const save = (when: When, _: string[], tell: boolean) =>
  run(async () => {
    // Without a promise none is kept.
    const body = { window_from: null, window_to: null, ...when }
    now.value = await unwrap(api.PUT('/api/visits/{id}/booking', { ...path, body }))
    if (tell) await tellCustomer(props.visit.id, now.value.told ? 'moved' : 'booked')
    shown.value = false
    emit('changed')
  })
</script>

<template>
  <button type="button" class="plain-button" @click="open">{{ $t('booking.open') }}</button>
  <el-dialog v-model="shown" :title="$t('booking.open')" width="min(480px, 94vw)" append-to-body>
    <BookingForm
      v-if="now && shown"
      :now="now"
      :complaints="now.complaints"
      :email="now.told ?? now.email"
      :busy="busy"
      :error="error"
      @save="save"
    />
  </el-dialog>
</template>
