import { expect, it } from 'vitest';
import { takesText } from './takesText';

function element(html: string): Element {
  document.body.innerHTML = html;
  return document.body.querySelector('.at')!;
}

it('tells where a space is a letter', () => {
  for (const html of [
    '<input class="at">',
    '<input class="at" type="number">',
    '<textarea class="at"></textarea>',
  ])
    expect(takesText(element(html))).toBe(true);
  expect(takesText(element('<select><option class="at"></option></select>'))).toBe(true);
  for (const html of [
    '<button class="at"></button>',
    '<button><span class="at"></span></button>',
    '<a href="#x" class="at"></a>',
    '<input type="checkbox" class="at">',
    '<div class="at"></div>',
  ])
    expect(takesText(element(html))).toBe(false);
});
