import type { ThemeConfig } from 'ant-design-vue/es/config-provider/context';

/** One set of tokens feeds the stylesheet (as custom properties) and the component library's theme. */
export const TOKENS = {
  slab: '#eceeed',
  slab2: '#f7f8f7',
  slab3: '#dfe3e1',
  paper: '#ffffff',
  line: '#c9cfcc',
  ink: '#1d2422',
  ink2: '#4d5753',
  ink3: '#66706c',
  elm: '#1f5c46',
  elmSoft: '#d5e5dd',
  elmPale: '#8fc0aa',
  rod: '#8a5a17',
  holds: '#1f7a4d',
  tight: '#8f5b00',
  fails: '#b3243f',
  playhead: '#f1c15c',
} as const;

export const FONT_TEXT = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";
export const FONT_TITLE = "'Bricolage Grotesque Variable', 'Atkinson Hyperlegible Next Variable', sans-serif";

/** Write the tokens where the stylesheet reads them. */
export function applyTokens(root: HTMLElement): void {
  for (const [name, value] of Object.entries(TOKENS))
    root.style.setProperty(`--${name.replace(/([A-Z0-9])/g, '-$1').toLowerCase()}`, value);
  root.style.setProperty('--font-text', FONT_TEXT);
  root.style.setProperty('--font-title', FONT_TITLE);
}

export const THEME: ThemeConfig = {
  token: {
    colorPrimary: TOKENS.elm,
    colorInfo: TOKENS.elm,
    colorSuccess: TOKENS.holds,
    colorWarning: TOKENS.tight,
    colorError: TOKENS.fails,
    colorText: TOKENS.ink,
    colorTextPlaceholder: TOKENS.ink3,
    colorBorder: TOKENS.line,
    colorBgBase: '#ffffff',
    borderRadius: 8,
    fontFamily: FONT_TEXT,
    fontSize: 14,
    controlHeight: 34,
    motionDurationMid: '0.12s',
    motionDurationSlow: '0.14s',
    boxShadow: '0 6px 24px rgb(29 36 34 / 14%)',
    boxShadowSecondary: '0 6px 24px rgb(29 36 34 / 14%)',
  },
};
