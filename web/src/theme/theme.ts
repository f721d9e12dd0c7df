import { createSystem, defaultConfig, defineConfig } from '@chakra-ui/react';

/** A steel shelf in a lime-washed room; the dark half is the bench at night. */
const colors = {
  ground: { base: '#F3F0EA', _dark: '#1E2327' },
  panel: { base: '#FBFAF7', _dark: '#2B3237' },
  ink: { base: '#22272B', _dark: '#ECE8DF' },
  quiet: { base: '#545D64', _dark: '#B4BBBF' },
  steel: { base: '#46535D', _dark: '#8A98A3' },
  rule: { base: '#D5D0C6', _dark: '#4A555D' },
  post: { base: '#3B464E', _dark: '#12161A' },
  slot: { base: '#262E34', _dark: '#2B3237' },
  postInk: { base: '#DAD6CD', _dark: '#C9CED1' },
  oxide: { base: '#A5402A', _dark: '#EE9A83' },
  oxideGround: { base: '#A5402A', _dark: '#A5402A' },
  onOxide: { base: '#FFFFFF', _dark: '#FFFFFF' },
  ochre: { base: '#8A5F0C', _dark: '#E0B35A' },
  bath: { base: '#2A7488', _dark: '#7DBBD0' },
  moss: { base: '#426A3C', _dark: '#9CC294' },
} as const;

export const system = createSystem(
  defaultConfig,
  defineConfig({
    globalCss: {
      'html, body': { bg: 'ground', color: 'ink', fontFamily: 'body', fontSize: '16px' },
      '*:focus-visible': { outline: '3px solid {colors.bath}', outlineOffset: '2px' },
      // Who asked their system for less motion gets none.
      '*, *::before, *::after': {
        _motionReduce: {
          transitionDuration: '0s !important',
          animationDuration: '0s !important',
        },
      },
      '#root[inert]': { cursor: 'progress', opacity: 0.6 },
      // On paper there is nothing to press.
      'nav, aside, .no-print': { _print: { display: 'none !important' } },
      '.plain-link': { textDecoration: 'underline', textUnderlineOffset: '3px' },
    },
    theme: {
      tokens: {
        fonts: {
          heading: { value: "'Barlow Condensed', sans-serif" },
          body: { value: "'Source Sans 3 Variable', sans-serif" },
        },
      },
      semanticTokens: {
        colors: Object.fromEntries(Object.entries(colors).map(([k, v]) => [k, { value: v }])),
      },
      textStyles: {
        title: {
          value: { fontFamily: 'heading', fontWeight: 600, fontSize: '36px', lineHeight: '1.1' },
        },
        name: {
          value: { fontFamily: 'heading', fontWeight: 600, fontSize: '25px', lineHeight: '1.1' },
        },
        label: {
          value: { fontFamily: 'heading', fontWeight: 600, fontSize: '18px', lineHeight: '1.2' },
        },
        figure: {
          value: {
            fontFamily: 'heading',
            fontWeight: 600,
            fontSize: '28px',
            lineHeight: '1.1',
            fontVariantNumeric: 'tabular-nums',
          },
        },
        reading: {
          value: {
            fontFamily: 'heading',
            fontWeight: 600,
            fontSize: { base: '88px', lg: '148px' },
            lineHeight: '1',
            fontVariantNumeric: 'tabular-nums',
          },
        },
        small: { value: { fontFamily: 'body', fontSize: '14px', lineHeight: '1.35' } },
      },
    },
  }),
);
