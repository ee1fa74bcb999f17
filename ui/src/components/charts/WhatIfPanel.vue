<script setup lang="ts">
// One protection after another taken away, on a simulated heater of these parts.
import { computed, defineAsyncComponent, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import WhatIfLadder from './WhatIfLadder.vue'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ heater: string }>()
const PlotChart = defineAsyncComponent(() => import('./PlotChart.vue'))
const found = ref<Schemas['WhatIf'] | null>(null)
const kind = ref<'pressure' | 'temperature'>('pressure')
const { error, busy, run } = useRequest()
const tiers = computed(() => found.value?.[kind.value] ?? null)
async function play() {
  await run(async () => {
    found.value = await unwrap(
      api.GET('/api/heaters/{id}/what-if', { params: { path: { id: props.heater } } }),
    )
  })
}
</script>

<template>
  <section class="panel stack">
    <div class="row between">
      <h2>{{ $t('whatIf.title') }}</h2>
      <button v-if="!found" type="button" class="plain-button" :disabled="busy" @click="play">
        {{ $t('whatIf.play') }}
      </button>
      <div v-else class="row" role="radiogroup" :aria-label="$t('whatIf.title')">
        <button
          v-for="one in ['pressure', 'temperature'] as const"
          :key="one"
          type="button"
          role="radio"
          class="plain-button"
          :aria-checked="kind === one"
          @click="kind = one"
        >
          {{ $t(`whatIf.${one}`) }}
        </button>
      </div>
    </div>
    <p v-if="error" role="alert">{{ error }}</p>
    <p v-if="!found" class="soft">{{ $t('whatIf.lead') }}</p>
    <template v-if="tiers">
      <PlotChart :picture="tiers.picture" :label="$t('whatIf.title')" />
      <WhatIfLadder :picture="tiers.picture" :stages="tiers.stages" />
      <ol class="stages">
        <li v-for="(stage, index) in tiers.stages" :key="stage.title">
          <b>{{ index + 1 }}. {{ stage.title }}:</b> {{ $t('whatIf.peak', { peak: stage.peak }) }}
          <b :class="{ acts: stage.acts }">{{ stage.text }}</b>
        </li>
      </ol>
      <p class="soft small">
        {{ found?.mains ? $t('whatIf.mains', { mains: found.mains }) : $t('whatIf.taken') }}
      </p>
    </template>
  </section>
</template>

<style scoped>
.stages li {
  padding: 5px 0;
  border-bottom: 1px solid var(--line);
}
.acts {
  color: var(--copper);
}
</style>
