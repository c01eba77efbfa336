/** Minutes in words. */
const HOUR = 60;
const DAY = 24 * HOUR;

/** "5 min", "2 h 35 min", "2 days": as exactly as a hand can keep it. */
export function long(minutes: number): string {
  const whole = Math.max(Math.round(minutes), 1);
  if (whole < HOUR) return `${whole} min`;
  if (whole < DAY) return whole % HOUR ? `${Math.floor(whole / HOUR)} h ${whole % HOUR} min` : `${whole / HOUR} h`;
  const days = Math.round((2 * whole) / DAY) / 2;
  return days === 1 ? "a day" : `${days} days`;
}

/** What paint is, or may have done to it, once it is as dry as each state says. */
export const STATES: Record<string, string> = {
  touch: "may be touched",
  top: "may carry something",
  turn: "may be turned over",
  varnish: "is dry right through",
};
