<script setup lang="ts">
// What an earlier visit left open, in last time's words: it wants an answer of its own.
import { ref } from 'vue'
import type { Schemas } from '@/api/client'
import { decisionName } from '@/api/decisions'
import GradeMark from '@/components/common/GradeMark.vue'
import { useVisit } from '@/composables/useVisit'
import { longDate } from '@/format'

const props = defineProps<{ open: Schemas['OpenBefore'] }>()
const emit = defineEmits<{ answered: [answer: 'put_right' | 'still_there' | 'not_looked'] }>()
const { send, takeBack } = useVisit()
const HOW = ['seen', 'tested', 'shown'] as const
const asking = ref(false)
const name = decisionName('open', props.open.check)

async function say(answer: 'put_right' | 'still_there' | 'not_looked', how = '') {
  asking.value = false
  if (await send('decisions', { name, value: how ? `${answer}: ${how}` : answer }))
    emit('answered', answer)
}
</script>

<template>
  <div class="open" :class="{ wanted: open.wanted }">
    <p>
      <GradeMark :grade="open.state" :size="14" />
      <b>{{ $t('openBefore.since', { on: longDate(open.since) }) }}</b> {{ open.text }}
    </p>
    <div v-if="asking" class="row" role="group" :aria-label="$t('openBefore.how')">
      <span>{{ $t('openBefore.how') }}</span>
      <button
        v-for="how in HOW"
        :key="how"
        type="button"
        class="plain-button"
        @click="say('put_right', $t(`openBefore.${how}`))"
      >
        {{ $t(`openBefore.${how}`) }}
      </button>
    </div>
    <div v-else class="row" role="group" :aria-label="open.text">
      <button
        type="button"
        class="plain-button"
        :aria-pressed="open.answer === 'put_right'"
        @click="asking = true"
      >
        {{ $t('openBefore.putRight') }}
      </button>
      <button
        type="button"
        class="plain-button"
        :aria-pressed="open.answer === 'still_there'"
        @click="say('still_there')"
      >
        {{ $t('openBefore.stillThere') }}
      </button>
      <button
        type="button"
        class="plain-button"
        :aria-pressed="open.answer === 'not_looked'"
        @click="say('not_looked')"
      >
        {{ $t('openBefore.notLooked') }}
      </button>
      <button v-if="open.answer" type="button" class="link" @click="takeBack(name)">
        {{ $t('takeBack.do') }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.open {
  display: grid;
  gap: 6px;
  flex: 1 0 100%;
  border-left: 4px solid var(--line);
  padding: 4px 10px;
}
.open.wanted {
  border-color: var(--copper);
  background: var(--copper-soft);
  border-radius: 6px;
}
.link {
  border: 0;
  background: none;
  color: var(--copper);
  text-decoration: underline;
  min-height: var(--touch);
  cursor: pointer;
}
</style>
