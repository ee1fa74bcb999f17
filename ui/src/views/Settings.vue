<script setup lang="ts">
// Settings in sections, each with an address of its own, and a search over all of them.
import { computed, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import { api, unwrap, type Schemas } from '@/api/client'
import { may } from '@/api/session'
import CatalogueSettings from '@/components/settings/CatalogueSettings.vue'
import DataSettings from '@/components/settings/DataSettings.vue'
import FirmSettings from '@/components/settings/FirmSettings.vue'
import FirstSteps from '@/components/settings/FirstSteps.vue'
import HouseRules from '@/components/settings/HouseRules.vue'
import InstrumentSettings from '@/components/settings/InstrumentSettings.vue'
import MailSettings from '@/components/settings/MailSettings.vue'
import Qualifications from '@/components/settings/Qualifications.vue'
import RatesSettings from '@/components/settings/RatesSettings.vue'
import RetentionSettings from '@/components/settings/RetentionSettings.vue'
import SecurityLog from '@/components/settings/SecurityLog.vue'
import StaffSettings from '@/components/settings/StaffSettings.vue'
import { useRequest } from '@/composables/useRequest'

type Settings = Schemas['Settings']
const props = defineProps<{ section?: string }>()
const { t } = useI18n()
const route = useRoute()
const settings = ref<Settings | null>(null)
const { error, run } = useRequest()
const site = computed(() => (typeof route.query.site === 'string' ? route.query.site : null))
/** Each section, and what one has to be allowed to see it. */
const SECTIONS = {
  firm: null,
  people: null,
  rules: null,
  instruments: null,
  catalogue: null,
  rates: 'house_rules',
  mail: 'mail_server',
  data: 'tables',
  retention: 'personal_data',
  security: 'security',
}
type Section = keyof typeof SECTIONS
const sections = computed(() =>
  (Object.keys(SECTIONS) as Section[]).filter((one) => {
    const ability = SECTIONS[one]
    return site.value ? one === 'rules' : !ability || may(ability)
  }),
)
const shown = computed(
  () => sections.value.find((one) => one === props.section) ?? sections.value[0]!,
)

const steps = ref<InstanceType<typeof FirstSteps> | null>(null)
async function load() {
  void steps.value?.load()
  settings.value = await unwrap(
    api.GET('/api/settings', { params: { query: site.value ? { site: site.value } : {} } }),
  )
}
onMounted(load)
watch(site, load)
const attempt = (action: () => Promise<Settings>) =>
  run(async () => {
    settings.value = await action()
  })
const choose = (question: string, choice: string | null) =>
  attempt(() => {
    const body = { rules: { [question]: choice } }
    return unwrap(
      site.value
        ? api.PUT('/api/sites/{id}/house-rules', { params: { path: { id: site.value } }, body })
        : api.PUT('/api/settings/house-rules', { body }),
    )
  })
const qualify = (person: Settings['people'][number], list: Schemas['Qualification'][]) =>
  attempt(() =>
    unwrap(
      api.PUT('/api/people/{account}/qualifications', {
        params: { path: { account: person.id } },
        body: { qualifications: list },
      }),
    ),
  )

const search = ref('')
/** Where what is looked for stands: a section's name, a question or one of its answers. */
const found = computed(() => {
  const wanted = search.value.trim().toLowerCase()
  if (!wanted || !settings.value) return []
  const has = (text: string) => text.toLowerCase().includes(wanted)
  const named = sections.value
    .map((one) => ({ to: `/settings/${one}`, text: t(`settings.section.${one}`) }))
    .filter((one) => has(one.text))
  const asked = settings.value.questions
    .filter((one) => has(one.ask) || one.options.some((option) => has(option.label)))
    .map((one) => ({ to: `/settings/rules#${one.id}`, text: one.ask }))
  return [...named, ...asked]
})
</script>

<template>
  <div v-if="settings" class="page stack">
    <div class="row between">
      <h1>{{ $t('settings.title') }}</h1>
      <input
        v-if="!site"
        v-model="search"
        type="search"
        class="search"
        name="settings-search"
        :placeholder="$t('settings.search')"
        :aria-label="$t('settings.search')"
      />
    </div>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <ul v-if="search.trim()" class="panel found">
      <li v-for="one in found" :key="one.to">
        <RouterLink :to="one.to" @click="search = ''">{{ one.text }}</RouterLink>
      </li>
      <li v-if="!found.length" class="soft">{{ $t('settings.notFound') }}</li>
    </ul>
    <FirstSteps v-if="!site" ref="steps" />
    <div class="parts" :class="{ alone: site }">
      <nav v-if="!site" :aria-label="$t('settings.title')">
        <RouterLink
          v-for="one in sections"
          :key="one"
          :to="`/settings/${one}`"
          :class="{ here: one === shown }"
          :aria-current="one === shown ? 'page' : undefined"
          >{{ $t(`settings.section.${one}`) }}</RouterLink
        >
      </nav>
      <div class="stack">
        <FirmSettings v-if="shown === 'firm'" :rulebooks="settings.rulebooks" @changed="load" />
        <template v-else-if="shown === 'people'">
          <StaffSettings v-if="may('people')" @changed="load" />
          <Qualifications :settings="settings" @qualify="qualify" />
        </template>
        <HouseRules
          v-else-if="shown === 'rules'"
          :settings="settings"
          :site="site"
          @choose="choose"
        />
        <InstrumentSettings v-else-if="shown === 'instruments'" />
        <CatalogueSettings v-else-if="shown === 'catalogue'" />
        <RatesSettings v-else-if="shown === 'rates'" />
        <MailSettings v-else-if="shown === 'mail'" @changed="load" />
        <DataSettings v-else-if="shown === 'data'" :tables="settings.tables" />
        <RetentionSettings v-else-if="shown === 'retention'" />
        <SecurityLog v-else-if="shown === 'security'" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.parts {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 20px;
  align-items: start;
}
.parts.alone {
  grid-template-columns: minmax(0, 1fr);
}
nav {
  display: grid;
  position: sticky;
  top: 72px;
}
nav a {
  display: flex;
  align-items: center;
  min-height: var(--touch);
  padding: 0 12px;
  color: var(--ink);
  text-decoration: none;
  border-left: 4px solid var(--line);
}
nav a.here {
  border-left-color: var(--copper);
  font-weight: 700;
  background: var(--copper-soft);
}
.search {
  font: inherit;
  min-height: var(--touch);
  width: min(320px, 100%);
  padding: 0 12px;
  color: var(--ink);
  background: var(--raised);
  border: 1px solid var(--line);
  border-radius: 8px;
}
.found {
  list-style: none;
  margin: 0;
}
.found a {
  display: flex;
  align-items: center;
  min-height: var(--touch);
}
@media (max-width: 720px) {
  .parts {
    grid-template-columns: minmax(0, 1fr);
  }
  nav {
    position: static;
    grid-template-columns: 1fr 1fr;
  }
}
</style>
