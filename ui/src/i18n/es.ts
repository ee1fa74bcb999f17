// Spanish, of the tool and of what a customer reads: all of en.ts, by subject.
import type en from './en'
import day from './es/day'
import firm from './es/firm'
import frame from './es/frame'
import learn from './es/learn'
import people from './es/people'
import records from './es/records'
import visit from './es/visit'

type Said<T> = { [K in keyof T]: T[K] extends string ? string : Said<T[K]> }

const es: Said<typeof en> = { ...frame, ...people, ...firm, ...day, ...records, ...visit, ...learn }
export default es
