<script setup lang="ts">
// Ends a visit that comes to nothing: nobody at home, cancelled, begun by mistake – with one touch
// and, if there is something to say, a word.
import { computed, ref } from 'vue'
import type { Visit } from '@/api/client'
import { useVisit } from '@/composables/useVisit'

const props = defineProps<{ visit: Visit }>()
const { send } = useVisit()
const shown = ref(false)
const reason = ref('')
const ways = computed(() =>
  props.visit.status === 'booked'
    ? (['cancelled', 'nobody_home', 'given_up'] as const)
    : (['nobody_home', 'given_up'] as const),
)
function end(how: (typeof ways.value)[number]) {
  shown.value = false
  void send('end', { how, reason: reason.value.trim() })
  reason.value = ''
}
</script>

<template>
  <button type="button" class="plain-button" @click="shown = true">{{ $t('ended.open') }}</button>
  <el-dialog v-model="shown" :title="$t('ended.title')" width="min(480px, 94vw)" append-to-body>
    <div class="stack">
      <p class="soft">{{ $t('ended.only') }}</p>
      <el-input
        v-model="reason"
        maxlength="300"
        :placeholder="$t('ended.why')"
        :aria-label="$t('ended.why')"
      />
      <el-button v-for="how in ways" :key="how" size="large" class="way" @click="end(how)">{{
        $t(`ended.${how}`)
      }}</el-button>
    </div>
  </el-dialog>
</template>

<style scoped>
.way {
  margin: 0;
  min-height: 44px;
}
</style>
