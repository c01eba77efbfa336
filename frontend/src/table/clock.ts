/** A moment as people say it: the time, and the day where that is another one. */
const TIME = new Intl.DateTimeFormat(undefined, { hour: "2-digit", minute: "2-digit" });
const DAY = new Intl.DateTimeFormat(undefined, { weekday: "short", day: "numeric", month: "short" });

/** Seconds since 1970 as "18:40", or "Sat 28 Nov, 09:10". */
export function clock(at: number): string {
  const date = new Date(1000 * at);
  const time = TIME.format(date);
  return date.toDateString() === new Date().toDateString() ? time : `${DAY.format(date)}, ${time}`;
}
