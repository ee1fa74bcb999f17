<script setup lang="ts">
// What the visit is for: the one under way, what is booked, what is due, the year's work, each by
// one touch; any other job by a few letters.
import { ref } from 'vue'
import type { Heater } from '@/api/client'
import { shortDate } from '@/format'

type Choice = Heater['begin'][number]
defineProps<{ heater: Heater; busy: boolean; error?: string }>()
const emit = defineEmits<{
  begin: [jobs: string[], visit: string | null, under_way: boolean]
  faults: []
  close: []
}>()
const other = ref('')
const take = (one: Choice) => emit('begin', one.jobs, one.visit ?? null, one.why === 'under_way')
</script>

<template>
  <el-dialog
    append-to-body
    :model-value="true"
    :title="$t('beginVisit.title')"
    width="min(560px, 96vw)"
    @close="emit('close')"
  >
    <div class="stack">
      <button
        v-for="one in heater.begin"
        :key="one.visit ?? one.jobs.join()"
        type="button"
        class="plain-button choice"
        :disabled="busy"
        @click="take(one)"
      >
        <b>{{ one.title }}</b>
        <span class="soft small"
          >{{ $t(`beginVisit.${one.why}`, { on: one.on ? shortDate(one.on.slice(0, 10)) : '' })
          }}<template v-if="one.because"> – {{ one.because }}</template></span
        >
      </button>
      <button type="button" class="plain-button choice" :disabled="busy" @click="emit('faults')">
        <b>{{ $t('beginVisit.faults') }}</b>
        <span class="soft small">{{ $t('beginVisit.faultsNote') }}</span>
      </button>
      <el-select
        v-model="other"
        filterable
        :disabled="busy"
        size="large"
        :placeholder="$t('beginVisit.other')"
        :aria-label="$t('beginVisit.other')"
        @change="emit('begin', [other], null, false)"
        ><el-option v-for="job in heater.jobs" :key="job.id" :value="job.id" :label="job.title"
      /></el-select>
      <p v-if="error" class="error" role="alert">{{ error }}</p>
    </div>
  </el-dialog>
</template>

<style scoped>
.choice {
  display: grid;
  gap: 2px;
  justify-items: start;
  text-align: left;
  padding: 10px 14px;
  height: auto;
}
</style>
