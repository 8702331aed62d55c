import type { Dial } from '../api/types';

/** The designed value as a setting. */
export function designedSetting(dial: Dial): string {
  if (typeof dial.value === 'boolean') return dial.value ? 'on' : 'off';
  return String(dial.value);
}

/** What is set: what somebody has, or what is designed. */
export function settingOf(dial: Dial, setting: string): string {
  return setting.trim() === '' ? designedSetting(dial) : setting;
}

/** What may be chosen; none of a number. */
export function optionsOf(dial: Dial): string[] {
  return dial.kind === 'switch' ? ['on', 'off'] : (dial.options ?? []);
}

export function isNumber(dial: Dial): boolean {
  return dial.kind === 'number' || dial.kind === 'length';
}

/** What its limits are, in words. */
export function limitsOf(dial: Dial): string {
  return `${dial.least} to ${dial.most}${dial.unit ? ` ${dial.unit}` : ''}`;
}
