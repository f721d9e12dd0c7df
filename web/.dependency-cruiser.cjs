/**
 * Which folder of src may know which. One direction: a word's pages know server (what is asked of
 * the shop, one file a resource) and kit (shared parts), those know api; no two folders point at
 * each other.
 */
module.exports = {
  forbidden: [
    {
      name: 'no-cycles-of-files',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-cycles-of-folders',
      comment: 'Two folders that use each other are one: move what both need below them.',
      severity: 'error',
      scope: 'folder',
      from: {},
      to: { circular: true },
    },
    {
      name: 'kit-knows-no-word',
      comment: 'Shared parts are drawn from what they are given, and know who is here at most.',
      severity: 'error',
      from: { path: '^src/(kit|api|theme)/' },
      to: { path: '^src/', pathNot: '^src/((kit|api|theme)/|server/(keys|useSession))' },
    },
    {
      name: 'server-draws-nothing',
      comment: 'What is asked of the server and sent to it; pages decide how it looks.',
      severity: 'error',
      from: { path: '^src/(server|api)/' },
      to: { path: '^src/', pathNot: '^src/(server|api|kit/style)/' },
    },
    {
      name: 'only-routes-know-the-frame',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/(frame/|routes|main)' },
      to: { path: '^src/frame/' },
    },
    {
      name: 'no-orphans',
      comment: 'Nothing uses it.',
      severity: 'error',
      from: { orphan: true, pathNot: ['\\.d\\.ts$', '\\.test\\.tsx?$', '^src/test-'] },
      to: {},
    },
    {
      name: 'no-development-packages',
      comment: 'What ships is in "dependencies".',
      severity: 'error',
      from: { path: '^src/', pathNot: ['\\.test\\.tsx?$', '^src/test-', '^src/main'] },
      to: { dependencyTypes: ['npm-dev', 'npm-no-pkg'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: ['\\.test\\.tsx?$', '^src/test-'] },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.d.ts', '.js'] },
  },
};
