<script setup lang="ts">
// What a device entered without a signal and what somebody else had entered meanwhile, side by side:
// a person says which holds. Nothing is signed before.
import { ref } from 'vue'
import type { Schemas, Visit } from '@/api/client'
import { decisionName } from '@/api/decisions'
import { useVisit } from '@/composables/useVisit'
import { timeOfDay } from '@/format'

defineProps<{ visit: Visit }>()
const { send, takeBack } = useVisit()
const rejecting = ref<string | null>(null)
const why = ref('')

type Two = Schemas['TwoAccounts']
const keep = (one: Two, value: string) =>
  send('decisions', { name: decisionName('apart', one.id), value })
async function theirs(one: Two) {
  if (one.kind === 'step') await send('not-done', { of: one.id })
  // Where a danger hangs on it, whether they were told is asked, not taken for granted.
  else await takeBack(one.id, why.value.trim())
  rejecting.value = null
}
</script>

<template>
  <section class="panel stack accounts" role="alert">
    <h2>{{ $t('apart.title', { customer: visit.place.customer }) }}</h2>
    <p class="soft small">{{ $t('apart.lead') }}</p>
    <article v-for="one in visit.apart" :key="one.id" class="stack">
      <h3>{{ one.ask }}</h3>
      <div class="two">
        <div>
          <span class="soft small"
            >{{ one.mine.who
            }}<template v-if="one.mine.at"> · {{ timeOfDay(one.mine.at) }}</template></span
          ><b>{{ one.mine.text }}</b>
        </div>
        <div>
          <template v-if="one.theirs"
            ><span class="soft small"
              >{{ one.theirs.who
              }}<template v-if="one.theirs.at"> · {{ timeOfDay(one.theirs.at) }}</template></span
            ><b>{{ one.theirs.text }}</b></template
          ><template v-else
            ><span class="soft small">{{ $t('apart.meanwhile') }}</span
            ><span>{{ one.why }}</span></template
          >
        </div>
      </div>
      <form v-if="rejecting === one.id" class="row" @submit.prevent="theirs(one)">
        <el-input
          v-model="why"
          class="grow"
          :placeholder="$t('apart.why')"
          :aria-label="$t('apart.why')"
        /><el-button native-type="submit" type="primary" :disabled="!why.trim()">{{
          $t('apart.sure')
        }}</el-button>
      </form>
      <div v-else class="row">
        <el-button type="primary" @click="keep(one, 'both')">{{
          $t(one.kind === 'step' ? 'apart.happened' : 'apart.both')
        }}</el-button>
        <el-button v-if="one.theirs" @click="keep(one, 'mine')">{{
          $t('apart.mine', { who: one.mine.who ?? '' })
        }}</el-button>
        <el-button @click="one.kind === 'step' ? theirs(one) : (rejecting = one.id)">{{
          one.kind === 'step' ? $t('apart.notDone') : $t('apart.theirs')
        }}</el-button>
      </div>
    </article>
  </section>
</template>

<style scoped>
.accounts {
  margin-bottom: 12px;
  border: 2px solid var(--defect);
}
.accounts article {
  border-top: 1px solid var(--line);
  padding-top: 8px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.two > div {
  display: grid;
  gap: 2px;
  align-content: start;
  background: var(--sunk);
  border-radius: 8px;
  padding: 8px 10px;
  overflow-wrap: anywhere;
}
.grow {
  flex: 1;
  min-width: 160px;
}
</style>
