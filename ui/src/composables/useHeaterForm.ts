// What can be said of a heater, in the words of some units: fetched once.
import { computed, ref, watchEffect } from 'vue'
import { api, unwrap, type Schemas } from '@/api/client'

type Form = Schemas['HeaterFields']
const known = ref<Record<string, Form>>({})

export function useHeaterForm(units: () => string) {
  watchEffect(async () => {
    const wanted = units()
    if (known.value[wanted]) return
    const query = { units: wanted as 'us' }
    known.value[wanted] = await unwrap(api.GET('/api/heater-form', { params: { query } }))
  })
  const form = computed(() => known.value[units()] ?? null)
  const quantity = (name: string) => form.value?.quantities.find((one) => one.name === name)
  const word = (name: string) => form.value?.words.find((one) => one.name === name)
  return {
    form,
    unit: (name: string) => quantity(name)?.unit,
    choices: (name: string) => word(name)?.choices,
    /** Whether a kind of heater, of which this is known, is asked for a field at all. */
    fits: (name: string, kind: string, of: Record<string, unknown>) => {
      const kinds = quantity(name)?.kinds ?? word(name)?.kinds
      if (kinds && !kinds.includes(kind)) return false
      const pointless = form.value?.hidden.find((one) => one.name === name)
      return !pointless?.values.includes(String(of[pointless.by] ?? ''))
    },
  }
}
