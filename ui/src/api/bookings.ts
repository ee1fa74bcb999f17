// What is said of a booking, and whoever is told of it.
import { uuid } from './client'
import { write } from './outbox'

export interface When {
  planned_for: string
  account_id?: number
  window_from?: string
  window_to?: string
  complaint?: string
  complaint_words?: string
}

/** Writes the mail to the customer of a visit about its booking. */
export const tellCustomer = (visit: string, what: 'booked' | 'moved' | 'cancelled') =>
  write(
    '/api/outbox/bookings',
    {},
    { visit, id: uuid(), what, offset: -new Date().getTimezoneOffset() },
  )
