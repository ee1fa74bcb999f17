<script setup lang="ts">
// The firm as its pages name it, the rulebook that new sites begin with, and how its days go.
import WhereIStand from '@/components/common/WhereIStand.vue'
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { may, refresh } from '@/api/session'
import FirmLogo from './FirmLogo.vue'
import { useRequest } from '@/composables/useRequest'

defineProps<{ rulebooks: { id: string; title: string }[] }>()
const emit = defineEmits<{ changed: [] }>()
const FIELDS = ['name', 'address', 'phone', 'registration', 'foot'] as const
const HOURS = ['starts', 'ends', 'rest'] as const
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
    const { name, address, phone, registration, foot, code_profile, logo } = firm.value!
    const { starts, ends, rest, rest_minutes } = firm.value!
    const degrees = (value: unknown) =>
      value === '' || value === null ? null : Number(String(value).replace(',', '.'))
    const body = {
      name,
      address: address ?? '',
      phone: phone ?? '',
      registration: registration ?? '',
      foot: foot ?? '',
      code_profile,
      logo,
      lat: degrees(firm.value!.lat),
      lng: degrees(firm.value!.lng),
      starts,
      ends,
      rest: rest || null,
      rest_minutes: Number(rest_minutes),
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
      <FirmLogo v-if="may('house_rules')" id="logo" v-model="firm.logo" />
      <fieldset id="day" class="stack">
        <legend>{{ $t('firm.day') }}</legend>
        <p class="soft small">{{ $t('firm.dayLead') }}</p>
        <div class="row">
          <label v-for="field in HOURS" :key="field" class="small stack"
            >{{ $t(`firm.${field}`)
            }}<input
              v-model="firm[field]"
              class="native"
              type="time"
              :name="`firm-${field}`"
              :disabled="!may('house_rules')"
          /></label>
          <label class="small stack"
            >{{ $t('firm.restMinutes')
            }}<input
              v-model="firm.rest_minutes"
              class="native short"
              type="number"
              min="0"
              max="240"
              name="firm-rest-minutes"
              :disabled="!may('house_rules')"
          /></label>
        </div>
        <div class="row">
          <label v-for="field in ['lat', 'lng'] as const" :key="field" class="small stack"
            >{{ $t(`site.${field}`)
            }}<input
              v-model="firm[field]"
              class="native"
              inputmode="decimal"
              :name="`firm-${field}`"
              :disabled="!may('house_rules')"
          /></label>
          <WhereIStand
            v-if="may('house_rules')"
            @found="(lat, lng) => firm && Object.assign(firm, { lat, lng })"
          />
        </div>
      </fieldset>
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
fieldset {
  min-width: 0;
  padding: 12px;
  border: 1px solid var(--line);
  border-radius: 8px;
}
.native {
  min-height: var(--touch);
  max-width: 100%;
}
.row > label {
  min-width: 0;
}
.short {
  width: 6em;
}
</style>
