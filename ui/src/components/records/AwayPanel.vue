<script setup lang="ts">
// Who is away when: the plan sends nobody there.
import { onMounted, ref } from 'vue'
import { api, unwrap, uuid, type Schemas } from '@/api/client'
import { may } from '@/api/session'
import { useRequest } from '@/composables/useRequest'
import { isoDay, shortDate } from '@/format'

const props = defineProps<{ people: { id: number; name: string }[] }>()
const emit = defineEmits<{ changed: [] }>()
const list = ref<Schemas['Absences']>([])
const fresh = ref<{ person: number; from: string; to: string; why: string } | null>(null)
const { error, busy, run } = useRequest()
onMounted(() => run(async () => void (list.value = await unwrap(api.GET('/api/absences')))))
const begin = () => {
  const today = isoDay(new Date())
  fresh.value = { person: props.people[0]?.id ?? 0, from: today, to: today, why: '' }
}
const keep = () =>
  run(async () => {
    const { why, ...rest } = fresh.value!
    const body = { id: uuid(), ...rest, ...(why.trim() ? { why } : {}) }
    list.value = await unwrap(api.POST('/api/absences', { body }))
    fresh.value = null
    emit('changed')
  })
const end = (id: string) =>
  run(async () => {
    list.value = await unwrap(api.POST('/api/absences/{id}/end', { params: { path: { id } } }))
    emit('changed')
  })
</script>

<template>
  <section class="panel stack">
    <div class="row between">
      <h2>{{ $t('away.title') }}</h2>
      <el-button v-if="may('day_plan') && !fresh && people.length" @click="begin">{{
        $t('away.add')
      }}</el-button>
    </div>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <p v-for="one in list" :key="one.id" class="row between">
      <span
        ><b>{{ one.name }}</b> {{ shortDate(one.from)
        }}<template v-if="one.to !== one.from"> – {{ shortDate(one.to) }}</template>
        <span class="soft small">{{ one.why }}</span></span
      >
      <button v-if="may('day_plan')" type="button" class="plain-button small" @click="end(one.id)">
        {{ $t('away.end') }}
      </button>
    </p>
    <p v-if="!list.length && !fresh" class="soft small">{{ $t('away.nobody') }}</p>
    <form v-if="fresh" class="row" @submit.prevent="keep">
      <label class="stack small"
        >{{ $t('away.who')
        }}<select v-model="fresh.person" class="native" name="away-person">
          <option v-for="one in people" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select></label
      >
      <label class="stack small"
        >{{ $t('away.from')
        }}<input v-model="fresh.from" class="native" type="date" name="away-from" required
      /></label>
      <label class="stack small"
        >{{ $t('away.to')
        }}<input
          v-model="fresh.to"
          class="native"
          type="date"
          name="away-to"
          :min="fresh.from"
          required
      /></label>
      <label class="stack small"
        >{{ $t('away.why')
        }}<input v-model="fresh.why" class="native" name="away-why" maxlength="120"
      /></label>
      <el-button type="primary" native-type="submit" :loading="busy">{{
        $t('firm.keep')
      }}</el-button>
      <el-button @click="fresh = null">{{ $t('staff.not') }}</el-button>
    </form>
  </section>
</template>
