<script setup lang="ts">
// What the new part must be, and which of the catalogue are: criterion by criterion, with a
// picture of each amount against what is asked for.
import { ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ visit: string; kind: string }>()
const found = ref<Schemas['PartMatches'] | null>(null)
const { error, run } = useRequest()
/** What would only be better is no reason not to take it. */
const unfit = (one: Schemas['Criterion']) => one.fits === false && one.grade !== 'watch'
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
async function look() {
  await run(async () => {
    found.value = await unwrap(
      api.GET('/api/visits/{id}/parts/{kind}', {
        params: { path: { id: props.visit, kind: props.kind } },
      }),
    )
  })
}
</script>

<template>
  <section class="parts">
    <button v-if="!found" type="button" class="plain-button" @click="look">
      {{ $t('parts.which') }}
    </button>
    <p v-if="error" role="alert">{{ error }}</p>
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
      <details v-for="(match, index) in found.matches" :key="match.name" :open="index === 0">
        <summary>
          <b>{{ match.name }}</b> <span class="soft number">{{ match.price }}</span>
          <span class="fit" :class="{ yes: match.fits === true, no: match.fits === false }">{{
            $t(
              match.fits === true
                ? 'parts.fits'
                : match.fits === false
                  ? 'parts.fitsNot'
                  : 'parts.open',
            )
          }}</span>
        </summary>
        <table>
          <tbody>
            <tr v-for="one in match.criteria" :key="one.name" :class="{ no: unfit(one) }">
              <th scope="row">{{ one.name }}</th>
              <td class="number">{{ one.offered ?? '–' }}</td>
              <td>
                <svg
                  v-if="one.picture"
                  width="90"
                  height="20"
                  viewBox="0 0 90 20"
                  role="img"
                  :aria-label="`${one.offered} / ${one.wanted}`"
                >
                  <rect
                    x="1"
                    y="2"
                    :width="88 * one.picture.offered"
                    height="8"
                    class="offered"
                    :class="{ no: unfit(one) }"
                  />
                  <rect x="1" y="13" :width="88 * one.picture.wanted" height="4" class="wanted" />
                </svg>
                <svg
                  v-else-if="one.offered && one.wanted"
                  width="90"
                  height="20"
                  viewBox="0 0 90 20"
                  role="img"
                  :aria-label="`${one.offered} / ${one.wanted}`"
                >
                  <path
                    d="M1 2 H36 V7 H44 V13 H36 V18 H1 Z"
                    class="offered"
                    :class="{ no: unfit(one) }"
                  />
                  <path
                    :d="
                      one.fits === false
                        ? 'M89 2 H56 V18 H89 Z'
                        : 'M89 2 H38 V6 H46 V14 H38 V18 H89 Z'
                    "
                    class="wanted"
                  />
                </svg>
              </td>
              <td class="small">
                <template v-if="one.fits === false && !unfit(one)"
                  >{{ $t('parts.better') }}: </template
                >{{ one.fits === null ? $t('parts.notKnown') : one.fits ? $t('parts.ok') : one.rule
                }}{{ ' ' }}<span class="soft">{{ one.wanted }}</span>
              </td>
            </tr>
          </tbody>
        </table>
      </details>
    </template>
  </section>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 6px;
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
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
  font-weight: 400;
}
th,
td {
  padding: 4px 8px 4px 0;
  border-bottom: 1px solid var(--line);
  vertical-align: middle;
}
tr.no th,
tr.no td {
  color: var(--danger);
  font-weight: 700;
}
.offered {
  fill: var(--sound);
}
.offered.no {
  fill: var(--danger);
}
.wanted {
  fill: var(--ink-soft);
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
