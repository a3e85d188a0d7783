/** Runs the interface as it runs for people: react-native-web in a browser's document. */
module.exports = {
  displayName: 'app',
  preset: 'jest-expo/web',
  // As the preset has it; mutation testing does not look there.
  testEnvironment: 'jsdom',
  testMatch: ['<rootDir>/test/**/*.test.{ts,tsx}'],
  setupFilesAfterEnv: ['<rootDir>/test/setup.ts'],
  transformIgnorePatterns: [
    '/node_modules/(?!(\\.pnpm/)?((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|@expo-google-fonts/.*|expo-router|nativewind|react-native-css-interop|lucide-react-native|@reduxjs|immer|react-redux|d3-.*|pure-rand|fastest-levenshtein|@wellhydra|tailwind-merge))',
  ],
  // Some packages ship only modules; the preset's own transform passes them by.
  transform: { '\\.mjs$': ['babel-jest', { caller: { name: 'metro', bundler: 'metro', platform: 'web' } }] },
  moduleNameMapper: { '\\.css$': '<rootDir>/test/no-style.js' },
};
