<script setup lang="ts">
// Whether this device can go where there is no signal, and how much that takes.
import { onMounted } from 'vue'
import { getReadyLater } from '@/api/session'
import { getReady, pocket } from '@/pocket/pocket'
import { dateAndTime } from '@/format'

onMounted(getReadyLater)
// Browsers keep files of their own for pages by HTTPS (and on the machine itself) only.
const able = 'caches' in window && 'serviceWorker' in navigator
const mb = (bytes: number) => Math.round(bytes / 1e6)
</script>

<template>
  <p class="ready small soft" role="status">
    <template v-if="!able">{{ $t('ready.insecure') }}</template>
    <RouterLink v-else-if="pocket.wantsPin" to="/account#device">{{ $t('ready.pin') }}</RouterLink>
    <template v-else-if="pocket.getting">{{ $t('ready.getting') }}</template>
    <template v-else-if="pocket.failed && !pocket.at">{{ $t('ready.failed') }}</template>
    <template v-else-if="pocket.at">
      <b>{{ $t('ready.title') }}</b>
      <span v-if="pocket.heaters.length">{{
        $t(
          'ready.at',
          { at: dateAndTime(pocket.at), n: pocket.heaters.length, mb: mb(pocket.bytes) },
          pocket.heaters.length,
        )
      }}</span>
      <span v-else>{{ $t('ready.none') }}</span>
    </template>
    <b v-if="pocket.short">{{ $t('ready.short', { mb: mb(pocket.short) }) }}</b>
    <button
      v-if="able && !pocket.getting && !pocket.wantsPin"
      type="button"
      class="again"
      @click="getReady()"
    >
      {{ $t('ready.again') }}
    </button>
  </p>
</template>

<style scoped>
.ready {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
}
.again {
  border: 0;
  background: none;
  min-height: var(--touch);
  padding: 0;
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}
</style>
