<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap, uuid, type Schemas } from '@/api/client'
import { write } from '@/api/outbox'
import ScanCode from '@/components/common/ScanCode.vue'
import { useRequest } from '@/composables/useRequest'
import { ownPath } from '@/scan/reader'

const router = useRouter()
const search = ref('')
const list = ref<Schemas['CustomerList']>([])
const adding = ref(false)
const form = ref({ name: '', address: '', phone: '', email: '' })
const { error, run } = useRequest()

const AT_A_TIME = 100
const more = ref(false)
async function fetched(after?: string) {
  const query = { search: search.value, ...(after ? { after } : {}) }
  const got = await unwrap(api.GET('/api/customers', { params: { query } }))
  more.value = got.length === AT_A_TIME
  return got
}
const load = async () => (list.value = await fetched())
const goOn = async () => list.value.push(...(await fetched(list.value[list.value.length - 1]?.id)))
onMounted(load)
let timer = 0
watch(search, () => {
  clearTimeout(timer)
  timer = window.setTimeout(load, 150)
})
/** A tag of ours opens its heater; anything else is looked for. */
function scanned(text: string) {
  const path = ownPath(text)
  if (path) return void router.push(path)
  search.value = text
}
async function add() {
  await run(async () => {
    const id = uuid()
    await write(
      '/api/customers',
      {},
      {
        id,
        name: form.value.name,
        phone: form.value.phone || undefined,
        email: form.value.email || undefined,
      },
    )
    const address = form.value.address.trim()
    if (!address) return void (await router.push(`/customers/${id}`))
    const site = uuid()
    await write('/api/customers/{id}/sites', { id }, { id: site, address })
    await router.push(`/customers/${id}?heater=${site}`)
  })
}
</script>

<template>
  <div class="page stack">
    <div class="row between">
      <h1>{{ $t('customers.title') }}</h1>
      <span class="row"
        ><ScanCode :label="$t('scan.tag')" :title="$t('scan.tag')" @found="scanned" /><el-button
          type="primary"
          @click="adding = true"
          >{{ $t('customers.add') }}</el-button
        ></span
      >
    </div>
    <el-input
      v-model="search"
      :placeholder="$t('customers.search')"
      :aria-label="$t('customers.search')"
      clearable
    />
    <p v-if="!list.length" class="panel">{{ $t('customers.none') }}</p>
    <ul class="list">
      <li v-for="customer in list" :key="customer.id">
        <RouterLink class="panel" :to="`/customers/${customer.id}`"
          ><b>{{ customer.name }}</b
          ><span class="soft">{{ customer.addresses.join(' · ') }}</span
          ><span class="soft number">{{ customer.phone }}</span></RouterLink
        >
      </li>
    </ul>
    <p v-if="more">
      <button type="button" class="plain-button" @click="goOn">
        {{ $t('customers.more', { n: list.length }) }}
      </button>
    </p>
    <el-dialog
      append-to-body
      v-model="adding"
      :title="$t('customers.add')"
      width="min(480px, 94vw)"
    >
      <form class="stack" @submit.prevent="add">
        <label
          >{{ $t('customers.name') }}<el-input v-model="form.name" name="name" autofocus
        /></label>
        <label
          >{{ $t('customers.address')
          }}<el-input v-model="form.address" name="new_address" autocomplete="off"
        /></label>
        <label>{{ $t('customers.phone') }}<el-input v-model="form.phone" name="phone" /></label>
        <label>{{ $t('customers.email') }}<el-input v-model="form.email" name="email" /></label>
        <p v-if="error" role="alert" class="error">{{ error }}</p>
        <el-button type="primary" native-type="submit">{{ $t('customers.keep') }}</el-button>
      </form>
    </el-dialog>
  </div>
</template>

<style scoped>
.list a {
  display: grid;
  grid-template-columns: 1.2fr 2fr 1fr;
  gap: 10px;
  margin-bottom: 8px;
  color: var(--ink);
  text-decoration: none;
}
.list a:hover {
  border-color: var(--copper);
}
@media (max-width: 700px) {
  .list a {
    grid-template-columns: 1fr;
    gap: 2px;
  }
}
</style>
