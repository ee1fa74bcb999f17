<script setup lang="ts">
// Signing out while something has not reached the office: it stays here for whoever wrote it, or it
// is wiped, and that is a choice.
defineProps<{ n: number }>()
const emit = defineEmits<{ stay: []; leave: [clean: boolean] }>()
</script>

<template>
  <el-dialog
    append-to-body
    model-value
    :title="$t('leave.title')"
    width="min(460px, 94vw)"
    @close="emit('stay')"
  >
    <div class="stack">
      <p>{{ $t('leave.lead', { n }) }}</p>
      <el-button type="primary" @click="emit('stay')">{{ $t('leave.stay') }}</el-button>
      <el-button @click="emit('leave', false)">{{ $t('leave.keep') }}</el-button>
      <el-button type="danger" plain @click="emit('leave', true)">{{
        $t('leave.wipe', { n })
      }}</el-button>
    </div>
  </el-dialog>
</template>

<style scoped>
.el-button {
  margin: 0;
  min-height: var(--touch);
  white-space: normal;
  height: auto;
}
</style>
