import vue from 'eslint-plugin-vue';
import globals from 'globals';
import ts from 'typescript-eslint';

const rooms = ['today', 'table', 'children', 'cupboard', 'map', 'activities', 'house', 'evening', 'week', 'make', 'journal'];

export default ts.config(
    { ignores: ['web/api/types.ts'] },
    ...ts.configs.recommended,
    ...vue.configs['flat/recommended'],
    {
        files: ['web/**/*.{ts,vue}'],
        languageOptions: { globals: globals.browser, parserOptions: { parser: ts.parser } },
        rules: {
            'vue/html-indent': 'off',
            'vue/max-attributes-per-line': 'off',
            'vue/singleline-html-element-content-newline': 'off',
            'vue/html-self-closing': 'off',
            'vue/multi-word-component-names': 'off',
            'vue/html-closing-bracket-newline': 'off',
            'vue/multiline-html-element-content-newline': 'off',
            'vue/first-attribute-linebreak': 'off',
            'vue/attributes-order': 'off',
        },
    },
    // A room uses kit, scene and api, never another room; kit, scene and api know no rooms.
    ...rooms.map((room) => ({
        files: [`web/rooms/${room}/**`],
        rules: { 'no-restricted-imports': ['error', { patterns: [{ regex: `(^|/)rooms/(?!${room}/)|^\\.\\./`, message: 'A room does not use another room.' }] }] },
    })),
    {
        files: ['web/kit/**', 'web/scene/**', 'web/api/**'],
        rules: { 'no-restricted-imports': ['error', { patterns: [{ regex: '(^|/)rooms/', message: 'Rooms use this, not the other way round.' }] }] },
    },
);
