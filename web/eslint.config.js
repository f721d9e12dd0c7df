import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** A demo runs hours ahead of its machine, and a tablet is often some minutes off. */
const ONE_CLOCK = {
  object: 'Date',
  property: 'now',
  message: 'The time now is nowMs() of kit/style/clock.',
};

const NO_LISTS = {
  property: 'invalidateQueries',
  message: 'An act refreshes what it changed by itself: see server/queries.',
};

export default tseslint.config(
  { ignores: ['dist', 'target', 'node_modules', 'src/api/schema.d.ts'] },
  {
    files: ['*.cjs'],
    languageOptions: { globals: { module: 'writable' } },
  },
  js.configs.recommended,
  ...tseslint.configs.strict,
  hooks.configs.flat['recommended-latest'],
  {
    // Only the shop's style says units: a page that writes one is wrong in half of all shops.
    files: ['src/**/*.{ts,tsx}'],
    ignores: [
      'src/kit/style/**',
      'src/**/*.test.{ts,tsx}',
      'src/workshop/styleDraft.ts',
      'src/workshop/StyleFields.tsx',
    ],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...['Literal', 'JSXText', 'TemplateElement'].map((node) => ({
          selector: `${node}[value${node === 'TemplateElement' ? '.raw' : ''}=/(^|[\\d\\s,(])(kg|mm|ml|°C|°F|kg\\u002Fm³|g\\u002Fm²|m²|MPa|psi|grams?|kilograms?|litres?)([\\s.,:;)]|$)/]`,
          message: 'Say quantities with kit/style: the shop chooses the unit.',
        })),
        {
          selector: 'CallExpression[callee.property.name=/^toLocale(Date|Time)?String$/]',
          message:
            'Say moments and numbers with kit/style: the shop chooses zone, clock and signs.',
        },
      ],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['src/kit/style/clock.ts', 'src/server/useWorkshop.ts'],
    rules: { 'no-restricted-properties': ['error', ONE_CLOCK] },
  },
  {
    // How an answer is kept, and what makes it old, stands in server/keys.
    files: ['src/**/*.{ts,tsx}'],
    ignores: [
      'src/kit/style/clock.ts',
      'src/server/queries.ts',
      'src/server/use*.ts',
      'src/plan/**',
    ],
    rules: {
      'no-restricted-properties': ['error', ONE_CLOCK, NO_LISTS],
    },
  },
  {
    files: ['src/**/*.test.{ts,tsx}'],
    rules: { 'no-restricted-properties': ['error', NO_LISTS] },
  },
  {
    // The shop's own link leaves out what would not open to whoever is here.
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['src/kit/Link.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        { paths: [{ name: 'react-router', importNames: ['Link'], message: 'Use kit/Link.' }] },
      ],
    },
  },
  {
    rules: {
      'max-lines': ['error', { max: 200, skipBlankLines: true }],
      'no-console': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
    },
  },
);
