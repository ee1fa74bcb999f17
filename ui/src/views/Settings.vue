<script setup lang="ts">
// House rules as questions with every school's reason; people with what they are qualified for.
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, unwrap, type Schemas } from '@/api/client'
import { may } from '@/api/session'
import CatalogueSettings from '@/components/settings/CatalogueSettings.vue'
import FirmSettings from '@/components/settings/FirmSettings.vue'
import StaffSettings from '@/components/settings/StaffSettings.vue'
import DataSettings from '@/components/settings/DataSettings.vue'
import InstrumentSettings from '@/components/settings/InstrumentSettings.vue'
import RetentionSettings from '@/components/settings/RetentionSettings.vue'
import SecurityLog from '@/components/settings/SecurityLog.vue'
import { useRequest } from '@/composables/useRequest'

type Settings = Schemas['Settings']
const route = useRoute()
const settings = ref<Settings | null>(null)
const { error, run } = useRequest()
const site = computed(() => (typeof route.query.site === 'string' ? route.query.site : null))
const mayChange = computed(() => may('house_rules') || (!!site.value && may('site_rules')))
const topics = computed(() => [
  ...new Set((settings.value?.questions ?? []).map((one) => one.about)),
])

async function load() {
  settings.value = await unwrap(
    api.GET('/api/settings', { params: { query: site.value ? { site: site.value } : {} } }),
  )
}
onMounted(load)
watch(site, load)
async function attempt(action: () => Promise<Settings>) {
  await run(async () => {
    settings.value = await action()
  })
}
const choose = (question: string, choice: string | null) =>
  attempt(() => {
    const body = { rules: { [question]: choice } }
    return unwrap(
      site.value
        ? api.PUT('/api/sites/{id}/house-rules', { params: { path: { id: site.value } }, body })
        : api.PUT('/api/settings/house-rules', { body }),
    )
  })
const level = computed(() => (site.value ? 'site' : 'firm'))
function qualify(person: Settings['people'][number], list: Schemas['Qualification'][]) {
  return attempt(() =>
    unwrap(
      api.PUT('/api/people/{account}/qualifications', {
        params: { path: { account: person.id } },
        body: { qualifications: list },
      }),
    ),
  )
}
const adding = ref<{ id: number; trade: string; number: string; expires: string } | null>(null)
async function add(person: Settings['people'][number]) {
  const { trade, number, expires } = adding.value!
  await qualify(person, [
    ...person.qualifications.filter((one) => one.trade !== trade),
    { trade, number, expires: expires || null },
  ])
  adding.value = null
}
</script>

<template>
  <div v-if="settings" class="page stack">
    <h1>{{ $t('settings.title') }}</h1>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <FirmSettings v-if="!site" :rulebooks="settings.rulebooks" @changed="load" />
    <StaffSettings v-if="!site && may('people')" @changed="load" />
    <section class="stack">
      <h2>
        {{ $t('settings.rules') }} –
        {{
          settings.site
            ? $t('settings.forSite', { site: settings.site.address })
            : $t('settings.forFirm')
        }}
      </h2>
      <p class="soft">
        {{ $t('settings.lead') }} <b v-if="!mayChange">{{ $t('settings.ownerOnly') }}</b>
      </p>
      <template v-for="topic in topics" :key="topic">
        <h3>{{ $t(`settings.about.${topic}`) }}</h3>
        <fieldset
          v-for="question in settings.questions.filter((one) => one.about === topic)"
          :key="question.id"
          class="panel"
          :disabled="!mayChange"
        >
          <legend>{{ question.ask }}</legend>
          <label
            v-for="option in question.options"
            :key="option.id"
            class="option"
            :class="{ chosen: question.choice === option.id }"
          >
            <input
              type="radio"
              :name="question.id"
              :checked="question.choice === option.id"
              @change="choose(question.id, option.id)"
            />
            <span
              ><b>{{ option.label }}</b>
              <span v-if="option.id === question.ours" class="soft small"
                >({{ $t('settings.ours') }})</span
              ><br /><span class="small">{{ option.reason }}</span></span
            >
          </label>
          <button
            v-if="mayChange && question.level === level"
            type="button"
            class="plain-button"
            @click="choose(question.id, null)"
          >
            {{ $t('settings.back') }}
          </button>
        </fieldset>
      </template>
    </section>
    <InstrumentSettings v-if="!site" />
    <DataSettings v-if="settings && !site && may('tables')" :tables="settings.tables" />
    <CatalogueSettings v-if="!site" />
    <RetentionSettings v-if="!site && may('personal_data')" />
    <SecurityLog v-if="!site && may('security')" />
    <section v-if="!site" class="stack">
      <h2>{{ $t('settings.people') }}</h2>
      <div v-for="person in settings.people" :key="person.id" class="panel stack">
        <div class="row between">
          <b>{{ person.name }}</b><span class="soft small">{{ person.role }}</span>
        </div>
        <p v-if="!person.qualifications.length" class="soft small">{{ $t('settings.none') }}</p>
        <div v-for="one in person.qualifications" :key="one.trade" class="row between">
          <span
            >{{ $t(`trade.${one.trade}`) }}
            <span class="number soft small">{{ one.number }}</span></span
          ><span class="small"
            >{{ one.expires ? `${$t('settings.expires')} ${one.expires}` : '' }}
            <button
              v-if="may('people')"
              type="button"
              class="plain-button"
              @click="
                qualify(
                  person,
                  person.qualifications.filter((other) => other.trade !== one.trade),
                )
              "
            >
              {{ $t('settings.remove') }}
            </button></span
          >
        </div>
        <template v-if="may('people')">
          <form v-if="adding?.id === person.id" class="row" @submit.prevent="add(person)">
            <select v-model="adding.trade" class="native" :aria-label="$t('settings.people')">
              <option v-for="trade in settings.trades" :key="trade" :value="trade">
                {{ $t(`trade.${trade}`) }}
              </option>
            </select>
            <input
              v-model="adding.number"
              class="native"
              :placeholder="$t('settings.number')"
              :aria-label="$t('settings.number')"
            />
            <input
              v-model="adding.expires"
              type="date"
              class="native"
              :aria-label="$t('settings.expires')"
            />
            <el-button native-type="submit" type="primary">{{ $t('settings.keep') }}</el-button>
          </form>
          <button
            v-else
            type="button"
            class="plain-button"
            @click="adding = { id: person.id, trade: settings.trades[0]!, number: '', expires: '' }"
          >
            {{ $t('settings.add') }}
          </button>
        </template>
      </div>
      <h2>{{ $t('settings.rulebooks') }}</h2>
      <ul class="panel">
        <li v-for="book in settings.rulebooks" :key="book.id">
          <b>{{ book.title }}</b><br /><span class="soft small">{{ book.edition }}</span>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
fieldset {
  border: 1px solid var(--line);
  margin: 0;
  display: grid;
  gap: 4px;
  min-width: 0;
}
legend {
  font-weight: 700;
  padding: 0 6px;
}
.option {
  display: grid;
  grid-template-columns: 28px 1fr;
  gap: 6px;
  align-items: start;
  min-height: var(--touch);
  padding: 6px 8px;
  border-radius: 8px;
  cursor: pointer;
}
.option.chosen {
  background: var(--copper-soft);
}
.option input {
  width: 20px;
  height: 20px;
  margin-top: 3px;
  accent-color: var(--copper);
}
.native {
  font: inherit;
  min-height: var(--touch);
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--raised);
  color: var(--ink);
}
.error {
  color: var(--danger);
  font-weight: 700;
}
ul li {
  padding: 6px 0;
}
</style>
