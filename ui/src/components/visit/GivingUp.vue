<script setup lang="ts">
// Why a step is not done; and where it was begun, whether what it took apart stays so.
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'

defineProps<{ apart: boolean }>()
const emit = defineEmits<{ keep: [reason: string, apart: boolean]; cancel: [] }>()

const { t } = useI18n()
const names = ['not_visible', 'no_access', 'refused', 'policy', 'not_applicable', 'unsafe'] as const
const reason = ref<(typeof names)[number] | ''>('')
const more = ref('')
const stays = ref(false)

function keep() {
  const text = [reason.value ? t(`visit.reasons.${reason.value}`) : '', more.value.trim()]
    .filter(Boolean)
    .join(': ')
  if (text) emit('keep', text, stays.value)
}
</script>

<template>
  <form class="stack" @submit.prevent="keep">
    <b>{{ $t('visit.reason') }}</b>
    <div class="row" role="radiogroup" :aria-label="$t('visit.reason')">
      <button
        v-for="one in names"
        :key="one"
        type="button"
        class="plain-button"
        role="radio"
        :aria-checked="reason === one"
        @click="reason = one"
      >
        {{ $t(`visit.reasons.${one}`) }}
      </button>
    </div>
    <el-input v-model="more" :placeholder="$t('visit.more')" :aria-label="$t('visit.more')" />
    <el-checkbox v-if="apart" v-model="stays">{{ $t('visit.staysApart') }}</el-checkbox>
    <div class="row">
      <el-button type="primary" native-type="submit" :disabled="!reason && !more.trim()">{{
        $t('visit.keep')
      }}</el-button><el-button @click="emit('cancel')">{{ $t('visit.cancel') }}</el-button>
    </div>
  </form>
</template>
