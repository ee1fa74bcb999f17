<script setup lang="ts">
// The firm's own lists: parts, and what codes on displays mean; none is invented.
import { api, unwrap } from '@/api/client'
import CsvList from './CsvList.vue'

const parts = () => unwrap(api.GET('/api/parts'))
const keepParts = (csv: string) => unwrap(api.PUT('/api/parts', { body: { csv } }))
const codes = () => unwrap(api.GET('/api/settings/codes'))
const keepCodes = (csv: string) => unwrap(api.PUT('/api/settings/codes', { body: { csv } }))
</script>

<template>
  <div class="stack">
    <CsvList
      :title="$t('parts.settings')"
      :some="(n) => $t('parts.own', { n })"
      :none="$t('parts.none')"
      file="parts.csv"
      :read="parts"
      :keep="keepParts"
    />
    <CsvList
      :title="$t('codes.settings')"
      :some="(n) => $t('codes.own', { n })"
      :none="$t('codes.none')"
      file="codes.csv"
      :read="codes"
      :keep="keepCodes"
    />
  </div>
</template>
