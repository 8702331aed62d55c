/** What is usual has the focus as soon as it is there, so that Enter answers. */
export function focused(button: HTMLButtonElement): void {
  button.focus();
}
