<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, unwrap, type Schemas, type Visit } from '@/api/client'
import GradeMark from '@/components/common/GradeMark.vue'
import AnswerLine from './AnswerLine.vue'
import RecordProposals from './RecordProposals.vue'
import VerdictLine from './VerdictLine.vue'
import { useVisit } from '@/composables/useVisit'

const props = defineProps<{ visit: Visit }>()
const { send } = useVisit()
const looked = ref(false)
/** What a verdict goes by. */
const said = (check: string) => props.visit.answers.filter((one) => one.checks.includes(check))
const search = ref('')
const found = ref<Schemas['Catalogue']>([])
const picked = ref<Schemas['Catalogue'][number] | null>(null)
const place = ref('')

let timer = 0
watch(search, (text) => {
  clearTimeout(timer)
  picked.value = null
  if (text.trim().length < 2) return void (found.value = [])
  timer = window.setTimeout(
    async () =>
      (found.value = await unwrap(
        api.GET('/api/catalogue', {
          params: { query: { search: text, book: props.visit.rulebook.id } },
        }),
      )),
    120,
  )
})
function add() {
  void send('notes', {
    entry: picked.value!.id,
    ...(place.value.trim() ? { place: place.value.trim() } : {}),
  })
  search.value = ''
  place.value = ''
  found.value = []
}
</script>

<template>
  <div class="stack findings">
    <p v-if="!visit.deficiencies.length">{{ $t('visit.none') }}</p>
    <section v-for="verdict in visit.deficiencies" :key="verdict.check + verdict.text">
      <VerdictLine :verdict="verdict" place />
      <AnswerLine
        v-for="one in said(verdict.check)"
        :key="one.id"
        class="said"
        :answer="one"
        :locked="visit.status !== 'open'"
      />
    </section>
    <template v-if="visit.rectified?.length">
      <h3>{{ $t('visit.rectified') }}</h3>
      <VerdictLine
        v-for="verdict in visit.rectified"
        :key="verdict.check"
        class="rectified"
        :verdict="verdict"
        place
      />
    </template>
    <RecordProposals :visit="visit" />
    <details v-if="visit.answers.length || visit.struck.length" @toggle="looked = true">
      <summary>{{ $t('takeBack.all', { n: visit.answers.length }) }}</summary>
      <AnswerLine
        v-for="one in looked ? visit.answers : []"
        :key="one.id"
        :answer="one"
        :locked="visit.status !== 'open'"
      />
      <p v-for="one in visit.struck" :key="one.id" class="struck soft small">
        <s>{{ one.ask }} – {{ one.text }}</s> {{ one.who
        }}<template v-if="one.reason">: {{ one.reason }}</template>
      </p>
    </details>
    <template v-if="visit.status === 'open'">
      <h3>
        <label for="catalogue-search">{{ $t('visit.addByHand') }}</label>
      </h3>
      <el-input
        id="catalogue-search"
        v-model="search"
        :placeholder="$t('visit.search')"
        clearable
      />
      <ul v-if="!picked" class="entries">
        <li v-for="entry in found" :key="entry.id">
          <button type="button" class="plain-button" @click="picked = entry">
            <GradeMark :grade="entry.grade" :size="14" /><span
              >{{ entry.text }}<span class="soft small"> – {{ entry.place }}</span></span
            >
          </button>
        </li>
      </ul>
      <form v-else class="stack" @submit.prevent="add">
        <p><GradeMark :grade="picked.grade" word /> {{ picked.text }}</p>
        <p class="soft small">{{ picked.remedy }} {{ picked.source }}</p>
        <el-input
          v-model="place"
          :placeholder="$t('visit.place')"
          :aria-label="$t('visit.place')"
        />
        <el-button type="primary" native-type="submit">{{ $t('visit.add') }}</el-button>
      </form>
    </template>
  </div>
</template>

<style scoped>
.findings {
  padding-top: 6px;
}
.entries {
  display: grid;
  gap: 6px;
}
.entries button {
  width: 100%;
  text-align: left;
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 6px 10px;
}
.struck {
  padding: 4px 0;
}
.said {
  padding: 0 10px 0 15px;
}
summary {
  min-height: var(--touch);
  display: flex;
  align-items: center;
  cursor: pointer;
  font-weight: 700;
}
summary::before {
  content: '▸';
  margin-right: 8px;
}
details[open] summary::before {
  content: '▾';
}
.rectified {
  opacity: 0.8;
}
</style>
