import { type Schemas } from '@/api/client'

/** Whether it is a reason not to take the part: what would only be better is none. */
export const unfit = (one: Schemas['Criterion']) => one.fits === false && one.grade !== 'watch'
