<script setup lang="ts">
// What a household says of its heater before somebody comes, by the link of its confirmation: what
// is wrong, how warm the water is, pictures. Nobody signs in for it.
import { computed, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, unwrap, uuid, type Schemas } from '@/api/client'
import AdviceNow from '@/components/common/AdviceNow.vue'
import { useRequest } from '@/composables/useRequest'
import { isoDay, longDate, timeOfDay } from '@/format'
import { setLocale } from '@/i18n'
import { at } from '@/place'
import { smaller } from '@/picture'

const props = defineProps<{ link: string }>()
const SLOTS = ['plate', 'drip', 'place'] as const
const LONGEST = 1400 // points: a label can be read
const LARGEST = 590_000 // bytes, of the 600 kB that the office takes
const { t } = useI18n()
const shown = ref<Schemas['Before'] | null>(null)
const said = ref({ complaint: '', words: '', temperature: '' })
const thanked = ref(false)
const { error, field, busy, run } = useRequest()
const path = { params: { path: { link: props.link } } }

function show(page: Schemas['Before']) {
  shown.value = page
  at(page.units)
  setLocale(page.language, page.units)
}
onMounted(() =>
  run(async () => {
    const page = await unwrap(api.GET('/api/before/{link}', path))
    show(page)
    const { complaint, words, temperature } = page.said
    said.value = {
      complaint: complaint ?? '',
      words: words ?? '',
      temperature: temperature?.typed ?? '',
    }
  }),
)
const say = () =>
  run(async () => {
    thanked.value = false
    show(await unwrap(api.POST('/api/before/{link}', { ...path, body: said.value })))
    thanked.value = true
  })
const picture = (slot: (typeof SLOTS)[number], event: Event) =>
  run(async () => {
    const file = (event.target as HTMLInputElement).files?.[0]
    if (!file) return
    const data = await smaller(file, LONGEST, LARGEST)
    const body = { id: uuid(), slot, data }
    show(await unwrap(api.POST('/api/before/{link}/photos', { ...path, body })))
  })
const choices = computed(() => [
  { id: '', title: t('before.nothing'), advice: null },
  ...(shown.value?.complaints ?? []),
])
const time = computed(() => {
  const { window_from: from, window_to: to } = shown.value ?? {}
  return [from, to]
    .filter((one): one is string => !!one)
    .map((one) => timeOfDay(one))
    .join(' – ')
})
</script>

<template>
  <div class="page stack narrow">
    <p v-if="error && !shown" class="panel" role="alert">{{ error }}</p>
    <template v-if="shown">
      <h1>{{ $t('before.title', { day: longDate(isoDay(new Date(shown.planned_for))) }) }}</h1>
      <p class="soft">
        {{ shown.firm.name }}<template v-if="time">, {{ time }}</template>
      </p>
      <p>{{ $t('before.lead') }}</p>
      <form class="panel stack" @submit.prevent="say">
        <fieldset>
          <legend>{{ $t('before.wrong') }}</legend>
          <template v-for="one in choices" :key="one.id">
            <label class="choice">
              <input v-model="said.complaint" type="radio" name="complaint" :value="one.id" />
              {{ one.title }}
            </label>
            <AdviceNow
              v-if="one.advice && one.id === said.complaint"
              :lead="$t('before.now')"
              v-bind="one.advice"
            />
          </template>
        </fieldset>
        <label
          >{{ $t('before.words')
          }}<el-input v-model="said.words" type="textarea" name="words" maxlength="300"
        /></label>
        <label
          >{{ $t('before.warm')
          }}<el-input v-model="said.temperature" name="temperature" inputmode="decimal"
        /></label>
        <p class="soft small">{{ $t('before.careful') }}</p>
        <p v-if="error" class="error" role="alert">{{ error }}</p>
        <p v-if="thanked && !field" role="status">
          <b>{{ $t('before.thanks') }}</b>
        </p>
        <el-button type="primary" size="large" native-type="submit" :loading="busy">{{
          $t('before.send')
        }}</el-button>
      </form>
      <section class="panel stack">
        <h2>{{ $t('before.pictures') }}</h2>
        <label v-for="slot in SLOTS" :key="slot" class="picture">
          <span
            ><b>{{ $t(`before.slot.${slot}`) }}</b>
            <span class="soft small">{{
              $t('before.there', shown.pictures[slot] ?? 0)
            }}</span></span
          >
          <input
            type="file"
            accept="image/*"
            :name="`picture-${slot}`"
            @change="picture(slot, $event)"
          />
        </label>
      </section>
      <p class="small soft">
        {{ $t('before.theirs', { firm: shown.firm.name }) }}
        <a v-if="shown.firm.phone" :href="`tel:${shown.firm.phone.replace(/\s/g, '')}`">{{
          shown.firm.phone
        }}</a>
      </p>
    </template>
  </div>
</template>

<style scoped>
.narrow {
  max-width: 640px;
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
}
.choice,
.picture {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: var(--touch);
}
.picture {
  flex-wrap: wrap;
  justify-content: space-between;
}
</style>
