<script setup lang="ts">
// House rules as questions with every school's reason, for the firm or for a site.
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { may } from '@/api/session'
import RulebookRules from '@/components/settings/RulebookRules.vue'

type Settings = Schemas['Settings']
const props = defineProps<{ settings: Settings; site: string | null }>()
const emit = defineEmits<{ choose: [question: string, choice: string | null] }>()
const mayChange = computed(() => may('house_rules') || (!!props.site && may('site_rules')))
const topics = computed(() => [...new Set(props.settings.questions.map((one) => one.about))])
const level = computed(() => (props.site ? 'site' : 'firm'))
const choose = (question: string, choice: string | null) => emit('choose', question, choice)
</script>

<template>
  <section class="stack">
    <h2>
      {{ $t('settings.rules') }} –
      {{
        settings.site
          ? $t('settings.forSite', { site: settings.site.address })
          : $t('settings.forFirm')
      }}
    </h2>
    <p class="soft">
      {{ $t('settings.lead') }} <b v-if="!mayChange">{{ $t('settings.ownerOnly') }}</b>
    </p>
    <template v-for="topic in topics" :key="topic">
      <h3>{{ $t(`settings.about.${topic}`) }}</h3>
      <fieldset
        v-for="question in settings.questions.filter((one) => one.about === topic)"
        :id="question.id"
        :key="question.id"
        class="panel"
        :disabled="!mayChange"
      >
        <legend>{{ question.ask }}</legend>
        <label
          v-for="option in question.options"
          :key="option.id"
          class="option"
          :class="{ chosen: question.choice === option.id }"
        >
          <input
            type="radio"
            :name="question.id"
            :checked="question.choice === option.id"
            @change="choose(question.id, option.id)"
          />
          <span
            ><b>{{ option.label }}</b>
            <span v-if="option.id === question.ours" class="soft small"
              >({{ $t('settings.ours') }})</span
            ><br /><span class="small">{{ option.reason }}</span></span
          >
        </label>
        <button
          v-if="mayChange && question.level === level"
          type="button"
          class="plain-button"
          @click="choose(question.id, null)"
        >
          {{ $t('settings.back') }}
        </button>
      </fieldset>
    </template>
  </section>
  <h2 v-if="!site">{{ $t('settings.rulebooks') }}</h2>
  <template v-if="!site">
    <RulebookRules v-for="book in settings.rulebooks" :key="book.id" :book="book" />
  </template>
</template>

<style scoped>
fieldset {
  border: 1px solid var(--line);
  margin: 0;
  display: grid;
  gap: 4px;
  min-width: 0;
}
legend {
  font-weight: 700;
  padding: 0 6px;
}
.option {
  display: grid;
  grid-template-columns: 28px 1fr;
  gap: 6px;
  align-items: start;
  min-height: var(--touch);
  padding: 6px 8px;
  border-radius: 8px;
  cursor: pointer;
}
.option.chosen {
  background: var(--copper-soft);
}
.option input {
  width: 20px;
  height: 20px;
  margin-top: 3px;
  accent-color: var(--copper);
}
ul li {
  padding: 6px 0;
}
</style>
