import next from "eslint-config-next/core-web-vitals";
import typescript from "eslint-config-next/typescript";
import prettier from "eslint-config-prettier";

const config = [
  { ignores: [".next/**", "dist/**", "data/**", "test-results/**", "next-env.d.ts"] },
  ...next,
  ...typescript,
  prettier,
  {
    files: ["**/*.ts", "**/*.tsx"],
    rules: {
      "@typescript-eslint/consistent-type-imports": ["error", { fixStyle: "inline-type-imports" }],
      "@typescript-eslint/no-non-null-assertion": "error",
      "@typescript-eslint/no-explicit-any": "error",
      "@typescript-eslint/no-unused-vars": ["error", { ignoreRestSiblings: true }],
      eqeqeq: "error",
      "prefer-const": "error",
      // Speaks only of the React Compiler, which Tenon does not use.
      "react-hooks/incompatible-library": "off",
      "max-lines": ["error", { max: 300, skipBlankLines: true, skipComments: true }],
    },
  },
];

export default config;
