<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue'
import { emergency, emergencyNumbers } from '@/place'

const emit = defineEmits<{ close: [] }>()
const close = ref<HTMLButtonElement>()
const listen = (event: KeyboardEvent) => event.key === 'Escape' && emit('close')
onMounted(() => {
  close.value?.focus()
  window.addEventListener('keydown', listen)
})
onBeforeUnmount(() => window.removeEventListener('keydown', listen))
</script>

<template>
  <section class="emergency" role="dialog" aria-modal="true" :aria-label="$t('app.emergency')">
    <button ref="close" class="back" type="button" @click="emit('close')">
      {{ $t('emergency.close') }}
    </button>
    <p v-for="one in emergencyNumbers" :key="one" class="call">{{ one }}</p>
    <div class="both">
      <article v-for="one in [emergency.gas, emergency.co]" :key="one.title">
        <h1>{{ one.title }}</h1>
        <ol>
          <li v-for="(step, index) in one.steps" :key="step">
            <b>{{ index + 1 }}</b><span>{{ step }}</span>
          </li>
        </ol>
      </article>
    </div>
  </section>
</template>

<style scoped>
.emergency {
  position: fixed;
  inset: 0;
  z-index: 4000;
  background: #7d0f20;
  color: #fff;
  overflow: auto;
  padding: 16px 20px 40px;
}
.back {
  float: right;
  min-height: 52px;
  min-width: 96px;
  border: 2px solid #fff;
  background: none;
  color: #fff;
  border-radius: 8px;
  cursor: pointer;
}
.call {
  font-size: 1.3rem;
  font-weight: 700;
  max-width: 1100px;
  margin: 0 auto 6px;
}
.both {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  gap: 28px;
  max-width: 1100px;
  margin: 0 auto;
  clear: both;
  padding-top: 10px;
}
h1 {
  font-size: 1.8rem;
  border-bottom: 3px solid #fff;
  padding-bottom: 8px;
  margin-bottom: 6px;
}
li {
  display: flex;
  gap: 14px;
  font-size: 1.22rem;
  line-height: 1.35;
  padding: 10px 0;
  border-bottom: 1px solid rgb(255 255 255 / 35%);
}
b {
  font-size: 1.4rem;
  min-width: 1.2em;
}
@media (max-width: 700px) {
  .both {
    gap: 18px;
  }
  h1 {
    font-size: 1.4rem;
  }
  li {
    font-size: 1.06rem;
    padding: 7px 0;
  }
}
</style>
