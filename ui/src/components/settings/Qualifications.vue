<script setup lang="ts">
// People with what they are qualified for.
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { may } from '@/api/session'
import { isoDay, shortDate } from '@/format'

type Settings = Schemas['Settings']
type Person = Settings['people'][number]
defineProps<{ settings: Settings }>()
const emit = defineEmits<{ qualify: [person: Person, list: Schemas['Qualification'][]] }>()
const qualify = (person: Person, list: Schemas['Qualification'][]) => emit('qualify', person, list)
const adding = ref<{ id: number; trade: string; number: string; expires: string } | null>(null)
function add(person: Person) {
  const { trade, number, expires } = adding.value!
  qualify(person, [
    ...person.qualifications.filter((one) => one.trade !== trade),
    { trade, number, expires: expires || null },
  ])
  adding.value = null
}
const { t } = useI18n()
const gone = (day?: string | null) => !!day && day < isoDay(new Date())
const until = (day?: string | null) =>
  day ? t(gone(day) ? 'settings.expired' : 'settings.expires', { at: shortDate(day) }) : ''
</script>

<template>
  <section class="stack">
    <h2>{{ $t('settings.people') }}</h2>
    <div v-for="person in settings.people" :key="person.id" class="panel stack">
      <div class="row between">
        <b>{{ person.name }}</b><span class="soft small">{{ $t(`role.${person.role}`) }}</span>
      </div>
      <p v-if="!person.qualifications.length" class="soft small">{{ $t('settings.none') }}</p>
      <div v-for="one in person.qualifications" :key="one.trade" class="row between">
        <span
          >{{ $t(`trade.${one.trade}`) }}
          <span class="number soft small">{{ one.number }}</span></span
        ><span class="small"
          ><span :class="{ error: gone(one.expires) }">{{ until(one.expires) }}</span>
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
            :aria-label="$t('settings.ends')"
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
  </section>
</template>
