<script setup lang="ts">
// Somebody goes, for good or for a while: what they still have is handed over first, one by one or
// all at once.
import { computed, onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { useRequest } from '@/composables/useRequest'
import { dateAndTime } from '@/format'

const props = defineProps<{
  person: Schemas['Staff'][number]
  how: 'close' | 'pause'
  busy: boolean
  error: string
}>()
const emit = defineEmits<{ gone: []; close: [] }>()
const visits = ref<Schemas['Theirs']>([])
const crew = ref<Schemas['Crew']>([])
const others = computed(() => crew.value.filter((one) => one.id !== props.person.id))
const { error: failed, busy: handing, run } = useRequest()
const path = { params: { path: { account: props.person.id } } }
onMounted(() =>
  run(async () => {
    visits.value = await unwrap(api.GET('/api/people/{account}/visits', path))
    crew.value = await unwrap(api.GET('/api/crew', { params: { query: {} } }))
  }),
)
const give = (to: string, ids?: string[]) =>
  to &&
  run(async () => {
    const body = { to: Number(to), ...(ids ? { visits: ids } : {}) }
    visits.value = await unwrap(api.POST('/api/people/{account}/hand-over', { ...path, body }))
  })
</script>

<template>
  <el-dialog
    append-to-body
    :model-value="true"
    :title="$t(`leaves.${how}`, { name: person.name })"
    width="min(620px, 96vw)"
    @close="emit('close')"
  >
    <div class="stack">
      <p>{{ visits.length ? $t('leaves.has', visits.length) : $t('leaves.none') }}</p>
      <label v-if="visits.length > 1 && others.length" class="row">
        <b>{{ $t('leaves.all') }}</b>
        <select class="native" @change="give(($event.target as HTMLSelectElement).value)">
          <option value="">{{ $t('leaves.choose') }}</option>
          <option v-for="one in others" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select>
      </label>
      <ul class="stack">
        <li v-for="visit in visits" :key="visit.id" class="row between">
          <span
            ><b>{{ dateAndTime(visit.planned_for) }}</b> {{ visit.customer }}, {{ visit.address }}
            <span class="soft small">{{ visit.jobs.join(', ') }}</span></span
          >
          <select
            class="native"
            :aria-label="$t('leaves.to', { customer: visit.customer })"
            @change="give(($event.target as HTMLSelectElement).value, [visit.id])"
          >
            <option value="">{{ $t('leaves.choose') }}</option>
            <option v-for="one in others" :key="one.id" :value="one.id">
              {{ one.name }}
            </option>
          </select>
        </li>
      </ul>
      <p v-if="failed || error" class="error" role="alert">{{ failed || error }}</p>
      <el-button type="danger" :loading="busy || handing" @click="emit('gone')">{{
        $t(visits.length ? 'leaves.still' : `leaves.${how}`, { name: person.name })
      }}</el-button>
    </div>
  </el-dialog>
</template>
