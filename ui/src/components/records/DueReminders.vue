<script setup lang="ts">
// Reminders of what falls due until the end of next month: one look, one press.
import { computed, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { useRequest } from '@/composables/useRequest'
import { shortDate } from '@/format'

const list = ref<Schemas['DueReminders'] | null>(null)
const left = ref<string[]>([])
const shown = ref(false)
const written = ref(0)
const { error, busy, run } = useRequest()
const able = computed(() => list.value?.due.filter((one) => !one.why_not) ?? [])
const chosen = computed(() => able.value.filter((one) => !left.value.includes(one.due)))
async function open() {
  shown.value = true
  written.value = 0
  left.value = []
  await run(async () => {
    list.value = await unwrap(api.GET('/api/outbox/due-reminders'))
  })
}
const write = () =>
  run(async () => {
    const dues = chosen.value.map((one) => one.due)
    await unwrap(api.POST('/api/outbox/due-reminders', { body: { dues } }))
    written.value = dues.length
  })
const toggle = (due: string) =>
  (left.value = left.value.includes(due)
    ? left.value.filter((one) => one !== due)
    : [...left.value, due])
</script>

<template>
  <el-button @click="open">{{ $t('reminders.open') }}</el-button>
  <el-dialog v-model="shown" append-to-body :title="$t('reminders.title')" width="min(640px, 96vw)">
    <div v-if="list" class="stack">
      <p class="soft">{{ $t('reminders.lead', { until: shortDate(list.until) }) }}</p>
      <p v-if="!list.due.length">{{ $t('reminders.none') }}</p>
      <ul>
        <li v-for="one in list.due" :key="one.due">
          <label>
            <input
              type="checkbox"
              :disabled="!!one.why_not"
              :checked="!one.why_not && !left.includes(one.due)"
              @change="toggle(one.due)"
            />
            <span
              ><b>{{ one.customer }}</b>
              <span class="soft small">{{ one.address }} · {{ shortDate(one.on) }}</span
              ><br />{{ one.text }}
              <span v-if="one.why_not" class="soft small"
                >– {{ $t(`reminders.why.${one.why_not}`) }}</span
              ></span
            >
          </label>
        </li>
      </ul>
      <p v-if="written" role="status">
        <b>{{ $t('reminders.written', written) }}</b>
        <RouterLink to="/outbox">{{ $t('reminders.outbox') }}</RouterLink>
      </p>
      <el-button v-else type="primary" :disabled="!chosen.length" :loading="busy" @click="write">{{
        $t('reminders.write', chosen.length)
      }}</el-button>
    </div>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
  </el-dialog>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  border-top: 1px solid var(--line);
}
label {
  display: flex;
  gap: 10px;
  align-items: start;
  padding: 8px 0;
  min-height: var(--touch);
}
</style>
