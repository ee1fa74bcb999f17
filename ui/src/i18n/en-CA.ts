// What is called differently in Canada. The same keys as en.ts; all else falls back to it.
export default {
  plan: {
    lead:
      'Drag a visit to another person, day or place in the order. Driving is estimated by the ' +
      'line, a third longer for roads, at 45 km/h. A visit that is under way stays with ' +
      'whoever began it.',
  },
  firm: {
    registration: 'Licence or certificate numbers',
  },
}
