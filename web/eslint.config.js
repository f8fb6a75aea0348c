import js from '@eslint/js';
import boundaries from 'eslint-plugin-boundaries';
import vue from 'eslint-plugin-vue';
import globals from 'globals';
import ts from 'typescript-eslint';

/** The floors of the page from the lowest to the highest: each may use itself and those before it. */
const floors = ['words', 'core', 'api', 'shared', 'painter', 'open', 'input', 'marks', 'viewport', 'feature', 'app'];

/** The key of an event. */
const KEY = 'MemberExpression[object.name=/^(e|k|event)$/][property.name=/^(key|code|keyCode|which)$/]';

/** What a file of a floor may use; a feature uses no other feature. */
const allowed = floors.map((floor, i) => ({
  from: { element: { type: floor } },
  allow: { to: { element: { type: floor === 'feature' ? floors.slice(0, i) : floors.slice(0, i + 1) } } },
}));

export default ts.config(
  { ignores: ['dist', 'node_modules', 'target', '*.d.ts'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  { files: ['tools/**'], languageOptions: { globals: globals.node } },
  {
    files: ['src/**/*.{ts,vue}'],
    plugins: { boundaries },
    settings: {
      'boundaries/elements': [
        ...['words', 'core', 'api', 'shared', 'painter', 'app'].map((type) => ({ type, pattern: `src/${type}` })),
        ...['open', 'input', 'marks', 'viewport'].map((type) => ({ type, pattern: `src/stage/${type}` })),
        { type: 'feature', pattern: 'src/features/*' },
      ],
      'import/resolver': { node: { extensions: ['.ts', '.vue', '.d.ts'] } },
    },
    rules: {
      'boundaries/no-unknown-files': 'error',
      'boundaries/dependencies': ['error', { default: 'disallow', policies: allowed }],
    },
  },
  {
    // Which key does what the core decides: elsewhere a key is handed on, or asked about with useControlKeys.
    files: ['src/**/*.{ts,vue}'],
    ignores: ['src/stage/input/**', 'src/shared/focus/**', 'src/shared/menus/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...[
          `BinaryExpression > ${KEY}`,
          `MemberExpression[computed=true] > ${KEY}.property`,
          `CallExpression[callee.property.name=/^(test|includes|startsWith|match)$/] > ${KEY}.arguments`,
        ].map((selector) => ({ selector, message: 'Ask the core what a key does (stage/input/controlKeys).' })),
      ],
    },
  },
  {
    files: ['**/*.{ts,vue}'],
    languageOptions: { globals: globals.browser, parserOptions: { parser: ts.parser } },
    rules: {
      'no-undef': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/html-indent': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/multi-word-component-names': 'off',
      'max-lines': ['error', { max: 260, skipBlankLines: true, skipComments: true }],
    },
  },
);
