// What is called differently in Canada. The same keys as en.ts; all else falls back to it.
export default {
  firm: {
    registration: 'Licence or certificate numbers',
  },
}
