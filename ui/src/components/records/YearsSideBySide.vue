<script setup lang="ts">
// What was photographed at a heater, the years side by side, each with what was measured of that
// part on the day, and what follows.
import type { Schemas } from '@/api/client'
import VisitPhoto from '@/components/visit/VisitPhoto.vue'
import { longDate } from '@/format'

type Photos = Schemas['Heater']['photos']
const props = defineProps<{ photos: Photos; trends: Schemas['Trend'][] }>()
const of = (part: string) => props.trends.filter((trend) => trend.part === part)
/** What was measured of a part on a day. */
const numbers = (part: string, on: string) =>
  of(part).flatMap((trend) =>
    trend.points
      .filter((point) => point.on === on)
      .map((point) => ({ title: trend.title, text: point.text })),
  )
</script>

<template>
  <section class="panel stack">
    <h2>{{ $t('heater.photos') }}</h2>
    <div v-for="one in photos" :key="one.what">
      <h3>{{ one.what }}</h3>
      <div class="years">
        <figure v-for="year in one.years" :key="year.visit">
          <VisitPhoto v-for="id in year.ids" :id="id" :key="id" :alt="one.what" />
          <figcaption class="small soft">
            {{ longDate(year.on) }}
            <span v-for="number in numbers(one.part, year.on)" :key="number.title" class="measured"
              >{{ number.title }} <b class="number">{{ number.text }}</b></span
            >
          </figcaption>
        </figure>
      </div>
      <p v-for="trend in of(one.part)" :key="trend.id" class="small">
        <b>{{ trend.title }}:</b> {{ trend.text }}
      </p>
    </div>
  </section>
</template>

<style scoped>
.years {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
figure {
  margin: 0;
  max-width: 160px;
}
.measured {
  display: block;
}
p {
  margin: 4px 0 0;
}
</style>
