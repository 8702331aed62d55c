/** A number as it is typed, with a point or a comma; undefined for what is none. */
export function typedNumber(text: string): number | undefined {
  const typed = Number(text.replace(',', '.').replace('−', '-'));
  return text.trim() === '' || Number.isNaN(typed) ? undefined : typed;
}
