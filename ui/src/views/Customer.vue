<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { api, unwrap, uuid, type Schemas } from '@/api/client'
import { write } from '@/api/outbox'
import { download, may } from '@/api/session'
import WhereIStand from '@/components/common/WhereIStand.vue'
import PointMap from '@/components/charts/PointMap.vue'
import EnteredTwice from '@/components/records/EnteredTwice.vue'
import HeaterForm from '@/components/records/HeaterForm.vue'
import UndoList from '@/components/records/UndoList.vue'
import { useRequest } from '@/composables/useRequest'
import { getReady, pocket } from '@/pocket/pocket'

const props = defineProps<{ id: string }>()
const route = useRoute()
const router = useRouter()
const { t } = useI18n()
const customer = ref<Schemas['Customer'] | null>(null)
const addingSite = ref(false)
type Language = NonNullable<Schemas['Customer']['language']>
const details = ref<{
  name: string
  phone: string
  email: string
  note: string
  language: Language
  reminders: boolean
} | null>(null)
const addingHeaterAt = ref<string | null>(null)
const site = ref({ address: '', access: '', code_profile: '' })
const books = ref<Schemas['Settings']['rulebooks']>([])
async function newSite() {
  const settings = await unwrap(api.GET('/api/settings'))
  books.value = settings.rulebooks
  site.value.code_profile ||= settings.rulebook
  addingSite.value = true
}
const unitsAt = (id: string) => customer.value?.sites.find((one) => one.id === id)?.units ?? 'us'
const { error, field, run } = useRequest()

const load = async () =>
  (customer.value = await unwrap(
    api.GET('/api/customers/{id}', { params: { path: { id: props.id } } }),
  ))
/** A new address is asked at once which heater stands there. */
onMounted(async () => {
  await load()
  if (typeof route.query.heater === 'string') addingHeaterAt.value = route.query.heater
})

const attempt = (action: () => Promise<void>) => run(action)
const addSite = () =>
  attempt(async () => {
    const id = uuid()
    await write(
      '/api/customers/{id}/sites',
      { id: props.id },
      {
        id,
        address: site.value.address,
        access: site.value.access || undefined,
        code_profile: site.value.code_profile || undefined,
      },
    )
    addingSite.value = false
    await load()
    addingHeaterAt.value = id
  })
function changeDetails() {
  const { name, phone, email, note, language, reminders } = customer.value!
  details.value = {
    name,
    phone: phone ?? '',
    email: email ?? '',
    note: note ?? '',
    language: language ?? 'en',
    reminders: reminders ?? true,
  }
}
const keepDetails = () =>
  attempt(async () => {
    customer.value = await unwrap(
      api.PUT('/api/customers/{id}', { params: { path: { id: props.id } }, body: details.value! }),
    )
    details.value = null
  })
const changing = ref<Schemas['Customer']['sites'][number] | null>(null)
/** Entered twice: a site's id where it is that which belongs to somebody else; '' for the whole. */
const elsewhere = ref<string | null>(null)
const undoable = ref<InstanceType<typeof UndoList> | null>(null)
function twice() {
  details.value = null
  elsewhere.value = ''
}
function belongs(site: string) {
  changing.value = null
  elsewhere.value = site
}
async function rearranged(now: Schemas['Customer']) {
  elsewhere.value = null
  if (now.id === props.id) customer.value = now
  else await load()
  await undoable.value?.load()
}
/** Where it was taken in with a file, it is gone. */
const undone = () => load().catch(() => router.push('/customers'))
const erasing = ref(false)
const erased = ref<Schemas['Erased'] | null>(null)
const erase = () =>
  attempt(async () => {
    const params = { path: { id: customer.value!.id } }
    erased.value = await unwrap(api.POST('/api/customers/{id}/erase', { params }))
    if (erased.value.kept) await load()
    else await router.push('/customers')
  })
/** Where the firm and its other sites lie, once a site is being changed. */
const places = ref<Schemas['Places'] | null>(null)
watch(changing, async (site) => {
  if (site && !places.value) {
    places.value = (await api.GET('/api/places').catch(() => null))?.data ?? null
  }
})
const points = computed(() => {
  const { base, places: sites } = places.value ?? { base: null, places: [] }
  const firm = base ? [{ ...base, label: t('map.base'), kind: 'base' as const }] : []
  return [...firm, ...sites.map((one) => ({ lat: one.lat, lng: one.lng, label: one.address }))]
})
const spot = computed({
  get: () => {
    const known = [changing.value?.lat, changing.value?.lng].map((one) => String(one ?? ''))
    const [lat, lng] = known.map(Number)
    return known.every((one) => one.trim()) && Number.isFinite(lat) && Number.isFinite(lng)
      ? { lat: lat!, lng: lng! }
      : null
  },
  set: (place) => {
    if (changing.value && place) Object.assign(changing.value, place)
  },
})
const changeSite = () =>
  attempt(async () => {
    const { id, address, access, household, lat, lng } = changing.value!
    const degrees = (value: unknown) =>
      value === null || value === '' || value === undefined ? null : Number(value)
    customer.value = await unwrap(
      api.PUT('/api/sites/{id}', {
        params: { path: { id } },
        body: {
          address,
          access: access || undefined,
          household,
          lat: degrees(lat),
          lng: degrees(lng),
        },
      }),
    )
    changing.value = null
  })
