<script setup lang="ts">
// Two entries of one customer become one, or an address goes to another customer: whom, then one
// press.
import { ref } from 'vue'
import { api, unwrap, uuid, type Schemas } from '@/api/client'
import FindCustomer from '@/components/records/FindCustomer.vue'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ customer: Schemas['Customer']; site?: string }>()
const emit = defineEmits<{ close: []; changed: [customer: Schemas['Customer']] }>()
const other = ref<Schemas['CustomerList'][number] | null>(null)
const { error, busy, run } = useRequest()
const what = props.site ? 'site' : 'twice'

const go = () =>
  run(async () => {
    const { id } = other.value!
    const changed = props.site
      ? api.POST('/api/sites/{id}/move', {
          params: { path: { id: props.site } },
          body: { id: uuid(), customer: id },
        })
      : api.POST('/api/customers/{id}/merge', {
          params: { path: { id: props.customer.id } },
          body: { id: uuid(), other: id },
        })
    emit('changed', await unwrap(changed))
  })
</script>

<template>
  <el-dialog
    append-to-body
    :model-value="true"
    :title="$t(`move.${what}Title`)"
    width="min(520px, 96vw)"
    @close="emit('close')"
  >
    <div class="stack">
      <p class="soft small">{{ $t(`move.${what}Lead`) }}</p>
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <FindCustomer
        :label="$t(site ? 'move.whose' : 'move.other')"
        :without="customer.id"
        @chosen="other = $event"
      />
      <el-button v-if="other" type="primary" :loading="busy" @click="go">{{
        $t(site ? 'move.give' : 'move.merge', { name: other.name })
      }}</el-button>
    </div>
  </el-dialog>
</template>
