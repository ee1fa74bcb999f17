<script setup lang="ts">
// What the office does not have yet: what waits, and what it refused, each with a way on.
import { computed } from 'vue'
import { giveUp, held, outbox, sendAgain } from '@/api/outbox'
import { useUnsentWords } from '@/composables/useUnsentWords'
import { line, tryAgain } from '@/pocket/office'
import { useI18n } from 'vue-i18n'
import type { Write } from '@/pocket/shelf'
import { dateAndTime } from '@/format'

const { t, te } = useI18n()
const words = useUnsentWords(computed(() => [...outbox.refused, ...outbox.waiting]))
/** What kind of entry it is, in words. */
const kind = (entry: Write) => {
  const last = entry.path.split('/').pop()!
  return te(`unsent.kind.${last}`) ? t(`unsent.kind.${last}`) : last.replace('-', ' ')
}
const theirs = (entry: Write) => (entry.problem?.details ?? {}) as Record<string, string>
const conflict = (entry: Write) => entry.problem?.code === 'conflict'
/** Over what the other wrote, which stays in the record as well. */
function mine(entry: Write) {
  const { id, name, theirs: other } = theirs(entry)
  const items = entry.body.items as { item: string }[] | undefined
  const body = items
    ? {
        ...entry.body,
        items: items.map((one) => (one.item === name ? { ...one, corrects: other } : one)),
      }
    : { ...entry.body, corrects: id }
  return sendAgain(entry, body)
}
const drop = (entry: Write) => window.confirm(t('unsent.giveUpSure')) && giveUp(entry)
</script>

<template>
  <div class="page stack">
    <h1>{{ $t('unsent.title') }}</h1>
    <p class="soft">{{ $t('unsent.lead') }}</p>
    <p v-if="!outbox.waiting.length && !outbox.refused.length" class="panel">
      {{ $t('unsent.none') }}
    </p>
    <section v-if="outbox.refused.length" class="panel stack">
      <h2>{{ $t('unsent.refused') }}</h2>
      <article v-for="entry in outbox.refused" :key="entry.id" class="stack entry">
        <b
          ><template v-if="words(entry).customer">{{ words(entry).customer }} – </template
          >{{ words(entry).what || kind(entry) }}</b
        >
        <span>{{ $t('unsent.yours', { yours: words(entry).answer }) }}</span>
        <span v-if="conflict(entry)">{{ $t('unsent.theirs', theirs(entry)) }}</span>
        <span class="error">{{ entry.problem?.title }}</span>
        <span class="soft small">{{ $t('unsent.made', { at: dateAndTime(entry.madeAt) }) }}</span>
        <div class="row">
          <el-button v-if="conflict(entry)" type="primary" @click="mine(entry)">{{
            $t('unsent.mine')
          }}</el-button>
          <el-button v-else @click="sendAgain(entry)">{{ $t('unsent.again') }}</el-button>
          <el-button @click="drop(entry)">{{ $t('unsent.giveUp') }}</el-button>
        </div>
      </article>
    </section>
    <section v-if="outbox.waiting.length" class="panel stack">
      <div class="row between">
        <h2>{{ $t('unsent.waiting') }}</h2>
        <el-button v-if="line.away" @click="tryAgain">{{ $t('unsent.tryNow') }}</el-button>
      </div>
      <div v-for="entry in outbox.waiting" :key="entry.id" class="row between">
        <span
          ><span v-if="words(entry).customer" class="soft small"
            >{{ words(entry).customer }}<br /></span
          ><b>{{ words(entry).what || kind(entry) }}</b> {{ words(entry).answer
          }}<span v-if="held(entry)" class="error small"><br />{{ $t('unsent.held') }}</span></span
        >
        <progress v-if="outbox.progress[entry.id]" :value="outbox.progress[entry.id]" />
        <span class="soft small">{{ dateAndTime(entry.madeAt) }}</span>
      </div>
    </section>
  </div>
</template>

<style scoped>
.entry {
  padding: 10px 0;
  border-bottom: 1px solid var(--line);
}
</style>
