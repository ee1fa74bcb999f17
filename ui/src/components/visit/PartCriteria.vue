<script setup lang="ts">
// A part, criterion by criterion, with a picture of each amount against what is asked for.
import { type Schemas } from '@/api/client'
import { unfit } from './unfit'

defineProps<{ criteria: Schemas['Criterion'][] }>()
</script>

<template>
  <table>
    <tbody>
      <tr v-for="one in criteria" :key="one.name" :class="{ no: unfit(one) }">
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
              :d="one.fits === false ? 'M89 2 H56 V18 H89 Z' : 'M89 2 H38 V6 H46 V14 H38 V18 H89 Z'"
              class="wanted"
            />
          </svg>
        </td>
        <td class="small">
          <template v-if="one.fits === false && !unfit(one)">{{ $t('parts.better') }}: </template
          >{{ one.fits === null ? $t('parts.notKnown') : one.fits ? $t('parts.ok') : one.rule
          }}{{ ' ' }}<span class="soft">{{ one.wanted }}</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
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
</style>
