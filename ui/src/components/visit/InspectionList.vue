<script setup lang="ts">
// What can be seen, line by line and place by place: one touch each, or all sound here at once
// (kept item by item), with a photo and a note where wanted.
import { computed, ref } from 'vue'
import { uuid, type Schemas, type Visit } from '@/api/client'
import { shrink } from '@/api/photo'
import { may } from '@/api/session'
import GradeMark from '@/components/common/GradeMark.vue'
import OpenFinding from './OpenFinding.vue'
import VisitPhoto from './VisitPhoto.vue'
import { useVisit } from '@/composables/useVisit'

type Item = Schemas['LookItem']
const props = defineProps<{ visit: Visit; items: Item[] }>()
const emit = defineEmits<{ answered: [] }>()
const { send: write, photo: keepPhoto, takeBack } = useVisit()
const answer = (id: string) => props.visit.answers.find((one) => one.name === id)
const focused = ref<string | null>(null)
const noting = ref<string | null>(null)
const text = ref('')
const failed = ref('')

const seen = (id: string) => props.visit.observations[id]
const finding = (id: string) => seen(id)?.finding
const open = computed(() => props.items.filter((item) => !finding(item.id)))
const here = computed(
  () =>
    props.items.find((item) => item.id === focused.value && !finding(item.id)) ??
    open.value[0] ??
    null,
)
const places = computed(() => {
  const groups = new Map<string, { name: string; items: Item[] }>()
  for (const item of props.items) {
    if (!groups.has(item.place)) groups.set(item.place, { name: item.place_name, items: [] })
    groups.get(item.place)!.items.push(item)
  }
  return [...groups.values()]
})
const send: typeof write = async (...what) => {
  const taken = await write(...what)
  if (taken) emit('answered')
  return taken
}
/** What an earlier visit left open at a line. */
const before = (id: string) => props.visit.open_before.find((one) => one.check === id)
/** What “all sound here” may speak for: not for what an earlier visit left open, nor for what nobody
 * knows to be there. */
const left = (items: Item[]) =>
  items.filter((item) => !finding(item.id) && !before(item.id) && !item.doubt)
/** Lines of parts that nobody knows to be there. */
const doubtful = computed(() =>
  props.items.filter((item) => item.doubt && !finding(item.id) && !before(item.id)),
)
/** Whether there is one: into the record, where one may; else it is only not there to be seen. */
async function isThere(item: Item, there: boolean) {
  if (!item.doubt) return
  const { field, there: yes, none } = item.doubt
  if (may('records')) await send('facts', { field, value: there ? yes : none })
  else if (!there) await note(item.id, 'not_applicable')
}
/** One after the other: what is not there takes its other lines with it. */
async function noneOfTheRest() {
  for (let item = doubtful.value[0]; item; item = doubtful.value[0]) {
    const many = doubtful.value.length
    await isThere(item, false)
    if (doubtful.value.length >= many) return
  }
}
/** An answer to what was open answers its line as well. */
function answered(item: Item, answer: string) {
  if (answer === 'put_right') void note(item.id, 'sound')
  else if (answer === 'not_looked') void note(item.id, 'not_visible')
  else {
    const was = item.findings.find((one) => before(item.id)?.text.startsWith(one.text))
    if (was) void note(item.id, was.id)
  }
}

const note = (item: string, answer: string, words?: string) =>
  send('observations', {
    items: [
      {
        id: uuid(),
        item,
        finding: answer,
        corrects: finding(item) ?? null,
        ...(words ? { note: words } : {}),
      },
    ],
  })
const sound = (items: Item[]) =>
  items.length &&
  send('observations', {
    items: items.map((item) => ({
      id: uuid(),
      item: item.id,
      finding: 'sound',
      corrects: finding(item.id) ?? null,
    })),
  })
const allSound = () => sound(left(props.items))
function keepNote(item: Item) {
  note(item.id, finding(item.id) ?? 'sound', text.value.trim())
  noting.value = null
}
function startNote(item: Item) {
  noting.value = item.id
  text.value = seen(item.id)?.note ?? ''
}
async function photo(item: Item, event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  failed.value = ''
  if (!file) return
  try {
    await keepPhoto(item.id, await shrink(file))
  } catch {
    failed.value = item.id
  }
  input.value = ''
}
defineExpose({
  sound: () => here.value && note(here.value.id, 'sound'),
  allSound,
  noneOfTheRest,
  pick: (index: number) =>
    here.value &&
    note(
      here.value.id,
      ['sound', ...here.value.findings.map((f) => f.id), 'not_visible', 'not_applicable'][index] ??
        'sound',
    ),
})
</script>

