<script setup lang="ts">
// Timers of what runs by itself: they end by the server's clock, on every device, whatever
// happened to the page meanwhile; each sounds once at its end, and says what can be done until
// then.
import { onBeforeUnmount, onMounted, ref } from 'vue'
import { alarm, askToTell, quiet, setQuiet, telling } from '@/composables/useAlarm'
import { useAwake } from '@/composables/useAwake'
import { clockOffset } from '@/pocket/clock'
import type { PlannedStep, Visit } from '@/api/client'
import { stopwatch, timeOfDay as at } from '@/format'

const props = defineProps<{ waits: Visit['running']; meanwhile: PlannedStep | null }>()
const emit = defineEmits<{ over: [operation: string]; end: []; go: [operation: string] }>()
useAwake()
/** By the server's clock: this device's may be wrong. */
const serverNow = () => Date.now() + clockOffset() * 1000
const now = ref(serverNow())
const rung = new Set<string>()
let timer = 0
function tick() {
  now.value = serverNow()
  for (const wait of props.waits) {
    const name = wait.operation + wait.ends_at
    if (rung.has(name) || new Date(wait.ends_at).getTime() > now.value) continue
    rung.add(name)
    alarm(wait.label)
    window.setTimeout(() => emit('end'), 700)
  }
}
onMounted(() => (timer = window.setInterval(tick, 500)))
onBeforeUnmount(() => clearInterval(timer))
const left = (ends: string) => (new Date(ends).getTime() - now.value) / 1000
const gone = (start: string) => (now.value - new Date(start).getTime()) / 1000
const reckoned = (wait: Visit['running'][number]) =>
  (new Date(wait.ends_at).getTime() - new Date(wait.started_at).getTime()) / 1000
</script>

<template>
  <section class="waits" :aria-label="$t('visit.timers')">
    <div v-for="wait in waits" :key="wait.operation" class="wait">
      <span class="clock" role="timer">{{ stopwatch(left(wait.ends_at)) }}</span>
      <span
        ><b>{{ wait.label }}</b
        ><br /><span class="soft small">{{
          $t('visit.reckoned', {
            of: stopwatch(reckoned(wait)),
            gone: stopwatch(gone(wait.started_at)),
            at: at(wait.ends_at),
          })
        }}</span></span
      >
      <button type="button" class="plain-button" @click="emit('over', wait.operation)">
        {{ $t('visit.over') }}
      </button>
      <span class="bar" aria-hidden="true"
        ><i :style="{ width: `${Math.min(100, (gone(wait.started_at) / reckoned(wait)) * 100)}%` }"
      /></span>
    </div>
    <p class="row between small">
      <button
        v-if="meanwhile"
        type="button"
        class="meanwhile"
        @click="emit('go', meanwhile.operation)"
      >
        {{ $t('visit.meanwhile', { what: meanwhile.title }) }}
      </button>
      <span v-else class="soft">{{ $t('visit.onlyWait') }}</span>
      <label class="soft"
        ><input type="checkbox" :checked="!quiet" @change="setQuiet(quiet ? false : true)" />
        {{ $t('visit.ring') }}</label
      >
      <button v-if="telling === 'default'" type="button" class="meanwhile" @click="askToTell">
        {{ $t('visit.tell') }}
      </button>
    </p>
  </section>
</template>

<style scoped>
.waits {
  margin-bottom: 10px;
  display: grid;
  gap: 6px;
  background: var(--raised);
  border: 1px dashed var(--ink-soft);
  border-radius: var(--radius);
  padding: 8px 14px;
}
.wait {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 4px 14px;
  align-items: center;
}
.clock {
  font-size: 1.6rem;
  font-weight: 700;
  min-width: 3.2em;
  font-variant-numeric: tabular-nums;
}
.bar {
  grid-column: 1 / -1;
  height: 5px;
  background: var(--sunk);
  border-radius: 3px;
  overflow: hidden;
}
.bar i {
  display: block;
  height: 100%;
  background: var(--copper);
}
.meanwhile {
  border: 0;
  background: none;
  padding: 0;
  min-height: var(--touch);
  text-align: left;
  text-decoration: underline;
  cursor: pointer;
  color: var(--copper);
}
input {
  width: 20px;
  height: 20px;
  vertical-align: -4px;
  accent-color: var(--copper);
}
label {
  min-height: var(--touch);
  display: inline-flex;
  align-items: center;
  gap: 6px;
}
</style>
