<script setup lang="ts">
// What a new part must be, whether the one in the hand is, and which of the firm's list are:
// criterion by criterion. Works without a signal, but for the list, which stays at the office.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { useRequest } from '@/composables/useRequest'
import PartCriteria from './PartCriteria.vue'

const props = defineProps<{ visit: string; kind: string; open?: boolean }>()
const found = ref<Schemas['PartMatches'] | null>(null)
/** What is read off the part in the hand, as typed. */
const held = ref<Record<string, string>>({})
const { error, field, run } = useRequest()
async function look() {
  const query = Object.fromEntries(
    Object.entries(held.value)
      .filter(([, typed]) => typed.trim())
      .map(([name, typed]) => [`held_${name}`, typed]),
  )
  await run(async () => {
    found.value = await unwrap(
      api.GET('/api/visits/{id}/parts/{kind}', {
        params: { path: { id: props.visit, kind: props.kind }, query },
      }),
    )
  })
}
async function answer(name: string, value: string) {
  await run(async () => {
    await unwrap(
      api.POST('/api/visits/{id}/decisions', {
        params: { path: { id: props.visit } },
        body: { id: crypto.randomUUID(), name, value },
      }),
    )
    await look()
  })
}
onMounted(() => props.open && look())
const said = (fits: boolean | null) =>
  fits === true ? 'parts.fits' : fits === false ? 'parts.fitsNot' : 'parts.open'
</script>

<template>
  <section class="parts">
    <button v-if="!found" type="button" class="plain-button" @click="look">
      {{ $t('parts.which') }}
    </button>
    <p v-if="error && !found" class="error" role="alert">{{ error }}</p>
    <template v-if="found">
      <b>{{ $t('parts.title', { what: found.title }) }}</b>
      <p v-if="found.claim_first" class="claim">{{ found.claim_first }}</p>
      <fieldset v-if="found.asks" class="asks">
        <legend>{{ found.asks.ask }}</legend>
        <button
          v-for="one in found.asks.answers"
          :key="one"
          type="button"
          class="plain-button"
          :aria-pressed="found.asks.chosen === one"
          @click="answer(found.asks!.name, one)"
        >
          {{ one }}
        </button>
      </fieldset>
      <dl class="card">
        <div v-for="one in found.card" :key="one.name">
          <dt>{{ one.name }}</dt>
          <dd>
            <b v-if="one.wanted" class="number">{{ one.wanted }}</b>
            <span v-else class="soft">{{ $t('parts.notOnRecord') }}: </span>
            <span class="soft small">{{ one.rule }}</span>
          </dd>
        </div>
      </dl>
      <form class="held" @submit.prevent="look">
        <b>{{ $t('parts.inHand') }}</b>
        <div class="fields">
          <label v-for="one in found.fields" :key="one.name" class="small"
            >{{ one.text }}<template v-if="one.unit">, {{ one.unit }}</template>
            <input
              v-model="held[one.name]"
              class="native"
              :name="`held-${one.name}`"
              :inputmode="one.unit ? 'decimal' : 'text'"
              :aria-invalid="!!error && field === one.name"
              autocomplete="off"
              @change="look"
            />
          </label>
        </div>
        <p v-if="error" class="error" role="alert">{{ error }}</p>
        <template v-if="found.held">
          <p class="verdict" role="status">
            <b
              class="fit"
              :class="{ yes: found.held.fits === true, no: found.held.fits === false }"
              >{{ $t(said(found.held.fits)) }}</b
            >
          </p>
          <PartCriteria :criteria="found.held.criteria.filter((one) => one.offered)" />
        </template>
      </form>
      <details v-for="(match, index) in found.matches" :key="match.name" :open="index === 0">
        <summary>
          <b>{{ match.name }}</b> <span class="soft number">{{ match.price }}</span>
          <span class="fit" :class="{ yes: match.fits === true, no: match.fits === false }">{{
            $t(said(match.fits))
          }}</span>
        </summary>
        <PartCriteria :criteria="match.criteria" />
      </details>
    </template>
  </section>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 8px;
}
summary {
  min-height: var(--touch);
  display: flex;
  gap: 10px;
  align-items: center;
  cursor: pointer;
}
.fit {
  margin-left: auto;
  font-size: 0.86rem;
  border: 1px solid var(--line);
  border-radius: 20px;
  padding: 2px 10px;
}
.fit.yes {
  border-color: var(--sound);
  color: var(--sound);
}
.fit.no {
  border-color: var(--danger);
  color: var(--danger);
}
.card {
  margin: 0;
  border: 2px solid var(--copper);
  border-radius: 8px;
  padding: 4px 12px;
}
.card div {
  display: grid;
  grid-template-columns: minmax(7rem, 1fr) 2fr;
  gap: 8px;
  padding: 6px 0;
}
.card div + div {
  border-top: 1px solid var(--line);
}
.card dd {
  margin: 0;
}
.card b {
  font-size: 1.15rem;
  margin-right: 8px;
}
.held {
  display: grid;
  gap: 6px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr));
  gap: 8px;
}
.fields label {
  display: grid;
  gap: 2px;
}
.fields input {
  min-height: var(--touch);
  min-width: 0;
}
.verdict {
  margin: 0;
}
.verdict .fit {
  margin: 0;
  font-size: 1rem;
}
.asks {
  border: 1px solid var(--line);
  border-radius: 8px;
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  padding: 4px 10px 10px;
}
.asks [aria-pressed='true'] {
  border-color: var(--copper);
  font-weight: 700;
}
.claim {
  background: var(--watch-soft);
  color: var(--watch);
  padding: 8px 10px;
  border-radius: 8px;
}
</style>
