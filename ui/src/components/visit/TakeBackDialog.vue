<script setup lang="ts">
// The second touch, where a danger hangs on an answer that is taken back: why, and who was told.
import { computed, ref } from 'vue'
import { session } from '@/api/session'

const props = defineProps<{
  /** What the answer says. */
  answer: string
  /** Why it is asked. */
  text: string
  /** Who found the danger, where that was somebody else. */
  who: string | null
}>()
const emit = defineEmits<{ take: [reason: string, told: string | null]; close: [] }>()
const reason = ref('')
const told = ref(false)
const ready = computed(() => !!reason.value.trim() && (!props.who || told.value))
</script>

<template>
  <el-dialog
    append-to-body
    :model-value="true"
    :title="$t('takeBack.title')"
    width="min(460px, 94vw)"
    @close="emit('close')"
  >
    <form class="stack" @submit.prevent="ready && emit('take', reason.trim(), who)">
      <p>
        <b>{{ answer }}</b>
      </p>
      <p>{{ text }}</p>
      <label
        >{{ $t('takeBack.reason')
        }}<el-input v-model="reason" name="take-back-reason" maxlength="300" autofocus
      /></label>
      <label v-if="who"
        ><input v-model="told" type="checkbox" name="take-back-told" />
        {{ $t('takeBack.told', { who }) }}</label
      >
      <p class="soft small">{{ $t('takeBack.signed', { name: session.person?.name ?? '' }) }}</p>
      <el-button type="primary" native-type="submit" :disabled="!ready">{{
        $t('takeBack.sure')
      }}</el-button>
    </form>
  </el-dialog>
</template>

<style scoped>
input[type='checkbox'] {
  width: 22px;
  height: 22px;
  vertical-align: -5px;
  accent-color: var(--copper);
}
</style>
