<script setup lang="ts">
// A heater that is not there any more: replaced – by kind and size, so that the visit to its
// successor can begin at once –, taken out, entered by mistake, or standing elsewhere.
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { uuid, type Heater } from '@/api/client'
import { write } from '@/api/outbox'
import ReasonedChoice from '@/components/common/ReasonedChoice.vue'
import StandsElsewhere from '@/components/records/StandsElsewhere.vue'
import HeaterForm from '@/components/records/HeaterForm.vue'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ heater: Heater }>()
const emit = defineEmits<{ close: []; changed: [heater: Heater] }>()
const router = useRouter()
const { t } = useI18n()
const replacing = ref(false)
const reason = ref('')
const { error, field, run } = useRequest()

const end = (how: 'replaced' | 'taken_out' | 'mistaken', successor?: string) =>
  write(
    '/api/heaters/{id}/end',
    { id: props.heater.id },
    { how, reason: reason.value, ...(successor ? { successor } : {}) },
  )
const moving = ref(false)
const ways = (['replaced', 'taken_out', 'mistaken', 'elsewhere'] as const).map((way) => ({
  way,
  label: t(`gone.${way}`),
  first: way === 'replaced',
}))
const choose = (how: (typeof ways)[number]['way'], why: string) =>
  run(async () => {
    reason.value = why
    if (how === 'replaced') return void (replacing.value = true)
    if (how === 'elsewhere') return void (moving.value = true)
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
function moved(heater: Heater) {
  emit('changed', heater)
  emit('close')
}
const begun = (label: string, installation: Record<string, string>) =>
  run(async () => void (await router.push(`/heaters/${await add(label, installation)}?begin`)))
</script>

<template>
  <el-dialog
    append-to-body
    :model-value="true"
    :title="$t(replacing ? 'gone.successor' : moving ? 'gone.elsewhere' : 'gone.title')"
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
    <StandsElsewhere v-else-if="moving" :heater="heater" @moved="moved" />
    <ReasonedChoice
      v-else
      :lead="$t('gone.what')"
      :why="$t('gone.why')"
      :ways="ways"
      :error="error"
      @choose="choose"
    />
  </el-dialog>
</template>
