<script setup lang="ts">
// What a new firm does before its first visit: left and taken up again, until all of it is done.
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, unwrap, type Schemas } from '@/api/client'
import { may } from '@/api/session'

type Step = Schemas['FirstSteps'][number]
const PLACES: Record<Step['id'], string> = {
  firm: '/settings/firm',
  logo: '/settings/firm#logo',
  day: '/settings/firm#day',
  rules: '/settings/rules',
  people: '/settings/people',
  qualifications: '/settings/people',
  mail: '/settings/mail',
  customers: '/settings/data#tables',
  backup: '/settings/data#place',
}
const route = useRoute()
const steps = ref<Step[]>([])
const open = computed(() => steps.value.filter((step) => !step.done && !step.left_out))
const load = async () => {
  if (may('house_rules')) steps.value = await unwrap(api.GET('/api/settings/first-steps'))
}
onMounted(() => load().catch(() => undefined))
watch(
  () => route.fullPath,
  () => load().catch(() => undefined),
)
async function leaveOut(step: Step) {
  const params = { path: { step: step.id } }
  const body = { left_out: true }
  steps.value = await unwrap(api.PUT('/api/settings/first-steps/{step}', { params, body }))
}
defineExpose({ load })
</script>

<template>
  <section v-if="open.length" class="panel stack" :aria-label="$t('firstSteps.title')">
    <div class="row between">
      <h2>{{ $t('firstSteps.title') }}</h2>
      <span class="soft small">{{
        $t('firstSteps.done', { n: steps.length - open.length, all: steps.length })
      }}</span>
    </div>
    <ul>
      <li v-for="step in open" :key="step.id" class="row between">
        <span
          ><RouterLink :to="PLACES[step.id]">{{ $t(`firstSteps.${step.id}`) }}</RouterLink>
          <span class="soft small">{{ $t(`firstSteps.why.${step.id}`) }}</span></span
        >
        <button type="button" class="plain-button small" @click="leaveOut(step)">
          {{ $t('firstSteps.leaveOut') }}
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  border-top: 1px solid var(--line);
  padding: 4px 0;
}
li > span {
  flex: 1 1 12rem;
  min-width: 0;
}
a {
  display: inline-flex;
  align-items: center;
  min-height: 32px;
  margin-right: 8px;
}
button {
  flex: none;
}
</style>
