import boundaries from 'eslint-plugin-boundaries';
import importX from 'eslint-plugin-import-x';
import a11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** @param {string} type @param {string} [file] within it */
const to = (type, file) => ({ to: { element: { type, ...(file ? { fileInternalPath: file } : {}) } } });

export default tseslint.config(
  { ignores: ['node_modules', 'src/shared/api/schema.gen.ts'] },
  ...tseslint.configs.strict,
  reactHooks.configs.flat.recommended,
  a11y.flatConfigs.strict,
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { 'import-x': importX, boundaries },
    settings: {
      'import/resolver': { node: { extensions: ['.ts', '.tsx'] } },
      'boundaries/elements': [
        { type: 'app', pattern: 'src/app' },
        { type: 'feature', pattern: 'src/features/*', capture: ['name'] },
        { type: 'shared', pattern: 'src/shared/*', capture: ['name'] },
      ],
    },
    rules: {
      'import-x/no-default-export': 'error',
      // What scrolls must be reached by keyboard; where the focus is may be looked at without acting on it.
      'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: [], roles: ['region', 'tabpanel'] }],
      'jsx-a11y/no-noninteractive-element-interactions': ['error', { handlers: ['onClick', 'onMouseDown', 'onMouseUp', 'onKeyDown', 'onKeyPress', 'onKeyUp'] }],
      // Shared code knows no feature, a feature knows no frame, and is entered by its index only.
      'boundaries/dependencies': [
        'error',
        {
          default: 'disallow',
          policies: [
            { from: { element: { type: 'app' } }, allow: [to('app'), to('shared'), to('feature', 'index.ts')] },
            { from: { element: { type: 'feature' } }, allow: [to('shared'), to('feature', 'index.ts')] },
            { from: { element: { type: 'shared' } }, allow: [to('shared')] },
          ],
        },
      ],
      '@typescript-eslint/no-explicit-any': 'error',
    },
  },
);
