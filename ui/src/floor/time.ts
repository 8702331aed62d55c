/** The time of day, of a moment as the server writes it or of now: `20:41`. */
export function timeOf(moment?: string): string {
  const at = moment ? new Date(moment) : new Date();
  return `${two(at.getHours())}:${two(at.getMinutes())}`;
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** Day and time of a moment as the server writes it: `26 Nov, 20:41`, with the year where it is not this one. */
export function dateOf(moment: string, now = new Date()): string {
  const at = new Date(moment);
  const year = at.getFullYear() === now.getFullYear() ? '' : ` ${at.getFullYear()}`;
  return `${at.getDate()} ${MONTHS[at.getMonth()]}${year}, ${timeOf(moment)}`;
}

function two(number: number): string {
  return String(number).padStart(2, '0');
}
