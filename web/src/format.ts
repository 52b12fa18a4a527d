/** A figure with as many digits as a cook can use. */
export function figure(value: number, digits = value < 10 ? 1 : 0): string {
  // What would come out as nothing, and is something.
  if (digits > 0 && value !== 0 && Math.abs(value) < 0.5 * 10 ** -digits) {
    return value.toLocaleString('en-GB', { maximumSignificantDigits: 1 })
  }
  return value.toLocaleString('en-GB', { minimumFractionDigits: 0, maximumFractionDigits: digits })
}
/** A number as a cook types it, "2,5" or "2.5"; nothing for an empty field, NaN for what is not a number. */
export const typedNumber = (text: string | undefined) =>
  text?.trim() ? Number(text.trim().replace(',', '.')) : undefined
/** Money as the cook's own country writes it. */
export const money = (value: number, currency: string) =>
  value.toLocaleString('en-GB', { style: 'currency', currency, minimumFractionDigits: 2 })
/** 0.614 as "61 %". */
export const percent = (share: number) => (share > 0 && share < 0.005 ? '< 1 %' : `${Math.round(share * 100)} %`)
/** "1 piece", "24 pieces". */
export const count = (number: number, one: string, many = `${one}s`) => `${number} ${number === 1 ? one : many}`
/** "2026-11-25T02:08:55Z" as "25 Nov 2026, 02:08" on the cook's own clock. */
export const when = (iso: string) => new Date(iso).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })
/** An id such as "tree_nut" as words. */
export const words = (id: string) => id.replaceAll('_', ' ')
/** Minutes as a cook says them: "25 min", "1 h 10". */
export function duration(minutes: number): string {
  const whole = Math.round(minutes)
  const [hours, rest] = [Math.floor(whole / 60), whole % 60]
  if (!hours) return `${rest} min`
  return rest ? `${hours} h ${String(rest).padStart(2, '0')}` : `${hours} h`
}
/** A band of minutes: "20 to 30 min", "12 min". */
export const minutes = ([least, most]: readonly number[]) =>
  least === most ? `${most} min` : `${least} to ${most} min`
/** A minute from 1970 as a zone's clock on the wall shows it: "14:20". */
export const clockIn = (minute: number, zone: string) =>
  new Date(minute * 60_000).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone })
/** The same as a form field takes it: "2026-06-20T14:20". */
export const wallIn = (minute: number, zone: string) =>
  new Date(minute * 60_000)
    .toLocaleString('sv-SE', { dateStyle: 'short', timeStyle: 'short', timeZone: zone })
    .replace(' ', 'T')
/** "Sat 20 Jun". */
export const dayIn = (minute: number, zone: string) =>
  new Date(minute * 60_000).toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    timeZone: zone,
  })
