<script setup lang="ts">
// The training rig: scenarios in rising difficulty, what is under way, and what came of the others.
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Schemas } from '@/api/client'
import { training } from '@/api/training'
import { minutes } from '@/format'
import { useRequest } from '@/composables/useRequest'

const router = useRouter()
const all = ref<Schemas['Training'] | null>(null)
const { error, run } = useRequest()
const seed = ref(String(1 + Math.floor(Math.random() * 9999)))
const own = ref('')
onMounted(async () => {
  await run(async () => {
    all.value = await training.all()
  })
})
async function start(body: { scenario?: string; seed?: number; own?: string }) {
  await run(async () => {
    const made = await training.start(body)
    await router.push(`/visits/${made.id}`)
  })
}
const levels = computed(() =>
  [1, 2, 3, 4, 5].map((level) => ({
    level,
    list: all.value?.scenarios.filter((one) => one.level === level) ?? [],
  })),
)
const solved = computed(
  () => new Set(all.value?.results.filter((one) => one.proved).map((one) => one.title)),
)
</script>

<template>
  <div class="page stack">
    <h1>{{ $t('training.title') }}</h1>
    <p class="soft lead">{{ $t('training.lead') }}</p>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <template v-if="all">
      <section v-if="all.running.length" class="panel row">
        <b>{{ $t('training.running') }}</b>
        <RouterLink
          v-for="one in all.running"
          :key="one.id"
          class="plain-button"
          :to="`/visits/${one.id}`"
          >{{ $t('training.goOn') }}: {{ one.title }}</RouterLink
        >
      </section>
      <section v-for="one in levels" :key="one.level" class="level">
        <h2>
          <span class="number">{{ one.level }}</span>
          <svg :width="one.level * 12" height="10" aria-hidden="true">
            <rect
              v-for="n in one.level"
              :key="n"
              :x="(n - 1) * 12"
              :y="8 - n * 1.4"
              width="9"
              :height="2 + n * 1.4"
            /></svg
          ><span class="sr">{{ $t('training.level', { n: one.level }) }}</span>
        </h2>
        <ul>
          <li v-for="scenario in one.list" :key="scenario.id">
            <button type="button" class="scenario" @click="start({ scenario: scenario.id })">
              <b
                >{{ scenario.title
                }}<span
                  v-if="solved.has(scenario.title)"
                  class="solved"
                  :title="$t('training.proved')"
                >
                  ★</span
                ></b
              ><span>{{ scenario.complaint }}</span
              ><span class="soft small">{{ $t(`kind.${scenario.kind}`) }}</span>
            </button>
          </li>
        </ul>
      </section>
      <div class="two">
        <form class="panel stack" @submit.prevent="start({ seed: Number(seed) || 1 })">
          <h2>{{ $t('training.chance') }}</h2>
          <label>{{ $t('training.seed') }} <el-input v-model="seed" inputmode="numeric" /></label>
          <el-button native-type="submit">{{ $t('training.start') }}</el-button>
        </form>
        <form class="panel stack" @submit.prevent="start({ own })">
          <h2>{{ $t('training.own') }}</h2>
          <el-input
            v-model="own"
            type="textarea"
            :rows="4"
            :placeholder="$t('training.ownHint')"
            :aria-label="$t('training.ownHint')"
          />
          <el-button native-type="submit" :disabled="!own.trim()">{{
            $t('training.start')
          }}</el-button>
        </form>
      </div>
      <section class="panel results">
        <h2>{{ $t('training.results') }}</h2>
        <p v-if="!all.results.length" class="soft">{{ $t('training.nobody') }}</p>
        <table v-else>
          <thead>
            <tr>
              <th>{{ $t('training.date') }}</th>
              <th>{{ $t('training.person') }}</th>
              <th>{{ $t('training.scenario') }}</th>
              <th>{{ $t('training.found') }}</th>
              <th class="r">min</th>
              <th class="r">{{ $t('training.tests') }}</th>
              <th class="r">{{ $t('training.unsafe') }}</th>
              <th class="r">{{ $t('training.wrong') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in all.results" :key="one.id">
              <td class="number">{{ one.at.slice(0, 10) }}</td>
              <td>{{ one.person }}</td>
              <td>
                <RouterLink :to="`/training/${one.id}`">{{ one.title }}</RouterLink>
              </td>
              <td>
                {{
                  $t(
                    one.proved
                      ? 'training.proved'
                      : one.found
                        ? 'training.found'
                        : 'training.notFound',
                  )
                }}
              </td>
              <td class="number r">{{ minutes(one.seconds) }}</td>
              <td class="number r">{{ one.tests }}</td>
              <td class="number r">{{ one.unsafe }}</td>
              <td class="number r">{{ one.wrong }}</td>
            </tr>
          </tbody>
        </table>
      </section>
    </template>
  </div>
</template>

<style scoped>
.panel .plain-button {
  display: inline-flex;
  align-items: center;
}
.lead {
  max-width: 70ch;
}
.level {
  display: grid;
  grid-template-columns: 90px 1fr;
  gap: 12px;
  align-items: start;
}
.level h2 {
  display: flex;
  gap: 8px;
  align-items: baseline;
}
.level rect {
  fill: var(--copper);
}
.level ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 10px;
}
.scenario {
  width: 100%;
  height: 100%;
  text-align: left;
  display: grid;
  gap: 2px;
  align-content: start;
  padding: 10px 14px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--raised);
  cursor: pointer;
  color: var(--ink);
}
.scenario:hover {
  border-color: var(--copper);
}
.solved {
  color: var(--sound);
}
.two {
  display: grid;
  grid-template-columns: 1fr 2fr;
  gap: 14px;
  align-items: start;
}
.sr {
  position: absolute;
  left: -9999px;
}
.results {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  padding: 6px 8px;
  border-bottom: 1px solid var(--line);
}
.r {
  text-align: right;
}
.error {
  background: var(--danger-soft);
  color: var(--danger);
  border-radius: 8px;
  padding: 10px 12px;
}
@media (max-width: 800px) {
  .two,
  .level {
    grid-template-columns: 1fr;
  }
}
</style>
