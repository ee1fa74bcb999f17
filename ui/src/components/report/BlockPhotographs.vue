<script setup lang="ts">
// What was seen, small, each with what it shows; by a touch in full.
import type { Report, Schemas } from '@/api/client'

defineProps<{ block: Schemas['PhotographsBlock']; photos: Report['photos']; at: string }>()
</script>

<template>
  <section>
    <h2>{{ block.title }}</h2>
    <div class="photos">
      <figure v-for="one in photos" :key="one.id" class="together">
        <a :href="`${at}/${one.id}`" target="_blank"
          ><img :src="`${at}/${one.id}`" :alt="one.what" loading="lazy"
        /></a>
        <figcaption class="small soft">{{ one.what }}</figcaption>
      </figure>
    </div>
  </section>
</template>

<style scoped>
.photos {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  gap: 12px;
}
figure {
  margin: 0;
}
img {
  width: 100%;
  height: 110px;
  object-fit: cover;
  border: 1px solid var(--line);
  border-radius: 6px;
}
</style>
