import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['src/**/*.generated.ts'] },
  ...tseslint.configs.recommendedTypeChecked,
  { languageOptions: { parserOptions: { projectService: true } } },
  reactHooks.configs.flat['recommended-latest'],
  // A draft or a card is read from the store into the page when it opens: that is an effect that sets state.
  { rules: { 'react-hooks/set-state-in-effect': 'off' } },
);
