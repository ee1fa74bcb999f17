<script setup lang="ts">
const emit = defineEmits<{ close: [] }>()
const KEYS: [string, string][] = [
  ['Enter', 'enter'],
  ['1 … 6', 'num'],
  ['n', 'n'],
  ['p', 'p'],
  ['s', 's'],
  ['a', 'a'],
  ['o', 'o'],
  ['x', 'x'],
  ['u', 'u'],
  ['b', 'b'],
  ['d', 'd'],
  ['/', 'slash'],
  ['g', 'g'],
  ['?', 'q'],
]
</script>

<template>
  <el-dialog
    append-to-body
    :model-value="true"
    :title="$t('keys.title')"
    width="min(420px, 94vw)"
    @close="emit('close')"
  >
    <dl>
      <div v-for="[key, word] in KEYS" :key="key">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ $t(`keys.${word}`) }}</dd>
      </div>
    </dl>
  </el-dialog>
</template>

<style scoped>
dl {
  margin: 0;
}
dl div {
  display: grid;
  grid-template-columns: 90px 1fr;
  padding: 4px 0;
}
dd {
  margin: 0;
}
kbd {
  font-family: var(--mono);
  border: 1px solid var(--line);
  border-radius: 4px;
  padding: 1px 7px;
}
</style>
