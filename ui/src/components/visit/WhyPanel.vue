<script setup lang="ts">
// Why a verdict is what it is: measured, limit, who set it, source, and what the other schools say.
import { onMounted, ref } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'
import GradeMark from '@/components/common/GradeMark.vue'
import { useRequest } from '@/composables/useRequest'

const props = defineProps<{ visit: string; check: string }>()
const emit = defineEmits<{ close: []; changed: [] }>()
const why = ref<Schemas['Why'] | null>(null)
const { error, run } = useRequest()
onMounted(load)
async function load() {
  await run(async () => {
    why.value = await unwrap(
      api.GET('/api/visits/{id}/why', {
        params: { path: { id: props.visit }, query: { check: props.check } },
      }),
    )
  })
}
/** Takes another school for this visit alone. */
async function choose(question: string, choice: string) {
  await run(async () => {
    await unwrap(
      api.PUT('/api/visits/{id}/house-rules', {
        params: { path: { id: props.visit } },
        body: { rules: { [question]: choice } },
      }),
    )
    await load()
    emit('changed')
  })
}
</script>

<template>
  <el-dialog
    append-to-body
    :model-value="true"
    :title="$t('why.title')"
    width="min(620px, 96vw)"
    top="6vh"
    @close="emit('close')"
  >
    <p v-if="error" role="alert">{{ error }}</p>
    <div v-if="why" class="stack">
      <p><GradeMark :grade="why.state" word /> {{ why.text }}</p>
      <dl>
        <div v-if="why.measured">
          <dt>{{ $t('report.measured') }}</dt>
          <dd class="number">{{ why.measured }}</dd>
        </div>
        <div v-if="why.limit">
          <dt>{{ $t('visit.limit') }}</dt>
          <dd class="number">{{ why.limit }}</dd>
        </div>
        <div v-if="why.source">
          <dt>{{ $t('visit.source') }}</dt>
          <dd>
            {{ why.source }}
            <span v-if="why.edition" class="soft small edition">{{ why.edition }}</span>
          </dd>
        </div>
      </dl>
      <h3>{{ $t('why.chain') }}</h3>
      <ol class="chain">
        <li v-for="(one, index) in why.chain" :key="index">
          <b>{{ $t(`why.levels.${one.level}`) }}</b> {{ one.text }}
          <span v-if="one.source" class="soft small">{{ one.source }}</span>
        </li>
      </ol>
      <template v-for="school in why.schools" :key="school.ask">
        <h3>{{ $t('why.schools') }}: {{ school.ask }}</h3>
        <ul class="schools">
          <li
            v-for="option in school.options"
            :key="option.id"
            :class="{ chosen: option.id === school.choice }"
          >
            <b>{{ option.label }}</b>
            <span v-if="option.id === school.choice" class="soft small">({{ $t('why.ours') }})</span
            ><br />{{ option.reason }}
            <button
              v-if="option.id !== school.choice"
              type="button"
              class="plain-button"
              @click="choose(school.question, option.id)"
            >
              {{ $t('why.forVisit') }}
            </button>
          </li>
        </ul>
      </template>
    </div>
  </el-dialog>
</template>

<style scoped>
dl {
  margin: 0;
}
dl div {
  display: flex;
  gap: 14px;
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
dt {
  min-width: 90px;
  color: var(--ink-soft);
}
dd {
  margin: 0;
}
.chain {
  margin: 0;
  padding-left: 22px;
  display: grid;
  gap: 5px;
  list-style: decimal;
}
.schools {
  display: grid;
  gap: 6px;
}
.schools li {
  border-left: 4px solid var(--line);
  padding: 2px 10px;
}
.schools .chosen {
  border-color: var(--copper);
}
</style>
