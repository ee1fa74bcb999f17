<script setup lang="ts">
// Ends a visit that comes to nothing: nobody at home, cancelled, begun by mistake – with one touch
// and, if there is something to say, a word.
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Visit } from '@/api/client'
import { may } from '@/api/session'
import ReasonedChoice from '@/components/common/ReasonedChoice.vue'
import MoveVisit from './MoveVisit.vue'
import { useVisit } from '@/composables/useVisit'

const props = defineProps<{ visit: Visit }>()
const { send } = useVisit()
const { t } = useI18n()
const shown = ref(false)
/** Whether it is to go to another heater. */
const moving = ref(false)
const anew = () => location.reload()
const ways = computed(() =>
  (props.visit.status === 'booked'
    ? (['cancelled', 'nobody_home', 'given_up'] as const)
    : (['nobody_home', 'given_up'] as const)
  ).map((way) => ({ way, label: t(`ended.${way}`) })),
)
function end(how: (typeof ways.value)[number]['way'], reason: string) {
  shown.value = false
  void send('end', { how, reason })
}
</script>

<template>
  <button type="button" class="plain-button" @click="((shown = true), (moving = false))">
    {{ $t('ended.open') }}
  </button>
  <el-dialog
    v-model="shown"
    :title="$t(moving ? 'move.visitTitle' : 'ended.title')"
    width="min(480px, 94vw)"
    append-to-body
  >
    <MoveVisit v-if="moving" :visit="visit" @moved="anew" />
    <template v-else>
      <ReasonedChoice :lead="$t('ended.only')" :why="$t('ended.why')" :ways="ways" @choose="end" />
      <p v-if="may('records')">
        <button type="button" class="plain-button" @click="moving = true">
          {{ $t('move.visit') }}
        </button>
      </p>
    </template>
  </el-dialog>
</template>
