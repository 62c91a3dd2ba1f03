import importX from 'eslint-plugin-import-x';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const features = ['account', 'attempt', 'bench', 'castings', 'change-sheet', 'findings', 'handbook', 'ledger', 'log-pour', 'mould-section', 'plan', 'settings', 'why', 'workshop'];

export default tseslint.config(
  { ignores: ['node_modules', 'src/shared/api/schema.gen.ts'] },
  ...tseslint.configs.strict,
  reactHooks.configs.flat.recommended,
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { 'import-x': importX },
    rules: {
      'import-x/no-default-export': 'error',
      // A feature is entered by its index only, and shared code knows no feature.
      'no-restricted-imports': ['error', { patterns: features.map((name) => ({ regex: `(features|^\\.\\.)/${name}/(?!index$)`, message: `Enter ${name} by its index.` })) }],
      '@typescript-eslint/no-explicit-any': 'error',
    },
  },
  {
    files: ['src/shared/**/*.{ts,tsx}'],
    rules: { 'no-restricted-imports': ['error', { patterns: [{ regex: '(features|app)/', message: 'Shared code knows no feature.' }] }] },
  },
);
