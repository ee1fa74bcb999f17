<script setup lang="ts">
// What the household said before somebody came, marked as theirs; and, while the visit is to come,
// the link by which they say it.
import { ref } from 'vue'
import { api, unwrap, type Visit } from '@/api/client'
import { may } from '@/api/session'
import { useRequest } from '@/composables/useRequest'
import { dateAndTime } from '@/format'

const props = defineProps<{ visit: Visit }>()
const link = ref('')
const { error, busy, run } = useRequest()
const get = () =>
  run(async () => {
    const params = { path: { id: props.visit.id } }
    link.value = (await unwrap(api.GET('/api/visits/{id}/before', { params }))).link
    await navigator.clipboard?.writeText(link.value).catch(() => {})
  })
</script>

<template>
  <section v-if="visit.told" class="told small">
    <p>
      {{ $t('before.said') }} <span class="soft">({{ dateAndTime(visit.told.at) }})</span>:
      <b>{{ [visit.told.title, visit.told.words].filter(Boolean).join(' – ') }}</b>
      <template v-if="visit.told.temperature">
        {{ $t('before.measured', { value: visit.told.temperature }) }}</template
      >
    </p>
    <p v-if="visit.told.pictures.length" class="row">
      <a
        v-for="one in visit.told.pictures"
        :key="one.id"
        :href="`/api/told-photos/${one.id}`"
        target="_blank"
        ><img :src="`/api/told-photos/${one.id}`" :alt="$t(`before.slot.${one.slot}`)"
      /></a>
    </p>
  </section>
  <p v-if="visit.status === 'booked' && may('records')" class="small">
    <button type="button" class="plain-button" :disabled="busy" @click="get">
      {{ $t('before.link') }}
    </button>
    <span v-if="link" class="link" role="status">{{ link }}</span>
    <span v-if="error" role="alert">{{ error }}</span>
  </p>
</template>

<style scoped>
.told {
  border-left: 3px solid var(--copper);
  padding-left: 10px;
  margin: 4px 0;
}
img {
  height: 64px;
  width: 64px;
  object-fit: cover;
  border-radius: 6px;
}
.link {
  overflow-wrap: anywhere;
  margin-left: 8px;
}
</style>