const addHeater = (label: string, installation: Record<string, string>, query = '') =>
  attempt(async () => {
    const id = uuid()
    await write(
      '/api/sites/{id}/heaters',
      { id: addingHeaterAt.value! },
      { id, label, installation },
    )
    await router.push(`/heaters/${id}${query}`)
  })
/** The visit begins with no more than kind and size: what it is for is asked there. */
const beginVisit = (label: string, installation: Record<string, string>) =>
  addHeater(label, installation, '?begin')
/** For a visit where there is no signal. */
const heaters = computed(() =>
  (customer.value?.sites ?? []).flatMap((site) => site.heaters.map((heater) => heater.id)),
)
const along = computed(() => heaters.value.every((id) => pocket.heaters.includes(id)))
const take = () => getReady(heaters.value)
</script>

<template>
  <div v-if="customer" class="page stack">
    <div class="row between">
      <div>
        <h1>{{ customer.name }}</h1>
        <p class="soft number">
          <a v-if="customer.phone" :href="`tel:${customer.phone}`">{{ customer.phone }}</a><template
            v-if="customer.phone && customer.email"
          >
            · </template
          ><a v-if="customer.email" :href="`mailto:${customer.email}`">{{ customer.email }}</a>
        </p>
        <p v-if="customer.note" class="small">{{ customer.note }}</p>
      </div>
      <div class="row">
        <a class="plain-button" :href="`/api/customers/${customer.id}/customer.vcf`" download>{{
          $t('customers.card')
        }}</a>
        <el-button
          v-if="heaters.length"
          :disabled="along"
          :loading="pocket.getting"
          @click="take"
          >{{ $t(along ? 'ready.taken' : 'ready.take') }}</el-button
        >
        <el-button v-if="may('personal_data')" @click="erasing = true">{{
          $t('erase.open')
        }}</el-button>
        <el-button @click="changeDetails">{{ $t('customers.change') }}</el-button>
        <el-button @click="newSite">{{ $t('customers.addSite') }}</el-button>
      </div>
    </div>
    <el-dialog append-to-body v-model="erasing" :title="$t('erase.title')" width="min(560px, 94vw)">
      <div class="stack">
        <p>{{ $t('erase.lead') }}</p>
        <p v-if="error" class="error" role="alert">{{ error }}</p>
        <template v-if="erased">
          <p role="status">
            <b>{{ $t('erase.done') }}</b>
          </p>
          <p v-if="erased.kept" class="small">{{ $t('erase.kept', { what: erased.kept }) }}</p>
        </template>
        <div v-else class="row">
          <a
            class="plain-button"
            :href="`/api/customers/${customer.id}/export.json`"
            @click.prevent="download(`/api/customers/${customer.id}/export.json`)"
            >{{ $t('erase.export') }}</a
          >
          <el-button type="danger" @click="erase">{{ $t('erase.go') }}</el-button>
        </div>
      </div>
    </el-dialog>
    <p v-if="!customer.sites.length" class="panel">{{ $t('customers.noSites') }}</p>
    <section v-for="one in customer.sites" :key="one.id" class="panel stack">
      <div class="row between">
        <div>
          <h2>{{ one.address }}</h2>
          <p v-if="one.access" class="soft small">{{ one.access }}</p>
          <p v-if="one.household === 'at_risk'" class="small">
            <b>{{ $t('site.at_risk') }}</b>
          </p>
        </div>
        <div class="row">
          <RouterLink :to="{ path: '/settings', query: { site: one.id } }" class="plain-button">{{
            $t('settings.siteRules')
          }}</RouterLink>
          <el-button @click="changing = { ...one }">{{ $t('site.change') }}</el-button>
          <el-button type="primary" @click="addingHeaterAt = one.id">{{
            $t('customers.addHeater')
          }}</el-button>
        </div>
      </div>
      <p v-if="!one.heaters.length">{{ $t('customers.noHeaters') }}</p>
      <RouterLink
        v-for="heater in one.heaters"
        :key="heater.id"
        class="heater"
        :to="`/heaters/${heater.id}`"
      >
        <b>{{ heater.label }}</b><span>{{ $t(`kind.${heater.kind}`) }}, {{ heater.capacity }}</span
        ><span class="soft">{{ heater.maker }} {{ heater.model }}</span
        ><span v-if="heater.ended" class="soft">{{ $t(`gone.${heater.ended.how}`) }}</span>
      </RouterLink>
    </section>
    <el-dialog
      append-to-body
      :model-value="!!details"
      :title="$t('customers.change')"
      width="min(480px, 94vw)"
      @close="details = null"
    >
      <form v-if="details" class="stack" @submit.prevent="keepDetails">
        <label>{{ $t('customers.name') }}<el-input v-model="details.name" name="name" /></label>
        <label
          >{{ $t('customers.phone') }}<el-input v-model="details.phone" name="phone" type="tel"
        /></label>
        <label
          >{{ $t('customers.email') }}<el-input v-model="details.email" name="email" type="email"
        /></label>
        <label
          >{{ $t('customers.note') }}<el-input v-model="details.note" name="note" type="textarea"
        /></label>
        <label class="stack"
          >{{ $t('customers.language')
          }}<select v-model="details.language" class="native" name="language">
            <option v-for="one in customer.languages" :key="one.id" :value="one.id" :lang="one.id">
              {{ one.name }}
            </option>
          </select></label
        >
        <label
          ><input v-model="details.reminders" type="checkbox" name="reminders" />
          {{ $t('reminders.want') }}</label
        >
        <p v-if="error" role="alert" class="error">{{ error }}</p>
        <div class="row between">
          <el-button type="primary" native-type="submit" :disabled="!details.name.trim()">{{
            $t('customers.keep')
          }}</el-button>
          <el-button @click="twice">{{ $t('move.twice') }}</el-button>
        </div>
      </form>
    </el-dialog>
    <el-dialog
      append-to-body
      v-model="addingSite"
      :title="$t('customers.addSite')"
      width="min(480px, 94vw)"
    >
      <form class="stack" @submit.prevent="addSite">
        <label
          >{{ $t('customers.address') }}<el-input v-model="site.address" name="address" autofocus
        /></label>
        <label
          >{{ $t('customers.access')
          }}<el-input v-model="site.access" type="textarea" name="access"
        /></label>
        <label
          >{{ $t('customers.rulebook')
          }}<el-select v-model="site.code_profile" :aria-label="$t('customers.rulebook')"
            ><el-option
              v-for="book in books"
              :key="book.id"
              :value="book.id"
              :label="book.title" /></el-select
        ></label>
        <p v-if="error" role="alert" class="error">{{ error }}</p>
        <el-button type="primary" native-type="submit">{{ $t('customers.keep') }}</el-button>
      </form>
    </el-dialog>
    <el-dialog
      append-to-body
      :model-value="!!changing"
      :title="$t('site.change')"
      width="min(480px, 94vw)"
      @close="changing = null"
    >
      <form v-if="changing" class="stack" @submit.prevent="changeSite">
        <label
          >{{ $t('customers.address') }}<el-input v-model="changing.address" name="address"
        /></label>
        <label
          >{{ $t('customers.access')
          }}<el-input v-model="changing.access" type="textarea" name="access"
        /></label>
        <label
          >{{ $t('site.household')
          }}<el-select v-model="changing.household" :aria-label="$t('site.household')"
            ><el-option
              v-for="word in ['usual', 'at_risk']"
              :key="word"
              :value="word"
              :label="$t(`site.${word}`)" /></el-select
        ></label>
        <p class="soft small">{{ $t('site.place') }}</p>
        <div class="row">
          <label
            >{{ $t('site.lat')
            }}<el-input v-model="changing.lat" name="lat" inputmode="decimal" /></label
          ><label
            >{{ $t('site.lng') }}<el-input v-model="changing.lng" name="lng" inputmode="decimal"
          /></label>
        </div>
        <p>
          <WhereIStand
            @found="
              (lat, lng) =>
                changing && Object.assign(changing, { lat: String(lat), lng: String(lng) })
            "
          />
        </p>
        <PointMap v-if="points.length" v-model="spot" :points="points" settable />
        <p v-if="error" role="alert" class="error">{{ error }}</p>
        <div class="row between">
          <el-button type="primary" native-type="submit">{{ $t('customers.keep') }}</el-button>
          <el-button @click="belongs(changing.id)">{{ $t('move.site') }}</el-button>
        </div>
      </form>
    </el-dialog>
    <UndoList v-if="may('records')" ref="undoable" :kinds="['merge', 'move']" @undone="undone" />
    <EnteredTwice
      v-if="elsewhere !== null"
      :customer="customer"
      :site="elsewhere || undefined"
      @close="elsewhere = null"
      @changed="rearranged"
    />
    <el-dialog
      append-to-body
      :model-value="!!addingHeaterAt"
      :title="$t('customers.addHeater')"
      width="min(860px, 96vw)"
      top="4vh"
      @close="addingHeaterAt = null"
    >
      <HeaterForm
        v-if="addingHeaterAt"
        :units="unitsAt(addingHeaterAt)"
        :error="error"
        :field="field"
        fresh
        @keep="(label, installation) => addHeater(label, installation)"
        @begin="beginVisit"
      />
    </el-dialog>
  </div>
</template>

<style scoped>
.heater {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 10px;
  padding: 12px;
  border: 1px solid var(--line);
  border-radius: 8px;
  color: var(--ink);
  text-decoration: none;
  min-height: var(--touch);
}
.heater:hover {
  border-color: var(--copper);
}
@media (max-width: 700px) {
  .heater {
    grid-template-columns: 1fr;
    gap: 0;
  }
}
</style>
