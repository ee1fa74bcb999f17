<script setup lang="ts">
import type { Schemas } from '@/api/client'

defineProps<{ meaning: Schemas['Meaning'] }>()
</script>

<template>
  <section class="meaning">
    <h3>{{ $t('visit.meaning') }}</h3>
    <table>
      <thead>
        <tr>
          <th scope="col" />
          <th scope="col">{{ $t('visit.hotPressure') }}</th>
          <th scope="col">{{ $t('visit.thisDraw') }}</th>
          <th scope="col">{{ $t('visit.toRelief') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in meaning.cases" :key="one.name" :class="{ lifts: one.lifts }">
          <th scope="row">
            {{ $t(`visit.${one.name}`)
            }}<span v-if="one.charge" class="soft"> {{ one.charge }}</span>
          </th>
          <td class="number">{{ one.lifts ? $t('visit.lifts') : one.hot_pressure }}</td>
          <td class="number">{{ one.cycle_pressure }}</td>
          <td class="number">
            {{
              one.lifts
                ? one.minutes_to_relief
                  ? $t('visit.min', { n: one.minutes_to_relief })
                  : '?'
                : $t('visit.never')
            }}
          </td>
        </tr>
      </tbody>
    </table>
    <p v-for="sentence in meaning.text" :key="sentence" class="small">{{ sentence }}</p>
    <p class="soft small">{{ meaning.assumptions }}</p>
  </section>
</template>

<style scoped>
.meaning {
  display: grid;
  gap: 6px;
  border-top: 1px solid var(--line);
  margin-top: 8px;
  padding-top: 8px;
}
table {
  border-collapse: collapse;
  width: 100%;
  font-size: 0.84rem;
}
th,
td {
  text-align: left;
  padding: 4px 6px;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
}
thead th {
  font-weight: 400;
  color: var(--ink-soft);
}
.lifts td {
  color: var(--danger);
  font-weight: 700;
}
</style>
