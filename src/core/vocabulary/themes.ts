/** Light for the office, dark for the basement, sun for outdoors. */
export const themes = { light: 'Light', dark: 'Dark', sun: 'Sun' } as const;
export type Theme = keyof typeof themes;

export const themeCookie = 'east-gate-theme';

export const themeOf = (value: string | undefined): Theme =>
  value !== undefined && Object.hasOwn(themes, value) ? (value as Theme) : 'light';
