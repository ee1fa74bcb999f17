<script setup lang="ts">
// The end of a visit: what each danger demands, the outcome, and the two signatures.
import { computed, onMounted, ref, watch } from 'vue'
import { api, unwrap, type Visit } from '@/api/client'
import { decisionName } from '@/api/decisions'
import { session } from '@/api/session'
import AnswerLine from './AnswerLine.vue'
import EstimatePanel from './EstimatePanel.vue'
import ForTheNext from './ForTheNext.vue'
import OpenFinding from './OpenFinding.vue'
import PapersPanel from './PapersPanel.vue'
import RecordProposals from './RecordProposals.vue'
import SignaturePad from './SignaturePad.vue'
import { strokesOf, type Strokes } from '@/signature'
import VerdictLine from './VerdictLine.vue'
import { useVisit } from '@/composables/useVisit'

const props = defineProps<{ visit: Visit; error: string }>()
const emit = defineEmits<{ go: [operation: string] }>()
const { send } = useVisit()

const IN_SERVICE: string[] = ['in_service', 'in_service_with_limits']
/** In service only where nothing stands against it; left off always. */
const outcomes = computed(() =>
  IN_SERVICE.includes(props.visit.outcome.proposed)
    ? [...IN_SERVICE, 'left_off']
    : [props.visit.outcome.proposed],
)
const refusesOff = computed(() => props.visit.decisions.switch_off === 'refused')
const dangers = computed(() =>
  props.visit.deficiencies.filter((verdict) => verdict.state === 'danger'),
)
/** Unsafe gas situations in England: which one is for the person on site to say, with no default. */
const situations = computed(() =>
  props.visit.deficiencies.filter((verdict) => verdict.situations?.length),
)
const answers = ref<Record<string, string>>({ ...props.visit.decisions })
watch(
  () => props.visit.decisions,
  (decisions) =>
    Object.entries(decisions).forEach(([name, value]) => (answers.value[name] ??= value)),
)
const customerName = ref(props.visit.place.customer)
const customerStrokes = ref<[number, number][][]>([])
/** The typed name stands for what somebody cannot draw. */
const typing = ref(false)
const refusing = ref(false)
const refusal = ref('')
const mine = computed(() => session.person?.name ?? '')
const plumberStrokes = ref<[number, number][][]>([])
/** The signature that one has drawn under “Your account”, where it can be had. */
const own = ref<Strokes>([])
onMounted(async () => {
  const me = await api.GET('/api/me').catch(() => null)
  own.value = strokesOf(me?.data?.signature)
})

const signed = (who: string) => props.visit.signatures.find((one) => one.signer === who)
const open = computed(() =>
  props.visit.obstacles.filter(
    (obstacle) =>
      !['danger_open', 'situation_open', 'outcome_reason', 'left_open'].includes(obstacle.code),
  ),
)
/** What earlier visits left open, and that nothing of this one answers. */
const leftOpen = computed(() =>
  props.visit.open_before.filter((one) => one.wanted || one.answer !== null),
)
/** What one touch decided: shown once more before it is signed. */
const decisive = computed(() => props.visit.answers.filter((one) => one.decisive))
const blocked = computed(() => props.visit.obstacles.length > 0)
const differs = computed(() => props.visit.outcome.chosen !== props.visit.outcome.proposed)

const decide = (name: string, value: string | undefined) =>
  value !== undefined &&
  value !== props.visit.decisions[name] &&
  void send('decisions', { name, value })
/** Gives an operation up for the reason that the plan names. */
function leaveOut(operation: string | undefined) {
  const left = props.visit.plan.impossible.find((one) => one.operation === operation)
  if (left)
    void send('steps', {
      operation: left.operation,
      outcome: 'not_tested',
      reason: left.because,
    })
}
/** The page as it is before the customer: kept where the office's comes out otherwise. */
async function page() {
  const params = { path: { id: props.visit.id } }
  const report = await unwrap(api.GET('/api/visits/{id}/report', { params })).catch(() => null)
  return report ? { seen: { ...report.page } } : {}
}
async function signAsMine() {
  plumberStrokes.value = own.value
  return sign('plumber')
}
async function sign(signer: 'customer' | 'plumber') {
  const customer = signer === 'customer'
  const seen = customer ? await page() : {}
  if (customer && refusing.value)
    return send('signatures', { signer, refused: refusal.value, ...seen })
  return send('signatures', {
    signer,
    ...seen,
    ...(customer ? { name: customerName.value } : {}),
    ...(customer && typing.value
      ? { typed: true }
      : { strokes: customer ? customerStrokes.value : plumberStrokes.value }),
  })
}
</script>

