/** The time of day, of a moment as the server writes it or of now, as people write it. */
export function timeOf(moment?: string): string {
  return (moment ? new Date(moment) : new Date()).toLocaleTimeString();
}
