<script setup lang="ts">
// One rulebook alone, to be read and ticked: every bound with its rule, how sure it is and since
// which edition; the owner corrects one for the firm, with a reason.
import { ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { may } from '@/api/session'
import { shortDate } from '@/format'
import { useRequest } from '@/composables/useRequest'

type Limit = Schemas['Rulebook']['limits'][number]
const props = defineProps<{ book: Schemas['Settings']['rulebooks'][number] }>()
const rules = ref<Schemas['Rulebook'] | null>(null)
const form = ref<{
  id: string
  at_least: string
  at_most: string
  clause: string
  reason: string
}>()
const { error, run } = useRequest()

const path = { params: { path: { book: props.book.id } } }
async function open(event: Event) {
  if (!(event.target as HTMLDetailsElement).open || rules.value) return
  await run(async () => {
    rules.value = await unwrap(api.GET('/api/books/{book}', path))
  })
}
function begin(limit: Limit) {
  const { at_least = '', at_most = '', clause = '', reason = '' } = limit.correction ?? {}
  form.value = { id: limit.id, at_least, at_most, clause, reason }
}
const keep = (body: Schemas['LimitCorrection']) =>
  run(async () => {
    rules.value = await unwrap(
      api.PUT('/api/books/{book}/limits/{limit}', {
        params: { path: { book: props.book.id, limit: form.value!.id } },
        body,
      }),
    )
    form.value = undefined
  })
</script>

<template>
  <details class="panel" @toggle="open">
    <summary>
      <b>{{ book.title }}</b><br /><span class="soft small">{{ book.edition }}</span>
    </summary>
    <p v-if="error && !form" class="error" role="alert">{{ error }}</p>
    <template v-if="rules">
      <p class="soft small">{{ $t('books.lead') }}</p>
      <h3>{{ $t('books.bounds') }}</h3>
      <ul class="rules">
        <li v-for="limit in rules.limits" :key="limit.id">
          <div class="row between">
            <span
              ><b class="rule">{{ limit.rule }}</b> <span class="number">{{ limit.bound }}</span>
              <span class="soft small">
                {{ $t(`grade.${limit.grade}`) }}<br />{{ limit.source
                }}<template v-if="limit.edition">, {{ limit.edition }}</template></span
              ><span v-if="limit.correction" class="small theirs"
                ><br />{{
                  $t('books.theirs', {
                    by: limit.correction.by,
                    on: shortDate(limit.correction.on),
                  })
                }}</span
              ></span
            ><button
              v-if="may('house_rules')"
              type="button"
              class="plain-button"
              @click="begin(limit)"
            >
              {{ $t('books.correct') }}
            </button>
          </div>
          <form
            v-if="form?.id === limit.id"
            class="stack"
            @submit.prevent="
              keep({
                at_least: form.at_least,
                at_most: form.at_most,
                clause: form.clause,
                reason: form.reason,
              })
            "
          >
            <label
              >{{ $t('books.atLeast') }}<el-input v-model="form.at_least" name="at_least"
            /></label>
            <label
              >{{ $t('books.atMost') }}<el-input v-model="form.at_most" name="at_most"
            /></label>
            <label>{{ $t('books.clause') }}<el-input v-model="form.clause" name="clause" /></label>
            <label>{{ $t('books.reason') }}<el-input v-model="form.reason" name="reason" /></label>
            <p v-if="error" class="error" role="alert">{{ error }}</p>
            <div class="row">
              <el-button type="primary" native-type="submit">{{ $t('books.keep') }}</el-button>
              <el-button v-if="limit.correction" @click="keep({})">{{
                $t('books.back')
              }}</el-button>
              <el-button @click="form = undefined">{{ $t('visit.cancel') }}</el-button>
            </div>
          </form>
        </li>
      </ul>
      <h3>{{ $t('papers') }}</h3>
      <ul class="rules">
        <li v-for="paper in rules.papers" :key="paper.title">
          <b>{{ paper.title }}</b> <span class="number">{{ $t('books.days', paper.days) }}</span>
          <p class="small">
            {{ paper.hint }}
            <span class="soft">{{ [paper.source, paper.edition].filter(Boolean).join(', ') }}</span>
          </p>
        </li>
      </ul>
      <h3>{{ $t('books.seen') }}</h3>
      <ul class="rules">
        <li v-for="look in rules.looks" :key="look.item">
          <b>{{ look.item }}</b>
          <p v-for="one in look.findings" :key="one.text" class="small">
            {{ one.text }}
            <span class="soft"
              >{{ $t(`grade.${one.grade}`) }} ·
              {{ [one.source, one.edition].filter(Boolean).join(', ') }}</span
            >
          </p>
        </li>
      </ul>
    </template>
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
  min-height: 44px;
}
.rules {
  list-style: none;
  padding: 0;
}
.rules > li {
  border-top: 1px solid var(--line);
  padding: 8px 0;
}
.rules > li > .row {
  flex-wrap: nowrap;
}
.rules > li > .row > span {
  flex: 1;
}
.rules p {
  margin: 2px 0;
}
h3 {
  margin: 16px 0 4px;
}
.rule {
  display: inline-block;
}
.rule::first-letter {
  text-transform: uppercase;
}
.theirs {
  color: var(--accent);
}
</style>
