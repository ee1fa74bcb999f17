<script setup lang="ts">
// The customer's page as a sheet: on the firm's screen and behind a customer's link it is the same.
import { computed } from 'vue'
import { type Report } from '@/api/client'
import GradeMark from './GradeMark.vue'
import { longDate } from '@/format'
import SafetyLadder from '@/components/charts/SafetyLadder.vue'
import SectionDrawing from '@/components/charts/SectionDrawing.vue'

const props = withDefaults(
  defineProps<{
    report: Report
    /** Where the photographs are. */
    photos?: string
  }>(),
  { photos: '/api/photos' },
)
const long = (iso: string) => longDate(iso.slice(0, 10))
const path = (strokes: number[][][]) =>
  strokes
    .map((stroke) => stroke.map(([x, y], i) => `${i ? 'L' : 'M'}${x! * 300} ${y! * 100}`).join(' '))
    .join(' ')
/** Whether anything was left otherwise than it was found. */
const mended = computed(() => props.report.page.results.some((one) => one.found))
const sides = computed(() => [
  'customer',
  props.report.signatures.find((one) => one.signer !== 'customer')?.signer ?? 'plumber',
])
const signature = (who: string) => props.report.signatures.find((one) => one.signer === who)
/** The name that a customer typed who could not draw it. */
function typedBy(who: string) {
  const one = signature(who)
  return who === 'customer' && !one?.refused && one?.strokes?.length === 0 ? one.name : null
}
</script>

