import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['dist', 'target', 'node_modules', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  hooks.configs.flat['recommended-latest'],
  {
    rules: {
      'max-lines': ['error', { max: 200, skipBlankLines: true }],
      'no-console': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
    },
  },
);
