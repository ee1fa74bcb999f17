<script setup lang="ts">
// The firm as its pages name it, and the rulebook that new sites begin with.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { may, refresh } from '@/api/session'
import { useRequest } from '@/composables/useRequest'

defineProps<{ rulebooks: { id: string; title: string }[] }>()
const emit = defineEmits<{ changed: [] }>()
const FIELDS = ['name', 'address', 'phone', 'registration', 'foot'] as const
const firm = ref<Schemas['Firm'] | null>(null)
const kept = ref(false)
const { error, busy, run } = useRequest()
onMounted(() =>
  run(async () => {
    firm.value = await unwrap(api.GET('/api/settings/firm'))
    if (!firm.value.named) firm.value.name = ''
  }),
)
const keep = () =>
  run(async () => {
    kept.value = false
    const { name, address, phone, registration, foot, code_profile } = firm.value!
    const body = {
      name,
      address: address ?? '',
      phone: phone ?? '',
      registration: registration ?? '',
      foot: foot ?? '',
      code_profile,
    }
    firm.value = await unwrap(api.PUT('/api/settings/firm', { body }))
    kept.value = true
    await refresh()
    emit('changed')
  })
</script>

<template>
  <section v-if="firm" id="firm" class="panel stack">
    <h2>{{ $t('firm.title') }}</h2>
    <p v-if="!firm.named" role="status">
      <b>{{ $t('firm.unnamed') }}</b>
    </p>
    <form class="stack narrow" @submit.prevent="keep">
      <label v-for="field in FIELDS" :key="field" class="stack"
        >{{ $t(`firm.${field}`)
        }}<el-input v-model="firm[field]" :name="`firm-${field}`" :disabled="!may('house_rules')"
      /></label>
      <label class="stack"
        >{{ $t('firm.book')
        }}<select
          v-model="firm.code_profile"
          class="native"
          name="firm-book"
          :disabled="!may('house_rules')"
        >
          <option v-for="book in rulebooks" :key="book.id" :value="book.id">
            {{ book.title }}
          </option>
        </select></label
      >
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <p v-if="kept" role="status">
        <b>{{ $t('firm.kept') }}</b>
      </p>
      <el-button v-if="may('house_rules')" native-type="submit" :loading="busy">{{
        $t('firm.keep')
      }}</el-button>
    </form>
  </section>
</template>

<style scoped>
.narrow {
  max-width: 520px;
}
</style>
