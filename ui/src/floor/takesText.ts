const NO_TEXT = ['button', 'checkbox', 'radio', 'range', 'color', 'file', 'submit', 'reset'];

/** Whether a space that is typed there is a letter, or opens a list. */
export function takesText(target: Element): boolean {
  const field = target.closest<HTMLElement>('input, textarea, select, [contenteditable="true"]');
  return field !== null && !(field instanceof HTMLInputElement && NO_TEXT.includes(field.type));
}
