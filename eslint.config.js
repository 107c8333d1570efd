import svelte from 'eslint-plugin-svelte';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['web/api/types.gen.ts', 'public/**', 'vendor/**', 'var/**'] },
  ...ts.configs.recommended,
  ...svelte.configs.recommended,
  // Sets here are never changed in place: a new one takes the old one's stead.
  { rules: { 'svelte/prefer-svelte-reactivity': 'off' } },
  { files: ['**/*.svelte', '**/*.svelte.ts'], languageOptions: { parserOptions: { parser: ts.parser } } },
);
