import type { Field, Graphic } from '../api/types';

/** Options that may stand for one that is taken away, those that have just been written first. */
export function insteadOf(field: Field, options: string[]): string[] {
  const known = field.options ?? [];
  const isNew = (option: string) => !known.includes(option);
  return [...options.filter(isNew), ...options.filter((option) => !isNew(option))].slice(0, 4);
}

/** What of a document has one of the options of a field, for people: trials, cases, what turns the picture round. */
export function usersOf(document: Graphic, field: string, options: string[]): string[] {
  const users: string[] = [];
  const isOne = (text: string | undefined) => text !== undefined && options.includes(text);
  for (const { name, values } of document.trials ?? [])
    if (isOne(values?.[field])) users.push(`the trial ‘${name}’`);
  for (const { name, when } of document.cases ?? []) {
    const asks = when?.some(
      (condition) =>
        condition.field === field &&
        (isOne(condition.equals) || condition.oneOf?.some((text) => isOne(text))),
    );
    if (asks) users.push(`the case ‘${name}’`);
  }
  if (document.mirror?.field === field && isOne(document.mirror.when))
    users.push('what turns the picture round');
  return users;
}
