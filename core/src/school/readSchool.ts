import { TheoryError } from '../errors';
import {
  choicesOf,
  DEFAULT_LABEL_STYLE,
  LABEL_SETTINGS,
  SYMBOL_SETTINGS,
  type LabelStyle,
  type LabelSetting,
} from './school';

const SETTINGS: Readonly<Record<string, LabelSetting>> = { ...LABEL_SETTINGS, ...SYMBOL_SETTINGS };

/**
 * A school from settings: `numeralCase=capitals-suffix,inversion=letters` or an
 * object of the same; what is not said stays at its default. Throws TheoryError `school`.
 */
export function readSchool(settings: unknown): LabelStyle {
  if (typeof settings !== 'string' && (typeof settings !== 'object' || Array.isArray(settings)))
    throw new TheoryError(
      'school',
      String(settings),
      'these are not settings of a school.',
      'Write {"inversion":"letters"}, or inversion=letters,applied=of.',
    );
  const pairs =
    typeof settings === 'string'
      ? settings.split(',').map((part) => part.split('=') as [string, string?])
      : Object.entries((settings ?? {}) as Record<string, unknown>);
  const school: Record<string, unknown> = { ...DEFAULT_LABEL_STYLE };
  const symbols: Record<string, unknown> = { ...DEFAULT_LABEL_STYLE.symbols };
  for (const [said, value] of pairs) {
    const name = said.trim();
    const setting = Object.hasOwn(SETTINGS, name) ? SETTINGS[name] : undefined;
    if (!setting)
      throw new TheoryError(
        'school',
        said,
        'this setting of a school is not known.',
        `The settings are ${Object.keys(SETTINGS).join(', ')}.`,
      );
    const chosen = typeof value === 'string' ? value.trim() : value;
    const choices = choicesOf(setting);
    if (!choices.includes(chosen as string))
      throw new TheoryError(
        'school',
        `${said}=${typeof value === 'string' ? value : JSON.stringify(value)}`,
        'this choice is not known.',
        `Choose ${choices.join(', ')}.`,
      );
    (Object.hasOwn(SYMBOL_SETTINGS, name) ? symbols : school)[name] = chosen;
  }
  return { ...school, symbols } as unknown as LabelStyle;
}
