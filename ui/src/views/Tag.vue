<script setup lang="ts">
// What a heater's tag shows to whoever scans it: whose firm looks after it, when it is due, what to
// do when something is wrong. Nothing personal, and nobody signs in for it.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import { useRequest } from '@/composables/useRequest'
import { longDate } from '@/format'
import { setLocale } from '@/i18n'

const props = defineProps<{ id: string }>()
const tag = ref<Schemas['Tag'] | null>(null)
const { error, run } = useRequest()
onMounted(() =>
  run(async () => {
    tag.value = await unwrap(api.GET('/api/tags/{id}', { params: { path: { id: props.id } } }))
    setLocale(tag.value.language, tag.value.units)
  }),
)
</script>

<template>
  <div class="page stack narrow">
    <p v-if="error" class="panel" role="alert">{{ error }}</p>
    <template v-if="tag">
      <h1>{{ tag.label }}</h1>
      <section class="panel stack">
        <p>
          {{ $t('tag.by') }} <b>{{ tag.firm.name }}</b><template v-if="tag.since"
            >, {{ $t('tag.since', { on: longDate(tag.since) }) }}</template
          >
        </p>
        <p v-if="tag.off && !tag.gone" class="off" role="alert">
          <b>{{ tag.off }}</b>
        </p>
        <p v-if="tag.gone">
          <b>{{ $t('tag.gone') }}</b>
        </p>
        <template v-else>
          <p v-if="tag.serviced">{{ $t('tag.serviced', { on: longDate(tag.serviced) }) }}</p>
          <p class="next">
            <b>{{
              tag.next_service
                ? $t('tag.next', { on: longDate(tag.next_service) })
                : $t('tag.nextUnknown')
            }}</b>
          </p>
        </template>
        <a v-if="tag.firm.phone" class="ring" :href="`tel:${tag.firm.phone.replace(/\s/g, '')}`">{{
          $t('tag.ring', { phone: tag.firm.phone })
        }}</a>
      </section>
      <section v-if="tag.emergency" class="panel danger" role="note">
        <p>{{ tag.emergency }}</p>
      </section>
      <section v-for="one in tag.advice" :key="one.seen" class="panel">
        <h2>{{ one.seen }}</h2>
        <p>{{ one.act }}</p>
      </section>
      <p class="small soft">
        <RouterLink :to="{ name: 'sign-in', query: { to: `/heaters/${id}` } }">{{
          $t('tag.staff', { firm: tag.firm.name })
        }}</RouterLink>
      </p>
    </template>
  </div>
</template>

<style scoped>
.narrow {
  max-width: 640px;
}
h2 {
  font-size: 1.05rem;
  margin-bottom: 4px;
}
.next {
  font-size: 1.2rem;
}
.off {
  padding: 10px 12px;
  border: 2px solid var(--danger);
  border-radius: 8px;
  background: var(--danger-soft);
}
.ring {
  display: flex;
  align-items: center;
  justify-content: center;
  min-height: 52px;
  border-radius: 8px;
  background: var(--copper);
  color: var(--on-copper);
  font-weight: 700;
  text-decoration: none;
}
.danger {
  border: 2px solid var(--danger);
  background: var(--danger-soft);
}
.soft a {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
}
</style>