<template>
  <article class="panel stack">
    <h2 class="title">{{ $t('finish.title') }}</h2>
    <p class="sentence">{{ visit.outcome.sentence }}</p>

    <div v-if="open.length" class="obstacles">
      <b>{{ $t('finish.obstacles') }}</b>
      <ul>
        <li v-for="one in open" :key="one.text">
          <button
            v-if="one.target && visit.plan.steps.some((step) => step.operation === one.target)"
            type="button"
            class="link"
            @click="emit('go', one.target!)"
          >
            {{ one.text }}</button><span v-else
            >{{ one.text }}
            <button
              v-if="one.code === 'reason_missing'"
              type="button"
              class="plain-button"
              @click="leaveOut(one.target)"
            >
              {{ $t('visit.notTested') }}
            </button></span
          >
        </li>
      </ul>
    </div>

    <section v-if="leftOpen.length" class="stack">
      <h3>{{ $t('openBefore.title') }}</h3>
      <OpenFinding v-for="one in leftOpen" :key="one.check" :open="one" />
    </section>

    <section v-for="verdict in dangers" :key="verdict.check" class="danger-box stack">
      <VerdictLine :verdict="verdict" place />
      <label
        >{{ $t('finish.action')
        }}<el-input
          v-model="answers[decisionName('danger', verdict.check, 'action')]"
          :name="`action-${verdict.check}`"
          @blur="
            decide(
              decisionName('danger', verdict.check, 'action'),
              answers[decisionName('danger', verdict.check, 'action')],
            )
          "
      /></label>
      <label
        >{{ $t('finish.told')
        }}<el-input
          v-model="answers[decisionName('danger', verdict.check, 'told')]"
          :name="`told-${verdict.check}`"
          @blur="
            decide(
              decisionName('danger', verdict.check, 'told'),
              answers[decisionName('danger', verdict.check, 'told')],
            )
          "
      /></label>
    </section>

    <section v-for="verdict in situations" :key="verdict.check" class="stack situation">
      <p>
        <b>{{ $t('finish.situation') }}</b> {{ verdict.text }}
      </p>
      <div class="row" role="radiogroup" :aria-label="`${$t('finish.situation')} ${verdict.text}`">
        <button
          v-for="one in verdict.situations"
          :key="one.id"
          type="button"
          class="plain-button"
          role="radio"
          :aria-checked="visit.decisions[decisionName('situation', verdict.check)] === one.id"
          @click="decide(decisionName('situation', verdict.check), one.id)"
        >
          {{ one.text }}
        </button>
      </div>
    </section>

    <EstimatePanel v-if="visit.deficiencies.length && !signed('customer')" :visit="visit" />
    <PapersPanel v-if="!visit.look_only" :visit="visit" />

    <section class="stack">
      <h3>{{ $t('finish.outcome') }}</h3>
      <div class="row" role="radiogroup" :aria-label="$t('finish.outcome')">
        <button
          v-for="one in outcomes"
          :key="one"
          type="button"
          class="plain-button"
          role="radio"
          :aria-checked="visit.outcome.chosen === one"
          @click="decide('outcome', one)"
        >
          {{ $t(`outcome.${one}`)
          }}<span v-if="visit.outcome.proposed === one" class="soft small">
            &nbsp;({{ $t('finish.proposed') }})</span
          >
        </button>
      </div>
      <p class="soft small">{{ visit.outcome.because }}</p>
      <label v-if="dangers.length && !visit.look_only"
        ><input
          type="checkbox"
          name="switch_off"
          :checked="refusesOff"
          @change="decide('switch_off', refusesOff ? 'agreed' : 'refused')"
        />
        {{ $t('finish.refusesOff') }}</label
      >
      <label v-if="differs || visit.decisions.outcome === 'left_off'"
        >{{ $t(differs ? 'finish.why' : 'finish.whyOff')
        }}<el-input
          v-model="answers.outcome_reason"
          name="outcome_reason"
          @blur="decide('outcome_reason', answers.outcome_reason)"
      /></label>
    </section>

    <p>
      <RouterLink class="page-link" :to="`/visits/${visit.id}/report`">{{
        $t('finish.page')
      }}</RouterLink>
    </p>
    <p v-if="error" class="error" role="alert">{{ error }}</p>

    <RecordProposals :visit="visit" />
    <ForTheNext v-if="!signed('customer')" :visit="visit" />
    <section v-if="decisive.length && !signed('customer')" class="stack look">
      <h3>{{ $t('finish.lookOnce') }}</h3>
      <AnswerLine v-for="one in decisive" :key="one.id" :answer="one" />
    </section>
    <template v-if="!blocked">
      <section class="stack">
        <h3>{{ $t('finish.customer') }}</h3>
        <p v-if="signed('customer')">
          {{
            signed('customer')!.refused
              ? $t('finish.didNot', { why: signed('customer')!.refused })
              : $t('finish.signed', { name: signed('customer')!.name })
          }}
        </p>
        <form v-else class="stack" @submit.prevent="sign('customer')">
          <label><input v-model="refusing" type="checkbox" /> {{ $t('finish.refused') }}</label>
          <label v-if="refusing"
            >{{ $t('finish.refusal') }}<el-input v-model="refusal" name="refusal"
          /></label>
          <template v-else>
            <label
              >{{ $t('finish.name') }}<el-input v-model="customerName" name="customer_name"
            /></label>
            <label
              ><input v-model="typing" type="checkbox" name="typed" />
              {{ $t('finish.typed') }}</label
            >
            <p v-if="typing && customerName.trim()" class="as-typed">{{ customerName }}</p>
            <SignaturePad v-if="!typing" v-model="customerStrokes" />
          </template>
          <el-button
            type="primary"
            native-type="submit"
            :disabled="
              refusing
                ? !refusal.trim()
                : !customerName.trim() || !(typing || customerStrokes.length)
            "
            >{{ $t('finish.sign') }}</el-button
          >
        </form>
      </section>
      <section v-if="signed('customer')" class="stack">
        <h3>{{ $t('finish.plumber') }}</h3>
        <form class="stack" @submit.prevent="sign('plumber')">
          <p>{{ $t('finish.signedInAs', { name: mine }) }}</p>
          <SignaturePad v-model="plumberStrokes" />
          <button
            v-if="own.length && !plumberStrokes.length"
            type="button"
            class="plain-button"
            @click="signAsMine"
          >
            {{ $t('finish.signAsMine') }}
          </button>
          <el-button type="primary" native-type="submit">{{ $t('finish.sign') }}</el-button>
        </form>
      </section>
    </template>
  </article>
</template>

<style scoped>
.as-typed {
  margin: 0;
  padding: 8px 12px;
  border-bottom: 1px solid var(--ink-soft);
  font-size: 1.6rem;
  font-style: italic;
}
.title {
  font-size: 1.4rem;
}
.sentence {
  font-size: 1.1rem;
}
.obstacles {
  border: 2px solid var(--copper);
  background: var(--copper-soft);
  border-radius: 8px;
  padding: 10px 12px;
}
.obstacles li {
  padding: 3px 0;
}
.link {
  border: 0;
  background: none;
  text-decoration: underline;
  cursor: pointer;
  text-align: left;
  min-height: 36px;
  padding: 0;
}
.danger-box {
  border: 2px solid var(--danger);
  border-radius: 8px;
  padding: 10px;
}
.look {
  gap: 0;
}
.page-link {
  display: inline-block;
  padding: 8px 0;
}
.error {
  background: var(--danger-soft);
  color: var(--danger);
  border-radius: 8px;
  padding: 10px 12px;
}
input[type='checkbox'] {
  width: 22px;
  height: 22px;
  vertical-align: -5px;
  accent-color: var(--copper);
}
</style>
