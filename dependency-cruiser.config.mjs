/** No file depends on itself by way of others, not even by its types: what two need stands in a third. Run by npm test. */
const config = {
  forbidden: [{ name: "no-circular", severity: "error", from: {}, to: { circular: true } }],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    doNotFollow: { path: "node_modules" },
  },
};

export default config;
