<script setup lang="ts">
// Who works here: invited by a link that is handed over, given another role, closed and opened.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { session } from '@/api/session'
import PersonLeaves from './PersonLeaves.vue'
import { useRequest } from '@/composables/useRequest'

type Person = Schemas['Staff'][number]
const emit = defineEmits<{ changed: [] }>()
const ROLES = ['plumber', 'office', 'inspector', 'owner'] as const
const staff = ref<Person[]>([])
const fresh = ref<{ name: string; email: string; role: Person['role'] } | null>(null)
/** The link that was made last, told once. */
const link = ref<{ name: string; email: string; address: string; mailed: boolean } | null>(null)
const { error, busy, run } = useRequest()
const load = async () => {
  staff.value = await unwrap(api.GET('/api/people'))
}
onMounted(() => run(load))
const told = (person: { name: string; email: string }, made: Schemas['JoinLink']) => {
  const address = `${location.origin}/join/${made.token}`
  link.value = { name: person.name, email: person.email, address, mailed: made.mailed }
}
const invite = () =>
  run(async () => {
    const body = fresh.value! as Schemas['NewPerson']
    told(body, await unwrap(api.POST('/api/people', { body })))
    fresh.value = null
    await load()
    emit('changed')
  })
const path = (person: Person) => ({ params: { path: { account: person.id } } })
const renew = (person: Person) =>
  run(async () => {
    told(person, await unwrap(api.POST('/api/people/{account}/link', path(person))))
    await load()
  })
const become = (person: Person, role: string) =>
  run(async () => {
    const body = { role: role as Schemas['NewPerson']['role'] }
    staff.value = await unwrap(api.PUT('/api/people/{account}', { ...path(person), body }))
    emit('changed')
  }).finally(() => void run(load))
/** Whoever is to go for good, or for a while, with what they still have. */
const leaving = ref<{ person: Person; how: 'close' | 'pause' } | null>(null)
const leave = (person: Person, how: 'close' | 'pause') => {
  leaving.value = { person, how }
}
const gone = () =>
  run(async () => {
    const { person, how } = leaving.value!
    staff.value = await unwrap(api.POST(`/api/people/{account}/${how}`, path(person)))
    leaving.value = null
  })
const reopen = (person: Person) =>
  run(async () => {
    staff.value = await unwrap(api.POST('/api/people/{account}/open', path(person)))
  })
const copy = () => navigator.clipboard?.writeText(link.value!.address)
</script>

<template>
  <section id="staff" class="panel stack">
    <h2>{{ $t('staff.title') }}</h2>
    <p class="soft">{{ $t('staff.lead') }}</p>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <div v-if="link" class="link stack" role="status">
      <b>{{ $t('staff.link', { name: link.name }) }}</b>
      <p v-if="link.mailed">{{ $t('staff.mailed', { email: link.email }) }}</p>
      <input class="native" readonly :value="link.address" :aria-label="$t('staff.address')" />
      <div class="row">
        <el-button @click="copy">{{ $t('staff.copy') }}</el-button>
        <a
          class="plain-button"
          :href="`mailto:${link.email}?subject=Munimen&body=${encodeURIComponent(link.address)}`"
          >{{ $t('staff.mail') }}</a
        >
      </div>
    </div>
    <div v-for="person in staff" :key="person.id" class="person">
      <span
        ><b>{{ person.name }}</b
        ><br /><span class="soft small">{{ person.email }}</span></span
      >
      <select
        class="native"
        :value="person.role"
        :aria-label="$t('staff.role', { name: person.name })"
        @change="become(person, ($event.target as HTMLSelectElement).value)"
      >
        <option v-for="role in ROLES" :key="role" :value="role">{{ $t(`role.${role}`) }}</option>
      </select>
      <span class="small" :class="{ soft: person.state === 'open' }">{{
        $t(`staff.state.${person.state}`)
      }}</span>
      <span class="row">
        <button type="button" class="plain-button" @click="renew(person)">
          {{ $t('staff.renew') }}
        </button>
        <button
          v-if="person.state === 'open' && person.id !== session.person?.id"
          type="button"
          class="plain-button"
          @click="leave(person, 'pause')"
        >
          {{ $t('staff.pause') }}
        </button>
        <button
          v-if="person.state !== 'closed' && person.id !== session.person?.id"
          type="button"
          class="plain-button"
          @click="leave(person, 'close')"
        >
          {{ $t('staff.close') }}
        </button>
        <button
          v-if="person.state === 'closed' || person.state === 'paused'"
          type="button"
          class="plain-button"
          @click="reopen(person)"
        >
          {{ $t('staff.open') }}
        </button>
      </span>
    </div>
    <PersonLeaves
      v-if="leaving"
      :person="leaving.person"
      :how="leaving.how"
      :busy="busy"
      :error="error"
      @gone="gone"
      @close="leaving = null"
    />
    <form v-if="fresh" class="stack narrow" @submit.prevent="invite">
      <label class="stack"
        >{{ $t('staff.name') }}<el-input v-model="fresh.name" name="staff-name" required autofocus
      /></label>
      <label class="stack"
        >{{ $t('signIn.email')
        }}<el-input v-model="fresh.email" name="staff-email" type="email" required
      /></label>
      <label class="stack"
        >{{ $t('staff.does')
        }}<select v-model="fresh.role" class="native" name="staff-role">
          <option v-for="role in ROLES" :key="role" :value="role">{{ $t(`role.${role}`) }}</option>
        </select></label
      >
      <div class="row">
        <el-button type="primary" native-type="submit" :loading="busy">{{
          $t('staff.invite')
        }}</el-button>
        <el-button @click="fresh = null">{{ $t('staff.not') }}</el-button>
      </div>
    </form>
    <el-button v-else class="narrow" @click="fresh = { name: '', email: '', role: 'plumber' }">{{
      $t('staff.more')
    }}</el-button>
  </section>
</template>

<style scoped>
.narrow {
  max-width: 420px;
}
.person {
  display: grid;
  grid-template-columns: minmax(150px, 1fr) 130px 110px minmax(0, 290px);
  gap: 6px 12px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
.link {
  padding: 12px;
  border-radius: 8px;
  background: var(--copper-soft);
}
@media (max-width: 720px) {
  .person {
    grid-template-columns: 1fr 1fr;
  }
  .person > :first-child,
  .person > :last-child {
    grid-column: 1 / -1;
  }
}
</style>
