import { addDays as add, differenceInCalendarDays, formatISO, getISODay, isValid, parseISO } from 'date-fns'

/** A day of the calendar, `2026-05-08`. */
export type Day = string

/** Whether a text is a day that there is. */
export const isDay = (text: string): boolean => /^\d{4}-\d{2}-\d{2}$/.test(text) && isValid(parseISO(text))

const written = (date: Date): Day => formatISO(date, { representation: 'date' })

/** The day of a date, by the clock of the place. */
export const dayOf = (date: Date): Day => written(date)

export const addDays = (day: Day, days: number): Day => written(add(parseISO(day), days))
/** Whole days from one day to another, negative when the other lies before. */
export const daysBetween = (from: Day, to: Day): number => differenceInCalendarDays(parseISO(to), parseISO(from))
/** 1 Monday to 7 Sunday. */
export const weekday = (day: Day): number => getISODay(parseISO(day))
/** The Monday of a day's week. */
export const mondayOf = (day: Day): Day => addDays(day, 1 - weekday(day))
export const monthOfDay = (day: Day): number => Number(day.slice(5, 7))
export const yearOfDay = (day: Day): number => Number(day.slice(0, 4))

/** A month and day, `05-08`, in a year; 29 February is the 28th where the year has none. */
export function dayIn(year: number, monthDay: string): Day {
  const day = `${String(year).padStart(4, '0')}-${monthDay}`
  return isDay(day) ? day : `${day.slice(0, 8)}28`
}

/** The first day with a month and day that is not before another day. */
export function nextDay(monthDay: string, from: Day): Day {
  const here = dayIn(yearOfDay(from), monthDay)
  return here >= from ? here : dayIn(yearOfDay(from) + 1, monthDay)
}
