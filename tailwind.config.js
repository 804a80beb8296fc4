const tokens = [
  'paper',
  'sheet',
  'line',
  'edge',
  'ink',
  'soft',
  'sea',
  'danger',
  'good',
  'warn',
  'dusk',
  'load',
];

/** @type {import('tailwindcss').Config} */
module.exports = {
  // Dark and light are the variables of global.css; without this, development takes it for a fault.
  darkMode: 'class',
  content: ['./app/**/*.{ts,tsx}', './client/**/*.{ts,tsx}'],
  presets: [require('nativewind/preset')],
  theme: {
    colors: {
      transparent: 'transparent',
      ...Object.fromEntries(tokens.map((name) => [name, `rgb(var(--${name}) / <alpha-value>)`])),
    },
    fontFamily: {
      serif: ['Newsreader', 'Georgia', 'serif'],
      'serif-italic': ['NewsreaderItalic', 'Georgia', 'serif'],
      sans: ['Hanken', 'system-ui', 'sans-serif'],
      'sans-medium': ['HankenMedium', 'system-ui', 'sans-serif'],
      'sans-semibold': ['HankenSemiBold', 'system-ui', 'sans-serif'],
    },
  },
};
