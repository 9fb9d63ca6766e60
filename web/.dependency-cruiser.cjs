/** A room is a folder: rooms do not depend on each other in circles, and no file of one does either. */
module.exports = {
  forbidden: [
    { name: 'no-circle-of-rooms', severity: 'error', scope: 'folder', from: {}, to: { circular: true } },
    { name: 'no-circle-of-files', severity: 'error', from: {}, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(\\.test\\.tsx?$|^src/testing/)' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
  },
};
