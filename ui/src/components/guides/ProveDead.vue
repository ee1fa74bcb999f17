<script setup lang="ts">
// Prove, test, prove: the tester, every pair of every feed, the tester again. Zero on every pair
// is the reading.
import { computed, ref, watch } from 'vue'
import type { GuideProps } from './props'

const props = defineProps<GuideProps>()
const PAIRS = (props.step.guide_facts as { pairs: string[] }).pairs
const feeds = computed(() =>
  props.visit.state
    .filter((one) => one.name.startsWith('feed.'))
    .map((one) => one.text.replace(/ (off|proved dead|live)$/, '')),
)
const pairs = computed(() =>
  feeds.value.flatMap((feed) => PAIRS.map((pair) => ({ id: `${feed} ${pair}`, feed, pair }))),
)

const key = `munimen.pairs.${props.visit.id}`
const zero = ref<string[]>(JSON.parse(sessionStorage.getItem(key) ?? '[]') as string[])
watch(zero, (list) => sessionStorage.setItem(key, JSON.stringify(list)))
const is = (name: string) => props.visit.readings[name]?.choice
const proved = computed(() => is('tester_before') === 'works')
const measured = computed(() => is('dead_readings'))

async function found(id: string, volts: boolean) {
  if (volts) return void props.take('dead_readings', 'live')
  zero.value = [...new Set([...zero.value, id])]
  if (pairs.value.every((one) => zero.value.includes(one.id)))
    await props.take('dead_readings', 'zero')
}
</script>

<template>
  <ol class="three">
    <li :class="{ done: proved }"><slot name="field" read="tester_before" /></li>
    <li :class="{ done: measured === 'zero', off: !proved }">
      <b>{{ $t('guide.everyPair') }}</b>
      <table>
        <tbody>
          <tr v-for="one in pairs" :key="one.id">
            <th scope="row">
              <span class="soft small">{{ one.feed }}</span><br />{{ one.pair }}
            </th>
            <td>
              <button
                type="button"
                class="plain-button"
                :disabled="!proved"
                :aria-label="`${one.id}: 0 V`"
                :aria-pressed="measured === 'zero' || zero.includes(one.id)"
                @click="found(one.id, false)"
              >
                0 V
              </button>
              <button
                type="button"
                class="plain-button live"
                :disabled="!proved"
                :aria-label="`${one.id}: ${$t('guide.live')}`"
                @click="found(one.id, true)"
              >
                {{ $t('guide.live') }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="measured === 'live'" class="stop" role="alert">{{ $t('guide.somethingLive') }}</p>
    </li>
    <li :class="{ done: is('tester_after') === 'works', off: !measured }">
      <slot v-if="measured" name="field" read="tester_after" /><b v-else>{{
        $t('guide.testerAgain')
      }}</b>
    </li>
  </ol>
</template>

<style scoped>
.three {
  display: grid;
  gap: 10px;
  counter-reset: part;
}
.three > li {
  counter-increment: part;
  border-left: 4px solid var(--copper);
  padding: 4px 0 4px 12px;
}
.three > li.done {
  border-color: var(--sound);
}
.three > li.off {
  border-color: var(--line);
  opacity: 0.75;
}
table {
  width: 100%;
  border-collapse: collapse;
  margin-top: 6px;
}
th {
  text-align: left;
  font-weight: 400;
  padding: 4px 8px 4px 0;
}
td {
  text-align: right;
  white-space: nowrap;
}
td .plain-button {
  min-width: 62px;
  margin-left: 6px;
}
.live {
  color: var(--danger);
}
.stop {
  background: var(--danger-soft);
  color: var(--danger);
  padding: 8px 10px;
  border-radius: 8px;
  font-weight: 700;
  margin-top: 8px;
}
</style>
