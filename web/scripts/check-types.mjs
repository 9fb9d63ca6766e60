// Fails when src/api/schema.ts is not what openapi.json gives.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';

const folder = mkdtempSync('target-types-');
try {
  const fresh = `${folder}/schema.ts`;
  execFileSync('npx', ['openapi-typescript', 'openapi.json', '-o', fresh], { stdio: 'inherit' });
  if (readFileSync(fresh, 'utf8') !== readFileSync('src/api/schema.ts', 'utf8')) {
    console.error('src/api/schema.ts differs from openapi.json: run "npm run types" and check it in.');
    process.exitCode = 1;
  }
} finally {
  rmSync(folder, { recursive: true });
}