<template>
  <div class="looks">
    <button
      v-if="left(items).length && places.length === 1"
      type="button"
      class="plain-button all"
      @click="allSound"
    >
      <kbd aria-hidden="true">a</kbd>{{ $t('visit.allSound') }} ({{ left(items).length }})
    </button>
    <section v-for="group in places" :key="group.name" class="place">
      <div v-if="places.length > 1" class="row between">
        <h3>{{ group.name }}</h3>
        <button
          v-if="left(group.items).length"
          type="button"
          class="plain-button all"
          :aria-label="`${$t('look.allHere')}: ${group.name}`"
          @click="sound(left(group.items))"
        >
          {{ $t('look.allHere') }} ({{ left(group.items).length }})
        </button>
      </div>
      <fieldset
        v-for="item in group.items"
        :key="item.id"
        :class="{ here: here?.id === item.id, answered: finding(item.id) }"
        @focusin="focused = item.id"
      >
        <legend>{{ item.ask }}</legend>
        <OpenFinding
          v-if="before(item.id)"
          :open="before(item.id)!"
          @answered="(answer) => answered(item, answer)"
        />
        <p v-if="item.doubt && !finding(item.id)" class="row doubt">
          <b>{{ $t('look.isThere') }}</b>
          <button type="button" class="plain-button" @click="isThere(item, true)">
            {{ $t('look.thereIs') }}
          </button>
          <button type="button" class="plain-button" @click="isThere(item, false)">
            {{ $t('look.thereIsNone') }}
          </button>
        </p>
        <button
          type="button"
          class="plain-button"
          :aria-pressed="finding(item.id) === 'sound'"
          @click="note(item.id, 'sound')"
        >
          <GradeMark v-if="finding(item.id) === 'sound'" grade="sound" :size="13" />{{ item.sound }}
        </button>
        <button
          v-for="wrong in item.findings"
          :key="wrong.id"
          type="button"
          class="plain-button"
          :aria-pressed="finding(item.id) === wrong.id"
          @click="note(item.id, wrong.id)"
        >
          <GradeMark :grade="wrong.grade" :size="13" />{{ wrong.text }}
        </button>
        <button
          type="button"
          class="plain-button minor"
          :aria-pressed="finding(item.id) === 'not_visible'"
          @click="note(item.id, 'not_visible')"
        >
          {{ $t('visit.notVisible') }}
        </button>
        <button
          type="button"
          class="plain-button minor"
          :aria-pressed="finding(item.id) === 'not_applicable'"
          @click="note(item.id, 'not_applicable')"
        >
          {{ $t('visit.notApplicable') }}
        </button>
        <span class="extras">
          <button
            v-if="answer(item.id)"
            type="button"
            class="plain-button minor"
            :aria-label="`${$t('takeBack.do')}: ${item.ask}`"
            @click="takeBack(answer(item.id)!.id)"
          >
            {{ $t('takeBack.do') }}
          </button>
          <label class="plain-button minor file"
            >{{ $t('look.photo')
            }}<input
              type="file"
              accept="image/*"
              capture="environment"
              :aria-label="`${$t('look.photo')}: ${item.ask}`"
              @change="photo(item, $event)"
          /></label>
          <button type="button" class="plain-button minor" @click="startNote(item)">
            {{ $t('look.note') }}
          </button>
        </span>
        <form v-if="noting === item.id" class="noting" @submit.prevent="keepNote(item)">
          <el-input v-model="text" :aria-label="$t('look.note')" autofocus /><el-button
            native-type="submit"
            >{{ $t('look.noteKeep') }}</el-button
          >
        </form>
        <p v-else-if="seen(item.id)?.note" class="small">{{ seen(item.id)?.note }}</p>
        <p v-if="failed === item.id" class="small" role="alert">{{ $t('look.photoFailed') }}</p>
        <span v-if="visit.photos?.[item.id]" class="photos"
          ><VisitPhoto v-for="one in visit.photos[item.id]" :id="one" :key="one" :alt="item.ask"
        /></span>
      </fieldset>
    </section>
    <button
      v-if="places.length > 1 && left(items).length"
      type="button"
      class="plain-button rest"
      @click="allSound"
    >
      {{ $t('look.restSound', { n: left(items).length }) }}
    </button>
    <button
      v-if="doubtful.length > 1"
      type="button"
      class="plain-button none"
      @click="noneOfTheRest"
    >
      <kbd aria-hidden="true">o</kbd>{{ $t('look.noneOfTheRest', { n: doubtful.length }) }}
    </button>
  </div>
</template>

<style scoped>
.looks,
.place {
  display: grid;
  gap: 8px;
}
.place h3 {
  font-size: 1rem;
}
.none {
  display: flex;
  gap: 8px;
  justify-content: center;
}
.all {
  border-color: var(--sound);
  color: var(--sound);
  font-weight: 700;
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: center;
}
fieldset {
  border: 1px solid var(--line);
  border-radius: 8px;
  padding: 4px 10px 10px;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 0;
  min-width: 0;
}
fieldset.here {
  border-color: var(--copper);
  box-shadow: 0 0 0 1px var(--copper);
}
fieldset.answered:not(.here) {
  background: var(--ground);
}
legend {
  font-weight: 700;
  padding: 0 6px;
}
.plain-button {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  text-align: left;
  font-size: 0.92rem;
  padding: 6px 10px;
}
.doubt {
  flex: 1 0 100%;
}
.minor {
  color: var(--ink-soft);
}
.extras {
  margin-left: auto;
  display: flex;
  gap: 6px;
}
.file {
  cursor: pointer;
  position: relative;
  overflow: hidden;
}
.file input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
  font-size: 0;
}
.file:focus-within {
  outline: 2px solid var(--copper);
}
.noting {
  display: flex;
  gap: 6px;
  flex: 1 0 100%;
}
.photos {
  display: flex;
  gap: 6px;
  flex: 1 0 100%;
}
.photos :deep(img) {
  border-radius: 6px;
  border: 1px solid var(--line);
  object-fit: cover;
}
kbd {
  font-family: var(--mono);
  font-size: 0.78rem;
  border: 1px solid var(--line);
  border-radius: 4px;
  padding: 0 5px;
}
</style>
