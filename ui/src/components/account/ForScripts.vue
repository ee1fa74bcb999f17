<script setup lang="ts">
// Tokens by which one's own scripts come in: each is shown once, and ended here.
import { onMounted, ref } from 'vue'
import { api, unwrap, uuid, type Schemas } from '@/api/client'
import { useRequest } from '@/composables/useRequest'
import { dateAndTime, shortDate } from '@/format'

const { error, busy, run } = useRequest()
const tokens = ref<Schemas['Tokens']>([])
const fresh = ref({ name: '', scope: 'read' as 'read' | 'tables' | 'write', days: 90 })
const made = ref('')
onMounted(() =>
  run(async () => {
    tokens.value = await unwrap(api.GET('/api/tokens'))
  }),
)
const make = () =>
  run(async () => {
    const body = { id: uuid(), ...fresh.value }
    const answer = await unwrap(api.POST('/api/tokens', { body }))
    tokens.value = answer.tokens
    made.value = answer.token
    fresh.value.name = ''
  })
const end = (id: string) =>
  run(async () => {
    tokens.value = await unwrap(api.POST('/api/tokens/{id}/end', { params: { path: { id } } }))
  })
</script>

<template>
  <section id="scripts" class="panel stack">
    <h2>{{ $t('scripts.title') }}</h2>
    <p class="soft">{{ $t('scripts.lead') }} <a href="/openapi.yaml">/openapi.yaml</a></p>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <div v-if="made" class="stack made" role="status">
      <b>{{ $t('scripts.made') }}</b>
      <input class="native" readonly :value="made" :aria-label="$t('scripts.made')" />
    </div>
    <div v-for="one in tokens" :key="one.id" class="row between">
      <span
        >{{ one.name }}
        <span class="soft small"
          >{{ $t(`scripts.${one.scope}`) }},
          {{ $t('scripts.until', { at: shortDate(one.expires_at) }) }},
          {{
            one.used_at
              ? $t('account.used', { at: dateAndTime(one.used_at) })
              : $t('scripts.unused')
          }}</span
        ></span
      >
      <button type="button" class="plain-button" @click="end(one.id)">
        {{ $t('scripts.end') }}
      </button>
    </div>
    <form class="row" @submit.prevent="make">
      <label class="small"
        >{{ $t('scripts.name') }}<el-input v-model="fresh.name" name="token-name" maxlength="80"
      /></label>
      <label class="small"
        >{{ $t('scripts.may')
        }}<select v-model="fresh.scope" class="native" name="token-scope">
          <option v-for="one in ['read', 'tables', 'write'] as const" :key="one" :value="one">
            {{ $t(`scripts.${one}`) }}
          </option>
        </select></label
      >
      <label class="small"
        >{{ $t('scripts.days')
        }}<el-input v-model.number="fresh.days" name="token-days" type="number" min="1" max="366"
      /></label>
      <el-button native-type="submit" :loading="busy" :disabled="!fresh.name.trim()">{{
        $t('scripts.make')
      }}</el-button>
    </form>
  </section>
</template>

<style scoped>
label {
  min-width: 0;
}
.native {
  max-width: 100%;
}
form.row {
  align-items: flex-end;
}
select {
  display: block;
}
.made {
  padding: 12px;
  border-radius: 8px;
  background: var(--copper-soft);
}
</style>
