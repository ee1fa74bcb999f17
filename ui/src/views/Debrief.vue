<script setup lang="ts">
// What there was to learn: the cause, one's own way beside the shortest, and what one was stopped
// from.
import { onMounted, ref } from 'vue'
import { type Schemas } from '@/api/client'
import { training } from '@/api/training'
import { minutes } from '@/format'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ id: string }>()
const debrief = ref<Schemas['Debrief'] | null>(null)
const { error, run } = useRequest()
onMounted(async () => {
  await run(async () => {
    debrief.value = await training.debrief(props.id)
  })
})
const spent = (list: { minutes: number }[]) => list.reduce((sum, one) => sum + one.minutes, 0)
const share = (part: number, whole: number) => `${Math.round((100 * part) / Math.max(1, whole))}%`
</script>

<template>
  <div class="page stack">
    <div class="row between">
      <h1>{{ $t('training.debrief') }}</h1>
      <RouterLink to="/training">{{ $t('training.again') }}</RouterLink>
    </div>
    <p v-if="error" role="alert">{{ error }}</p>
    <template v-if="debrief">
      <section class="panel head" :class="{ found: debrief.found }">
        <p class="soft">{{ debrief.title }} · {{ debrief.complaint }}</p>
        <p class="verdict">
          <span v-if="debrief.proved" aria-hidden="true">★</span>
          {{
            $t(
              debrief.proved
                ? 'training.proved'
                : debrief.found
                  ? 'training.found'
                  : 'training.notFound',
            )
          }}.
          {{ $t('training.it', { cause: debrief.cause }) }}
        </p>
        <p v-if="debrief.found && !debrief.proved" class="soft">{{ $t('training.notProved') }}</p>
        <p v-if="debrief.because">{{ debrief.because }}</p>
        <p v-if="debrief.besides.length">
          <b>{{ $t('training.besides') }}</b> {{ debrief.besides.join(', ') }}
        </p>
        <ul class="figures">
          <li>{{ $t('training.took', { n: minutes(debrief.seconds) }) }}</li>
          <li>{{ $t('training.water') }} {{ debrief.water }}</li>
          <li>{{ $t('training.tests') }} {{ debrief.tests }}</li>
          <li :class="{ bad: debrief.unsafe }">{{ $t('training.unsafe') }} {{ debrief.unsafe }}</li>
          <li :class="{ bad: debrief.wrong.length }">
            {{ $t('training.wrong') }} {{ debrief.wrong.length
            }}<template v-if="debrief.wrong.length">: {{ debrief.wrong.join(', ') }}</template>
          </li>
        </ul>
      </section>
      <div class="two">
        <section class="panel stack">
          <h2>
            {{ $t('training.yours') }}
            <span class="soft small number">{{
              $t('training.minutes', { n: spent(debrief.taken) })
            }}</span>
          </h2>
          <p v-if="!debrief.taken.length" class="soft">{{ $t('training.none') }}</p>
          <ol>
            <li v-for="(one, index) in debrief.taken" :key="index">
              <p>
                <b>{{ one.ask }}</b> – {{ one.text }}
                <span class="soft small number">{{ one.minutes }} min</span>
              </p>
              <p
                class="bar"
                role="img"
                :aria-label="
                  $t('training.leaves', { before: one.before ?? 0, after: one.after ?? 0 })
                "
              >
                <i
                  :style="{ width: share(one.before ?? 0, debrief.taken[0]?.before ?? 1) }"
                  class="was"
                /><i
                  :style="{ width: share(one.after ?? 0, debrief.taken[0]?.before ?? 1) }"
                  class="now"
                />
              </p>
              <p class="small soft">
                {{ $t('training.leaves', { before: one.before ?? 0, after: one.after ?? 0 }) }} ·
                {{ $t('training.could') }}:
                {{ (one.could ?? []).map((each) => `${each.text} (${each.left})`).join(', ') }}
              </p>
            </li>
          </ol>
        </section>
        <section class="panel stack">
          <h2>
            {{ $t('training.shortest') }}
            <span class="soft small number">{{
              $t('training.minutes', { n: debrief.shortest.minutes })
            }}</span>
          </h2>
          <ol>
            <li v-for="one in debrief.shortest.tests" :key="one.ask">
              <p>
                <b>{{ one.ask }}</b> – {{ one.text }}
                <span class="soft small number">{{ one.minutes }} min</span>
              </p>
              <p v-if="one.first?.length" class="small soft">
                {{ $t('training.first') }}: {{ one.first.join('; ') }}
              </p>
            </li>
          </ol>
        </section>
      </div>
      <section class="panel stack">
        <h2>{{ $t('training.tries') }}</h2>
        <p v-if="!debrief.tries.length" class="soft">{{ $t('training.noTries') }}</p>
        <ul class="tries">
          <li v-for="(one, index) in debrief.tries" :key="index">
            <b>{{ one.title }}</b> <span class="soft small">{{ one.needs.join(', ') }}</span>
            <p>{{ one.text }}</p>
          </li>
        </ul>
      </section>
    </template>
  </div>
</template>

<style scoped>
.head {
  border-left: 6px solid var(--defect);
  display: grid;
  gap: 6px;
}
.head.found {
  border-left-color: var(--sound);
}
.verdict {
  font-size: 1.3rem;
  font-weight: 700;
}
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
}
.bad {
  color: var(--danger);
  font-weight: 700;
}
.two {
  display: grid;
  grid-template-columns: 3fr 2fr;
  gap: 14px;
  align-items: start;
}
ol {
  padding-left: 22px;
}
ol li {
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
.bar {
  position: relative;
  height: 8px;
  background: var(--sunk);
  border-radius: 4px;
  margin: 4px 0;
}
.bar i {
  position: absolute;
  left: 0;
  top: 0;
  bottom: 0;
  border-radius: 4px;
}
.was {
  background: var(--line);
}
.now {
  background: var(--copper);
}
.tries li {
  border-left: 5px solid var(--danger);
  background: var(--danger-soft);
  padding: 8px 12px;
  border-radius: 6px;
  margin-bottom: 8px;
}
@media (max-width: 800px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
