// Installs the packages of package-lock.json, and does nothing while the lock file has not changed since.
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';

const stamp = 'node_modules/.brasskettle-lock';
const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) {
  console.log('Front-end packages are as the lock file says.');
} else {
  execFileSync('npm', ['ci', '--no-audit', '--no-fund'], { stdio: 'inherit' });
  writeFileSync(stamp, lock);
}