<template>
  <article class="sheet" :lang="report.language">
    <header>
      <div>
        <img v-if="report.logo" class="logo" :src="report.logo" alt="" />
        <b>{{ report.firm.name }}</b><br /><span class="soft small"
          >{{ report.firm.address }} {{ report.firm.phone }} {{ report.firm.registration }}</span
        >
      </div>
      <div class="right">
        <b>{{ report.customer }}</b><br /><span class="soft small"
          >{{ report.address }}<br />{{ report.date && long(report.date) }}</span
        >
      </div>
    </header>
    <p v-if="report.courtesy" class="soft small">{{ report.courtesy }}</p>
    <p v-if="report.page.look_only" class="draft">{{ $t('lookedOnly') }}</p>
    <p v-if="!report.signed_at" class="draft">{{ $t('report.draft') }}</p>
    <p v-if="report.page.rang" class="soft">
      {{ $t('rang') }}:
      {{ [report.page.rang.title, report.page.rang.words].filter(Boolean).join(' – ') }}
    </p>
    <p v-if="report.page.late" class="soft small">{{ report.page.late }}</p>
    <h1 class="verdict" :class="[report.page.outcome, { untested: report.page.untested }]">
      {{ report.page.sentence }}
    </h1>
    <p v-if="report.page.outcome_reason" class="soft">{{ report.page.outcome_reason }}</p>
    <p class="soft">
      {{
        [
          report.heater.label,
          report.heater.maker,
          report.heater.model,
          report.heater.serial,
          report.heater.capacity,
          report.heater.fuel,
        ]
          .filter(Boolean)
          .join(' · ')
      }}
    </p>

    <section v-if="report.page.deficiencies.length">
      <h2>{{ $t('report.todo') }}</h2>
      <div
        v-for="one in report.page.deficiencies"
        :key="one.check + one.text"
        class="todo"
        :class="one.state"
      >
        <div class="row between">
          <GradeMark :grade="one.state" word /><b v-if="one.by" class="small"
            >{{ $t('report.by') }} {{ long(one.by) }}</b
          >
        </div>
        <p>
          <b>{{ [one.place, one.gas_situation].filter(Boolean).join(' – ') }}.</b>
          {{ one.explain ?? one.text }}
        </p>
        <p v-if="one.explain" class="small">{{ one.text }}</p>
        <p class="small">{{ one.remedy }}</p>
        <p v-if="one.action" class="small">
          {{ $t('report.action') }}: {{ one.action }}. {{ $t('report.told') }}: {{ one.told }}.
        </p>
        <p class="soft small">{{ $t('report.rule') }}: {{ one.source }}</p>
      </div>
    </section>
    <section v-if="report.page.not_tested.length">
      <h2>{{ $t('report.notTested') }}</h2>
      <ul class="dots">
        <li v-for="one in report.page.not_tested" :key="one.text">{{ one.text }}</li>
      </ul>
    </section>
    <section>
      <h2>{{ $t('report.results') }}</h2>
      <table>
        <thead>
          <tr>
            <th scope="col" />
            <th v-if="mended" scope="col">{{ $t('report.found') }}</th>
            <th scope="col">{{ $t(mended ? 'report.left' : 'report.measured') }}</th>
            <th scope="col">{{ $t('report.limit') }}</th>
            <th scope="col">{{ $t('report.verdict') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in report.page.results" :key="one.check">
            <th scope="row">{{ one.title }}</th>
            <td v-if="mended" class="number">
              <template v-if="one.found">
                {{ one.found.measured ?? one.found.text }}
                <GradeMark :grade="one.found.state" :size="14" />
              </template>
            </td>
            <td class="number">{{ one.measured ?? one.text }}</td>
            <td class="number">{{ one.limit }}</td>
            <td><GradeMark :grade="one.state" word :size="14" /></td>
          </tr>
        </tbody>
      </table>
    </section>
    <section v-if="report.page.gas">
      <h2>{{ $t('report.gas') }}</h2>
      <table>
        <thead>
          <tr>
            <th scope="col" />
            <th scope="col">{{ $t('report.found') }}</th>
            <th scope="col">{{ $t('report.left') }}</th>
            <th scope="col">{{ $t('report.should') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in report.page.gas" :key="one.what">
            <th scope="row">{{ one.what }}</th>
            <td class="number">{{ one.found }}</td>
            <td class="number">{{ one.left }}</td>
            <td class="number">{{ one.should }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <section v-if="report.page.rectified.length">
      <h2>{{ $t('report.rectified') }}</h2>
      <p v-for="one in report.page.rectified" :key="one.text">
        {{ one.text }} <b>{{ one.by }}</b>
      </p>
    </section>
    <section v-if="report.page.agreed">
      <h2>{{ $t('report.agreed') }}</h2>
      <table>
        <tbody>
          <tr v-for="one in report.page.agreed.lines" :key="one.about">
            <th scope="row">
              {{ one.title }}
              <span class="soft small">{{
                [one.supplied, one.extent].filter(Boolean).join(' – ')
              }}</span>
            </th>
            <td>{{ one.said }}</td>
            <td class="number">{{ one.total }}</td>
          </tr>
          <tr v-if="report.page.agreed.call_out">
            <th scope="row">{{ $t('report.callOut') }}</th>
            <td />
            <td class="number">{{ report.page.agreed.call_out }}</td>
          </tr>
          <tr v-if="report.page.agreed.total">
            <th scope="row">
              {{ report.page.agreed.total_text }}
            </th>
            <td />
            <td class="number">
              <b>{{ report.page.agreed.total }}</b>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <section v-if="report.page.leaving?.length">
      <h2>{{ $t('report.leaving') }}</h2>
      <ul>
        <li v-for="one in report.page.leaving" :key="one">{{ one }}</li>
      </ul>
    </section>
    <section v-if="report.page.papers?.length">
      <h2>{{ $t('papers') }}</h2>
      <ul class="dots">
        <li v-for="one in report.page.papers" :key="one.title">
          {{ one.title }}:
          {{ [one.text, one.number, one.on && long(one.on)].filter(Boolean).join(', ') }}
        </li>
      </ul>
    </section>
    <div class="two">
      <section>
        <h2>{{ $t('report.cautions') }}</h2>
        <ul class="dots">
          <li v-for="one in report.page.cautions" :key="one">{{ one }}</li>
        </ul>
      </section>
      <section>
        <h2>{{ $t('report.next') }}</h2>
        <ul class="dots">
          <li v-for="one in report.page.next_dates" :key="one.text">
            <b>{{ long(one.on) }}</b> {{ one.text }}
          </li>
        </ul>
      </section>
    </div>
    <div class="two signatures">
      <div v-for="who in sides" :key="who">
        <svg
          v-if="signature(who)?.strokes && !typedBy(who)"
          viewBox="0 0 300 100"
          role="img"
          :aria-label="signature(who)?.name ?? ''"
        >
          <path :d="path(signature(who)!.strokes!)" />
        </svg>
        <p v-else-if="typedBy(who)" class="as-typed">
          {{ typedBy(who) }} <span class="soft small">{{ $t('report.typed') }}</span>
        </p>
        <p>
          {{ $t(`report.${who}`) }}:
          <b>{{
            signature(who)?.refused
              ? `${$t('report.notSigned')} – ${signature(who)?.refused}`
              : (signature(who)?.name ?? $t('report.notSigned'))
          }}</b>
          <span v-if="signature(who)?.account" class="soft small">
            {{ $t('report.account', { name: signature(who)!.account }) }}
          </span>
        </p>
      </div>
    </div>
    <section v-if="report.amendments.length">
      <h2>{{ $t('report.amended') }}</h2>
      <p v-for="one in report.amendments" :key="one.at">
        <b>{{ long(one.at) }}, {{ one.by }}:</b> {{ one.text }}
        <span class="soft small">({{ one.reason }})</span>
      </p>
    </section>
    <section class="record stack">
      <h2>{{ $t('report.record') }}</h2>
      <div class="two">
        <SectionDrawing :section="report.section" :parts="report.parts" :marks="report.marks" />
        <div class="stack">
          <SafetyLadder :ladder="report.ladder" />
          <p v-if="report.stands?.length" class="small">
            {{ $t('report.asLeft', { what: report.stands.join(', ') }) }}
          </p>
          <section v-if="report.page.meaning">
            <h3>{{ $t('report.meaning') }}</h3>
            <p v-for="one in report.page.meaning.text" :key="one" class="small">{{ one }}</p>
          </section>
        </div>
      </div>
      <div class="two">
        <section v-if="report.page.put_off?.length">
          <h3>{{ $t('report.putOff') }}</h3>
          <p v-for="one in report.page.put_off" :key="one.text">{{ one.text }}: {{ one.reason }}</p>
        </section>
        <section v-if="report.page.consent">
          <h3>{{ $t('report.consent') }}</h3>
          <p class="small">
            {{ [report.page.consent.text, report.page.consent.by].filter(Boolean).join(' – ') }}
          </p>
        </section>
        <section v-if="report.page.out_of_order?.length">
          <h3>{{ $t('report.outOfOrder') }}</h3>
          <p v-for="one in report.page.out_of_order" :key="one.text" class="small">
            {{ one.text }}: {{ one.reason }}
          </p>
        </section>
        <section>
          <h3>{{ $t('report.done') }}</h3>
          <p class="small">{{ report.page.done.join(' · ') }}</p>
        </section>
        <section v-if="report.page.house_rules?.length">
          <h3>{{ $t('settings.rules') }}</h3>
          <p v-for="one in report.page.house_rules" :key="one.ask" class="small">
            {{ one.ask }} <b>{{ one.choice }}</b> ({{ $t(`levels.${one.level}`) }})
          </p>
        </section>
        <section v-if="report.page.glossary.length">
          <h3>{{ $t('report.glossary') }}</h3>
          <p v-for="one in report.page.glossary" :key="one.term" class="small">
            <b>{{ one.term }}</b>: {{ one.gloss }}
          </p>
        </section>
      </div>
    </section>
    <section v-if="report.photos.length">
      <h2>{{ $t('report.photos') }}</h2>
      <div class="photos">
        <figure v-for="one in report.photos" :key="one.id">
          <a :href="`${photos}/${one.id}`" target="_blank"
            ><img :src="`${photos}/${one.id}`" :alt="one.what" loading="lazy"
          /></a>
          <figcaption class="small soft">{{ one.what }}</figcaption>
        </figure>
      </div>
    </section>
    <footer class="soft small">
      {{ $t('report.who') }}: {{ report.person
      }}<template v-if="report.licences?.length">
        ({{
          report.licences.map((one) => `${$t(`trade.${one.trade}`)} ${one.number}`).join(', ')
        }})</template
      >
      · {{ $t('report.rules') }}: {{ report.page.rulebook }}. {{ report.page.edition }}
      {{ $t('defers') }}
    </footer>
  </article>
</template>

<style scoped>
.sheet {
  background: var(--raised);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 26px;
  display: grid;
  gap: 14px;
}
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 8px 20px;
  border-bottom: 2px solid var(--copper);
  padding-bottom: 10px;
}
header > div {
  min-width: 0;
  overflow-wrap: anywhere;
}
.right {
  text-align: right;
}
.logo {
  display: block;
  max-width: 200px;
  max-height: 54px;
  margin-bottom: 6px;
}
.record {
  border-top: 2px solid var(--copper);
  padding-top: 12px;
  break-before: page;
}
.photos {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  gap: 12px;
}
.photos figure {
  margin: 0;
}
.photos img {
  width: 100%;
  height: 110px;
  object-fit: cover;
  border: 1px solid var(--line);
  border-radius: 6px;
}
.draft {
  background: var(--watch-soft);
  color: var(--watch);
  padding: 6px 10px;
  border-radius: 6px;
}
.verdict {
  font-size: 1.5rem;
  padding: 12px 16px;
  border-radius: 8px;
  background: var(--sound-soft);
}
.verdict.untested {
  background: var(--watch-soft);
}
.verdict.in_service_with_limits {
  background: var(--defect-soft);
}
.verdict.left_off,
.verdict.against_advice,
.verdict.evacuated {
  background: var(--danger-soft);
}
.two {
  display: grid;
  grid-template-columns: 1.4fr 1fr;
  gap: 24px;
}
h2 {
  margin-bottom: 6px;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.92rem;
}
th,
td {
  text-align: left;
  padding: 6px 8px 6px 0;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
  font-weight: 400;
}
thead th {
  color: var(--ink-soft);
  font-size: 0.85rem;
}
.todo {
  border-left: 5px solid var(--line);
  padding: 6px 0 6px 12px;
  margin-bottom: 10px;
}
.todo.danger {
  border-color: var(--danger);
}
.todo.defect {
  border-color: var(--defect);
}
.todo.watch {
  border-color: var(--watch);
}
.dots li {
  padding: 3px 0 3px 14px;
  position: relative;
}
.dots li::before {
  content: '–';
  position: absolute;
  left: 0;
}
.as-typed {
  font-size: 1.5rem;
  font-style: italic;
  margin: 0;
}
.signatures svg {
  height: 70px;
  width: 210px;
  border-bottom: 1px solid var(--ink-soft);
  display: block;
}
.signatures path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.4;
}
@media (max-width: 800px) {
  .two {
    grid-template-columns: 1fr;
  }
  .sheet {
    padding: 14px;
    grid-template-columns: minmax(0, 1fr);
  }
  section {
    overflow-x: auto;
  }
  header {
    flex-direction: column;
    gap: 8px;
  }
  .right {
    text-align: left;
  }
}
</style>
