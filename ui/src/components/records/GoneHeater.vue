<script setup lang="ts">
// A heater that is not there any more: replaced – by kind and size, so that the visit to its
// successor can begin at once –, taken out, or entered by mistake.
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { uuid, type Heater } from '@/api/client'
import { write } from '@/api/outbox'
import HeaterForm from '@/components/records/HeaterForm.vue'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ heater: Heater }>()
const emit = defineEmits<{ close: []; changed: [heater: Heater] }>()
const router = useRouter()
const replacing = ref(false)
const reason = ref('')
const { error, field, run } = useRequest()

const end = (how: 'replaced' | 'taken_out' | 'mistaken', successor?: string) =>
  write(
    '/api/heaters/{id}/end',
    { id: props.heater.id },
    { how, reason: reason.value.trim(), ...(successor ? { successor } : {}) },
  )
const gone = (how: 'taken_out' | 'mistaken') =>
  run(async () => {
    emit('changed', await end(how))
    emit('close')
  })
async function add(label: string, installation: Record<string, string>) {
  const id = uuid()
  await write('/api/sites/{id}/heaters', { id: props.heater.site_id! }, { id, label, installation })
  await end('replaced', id)
  return id
}
const replaced = (label: string, installation: Record<string, string>) =>
  run(async () => void (await router.push(`/heaters/${await add(label, installation)}`)))
const begun = (label: string, installation: Record<string, string>, job: string) =>
  run(async () => {
    const heater = await add(label, installation)
    const visit = uuid()
    await write(
      '/api/heaters/{id}/visits',
      { id: heater },
      { id: visit, jobs: [job], planned_for: new Date().toISOString() },
    )
    await write('/api/visits/{id}/start', { id: visit }, {})
    await router.push(`/visits/${visit}`)
  })
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="$t(replacing ? 'gone.successor' : 'gone.title')"
    width="min(560px, 96vw)"
    @close="emit('close')"
  >
    <HeaterForm
      v-if="replacing"
      fresh
      :units="heater.units"
      :label="heater.label"
      :error="error"
      :field="field"
      @keep="replaced"
      @begin="begun"
    />
    <div v-else class="stack">
      <p class="soft">{{ $t('gone.what') }}</p>
      <el-input
        v-model="reason"
        maxlength="300"
        :placeholder="$t('gone.why')"
        :aria-label="$t('gone.why')"
      />
      <el-button type="primary" size="large" class="way" @click="replacing = true">{{
        $t('gone.replaced')
      }}</el-button>
      <el-button size="large" class="way" @click="gone('taken_out')">{{
        $t('gone.taken_out')
      }}</el-button>
      <el-button size="large" class="way" @click="gone('mistaken')">{{
        $t('gone.mistaken')
      }}</el-button>
      <p v-if="error" class="error" role="alert">{{ error }}</p>
    </div>
  </el-dialog>
</template>

<style scoped>
.way {
  margin: 0;
  min-height: 44px;
}
</style>
