<script setup lang="ts">
// What a person says of themselves: the name that stands on pages, and a signature drawn once.
import { computed, onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { refresh, session } from '@/api/session'
import SignaturePad from '@/components/visit/SignaturePad.vue'
import { getReady } from '@/pocket/pocket'
import { strokesOf, type Strokes } from '@/signature'
import { useRequest } from '@/composables/useRequest'

const me = ref<Schemas['Profile'] | null>(null)
const name = ref('')
const language = ref('en')
const strokes = ref<Strokes>([])
const kept = ref(false)
const { error, busy, run } = useRequest()
function show(profile: Schemas['Profile']) {
  me.value = profile
  name.value = profile.name
  language.value = profile.language
  strokes.value = strokesOf(profile.signature)
}
onMounted(() => run(async () => show(await unwrap(api.GET('/api/me')))))
const signs = computed(() => me.value && me.value.role !== 'office')
const keep = () =>
  run(async () => {
    kept.value = false
    const body = { name: name.value, signature: strokes.value, language: language.value }
    show(await unwrap(api.PUT('/api/me', { body })))
    kept.value = true
    const before = session.person?.language
    await refresh()
    // What is taken along speaks as its person does.
    if (session.person?.language !== before) void getReady()
  })
</script>

<template>
  <section v-if="me" class="panel stack">
    <h2>{{ $t('profile.title') }}</h2>
    <form class="stack narrow" @submit.prevent="keep">
      <label class="stack"
        >{{ $t('profile.name') }}<el-input v-model="name" name="own-name" autocomplete="name"
      /></label>
      <label class="stack"
        >{{ $t('account.language') }}
        <select v-model="language" name="own-language" class="native">
          <option v-for="one in me.languages" :key="one.id" :value="one.id" :lang="one.id">
            {{ one.name }}
          </option>
        </select>
        <span class="soft small">{{ $t('account.languageLead') }}</span></label
      >
      <template v-if="signs">
        <p class="soft small">{{ $t('profile.signatureLead') }}</p>
        <SignaturePad v-model="strokes" />
      </template>
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <p v-if="kept" role="status">
        <b>{{ $t('firm.kept') }}</b>
      </p>
      <el-button native-type="submit" :loading="busy" :disabled="!name.trim()">{{
        $t('firm.keep')
      }}</el-button>
    </form>
  </section>
</template>

<style scoped>
.narrow {
  max-width: 420px;
}
</style>
