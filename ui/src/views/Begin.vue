<script setup lang="ts">
// The first page of an installation: the owner's account, and what the firm is called.
import { onMounted, reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap, type Schemas } from '@/api/client'
import { signIn } from '@/api/session'
import PasswordField from '@/components/common/PasswordField.vue'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ code: string }>()
const router = useRouter()
/** Which rulebook somebody most likely works under, by what their browser speaks. */
const LIKELY: Record<string, string> = {
  'en-GB': 'england_g3',
  'en-CA': 'canada_npc',
  'fr-CA': 'canada_npc',
}
const books = ref<Schemas['Beginning']>([])
const given = reactive({ firm: '', code_profile: '', name: '', email: '', password: '' })
const { error, busy, run } = useRequest()
const path = { params: { path: { code: props.code } } }
onMounted(() =>
  run(async () => {
    books.value = await unwrap(api.GET('/api/begin/{code}', path))
    const likely = LIKELY[navigator.language] ?? 'us_irc'
    given.code_profile = (books.value.find((one) => one.id === likely) ?? books.value[0])?.id ?? ''
  }),
)
const begin = () =>
  run(async () => {
    await unwrap(api.POST('/api/begin/{code}', { ...path, body: { ...given } }))
    await signIn(given.email.trim(), given.password)
    await router.push('/settings/firm')
  })
</script>

<template>
  <div class="page narrow">
    <form class="panel stack" @submit.prevent="begin">
      <h1>{{ $t('begin.title') }}</h1>
      <template v-if="books.length">
        <p class="soft">{{ $t('begin.lead') }}</p>
        <label class="stack"
          >{{ $t('firm.name') }}<el-input v-model="given.firm" name="firm"
        /></label>
        <label class="stack"
          >{{ $t('begin.book')
          }}<select v-model="given.code_profile" class="native" name="book">
            <option v-for="book in books" :key="book.id" :value="book.id">{{ book.title }}</option>
          </select></label
        >
        <label class="stack"
          >{{ $t('begin.you') }}<el-input v-model="given.name" name="name"
        /></label>
        <label class="stack"
          >{{ $t('signIn.email')
          }}<el-input v-model="given.email" name="email" type="email" autocomplete="username"
        /></label>
        <PasswordField
          v-model="given.password"
          name="new-password"
          :label="$t('join.password')"
          fresh
        />
        <p class="soft small">{{ $t('join.hint') }}</p>
      </template>
      <p v-if="error" class="error" role="alert">{{ error }}</p>
      <el-button v-if="books.length" type="primary" native-type="submit" :loading="busy">{{
        $t('begin.go')
      }}</el-button>
    </form>
  </div>
</template>

<style scoped>
.narrow {
  max-width: 520px;
}
</style>
