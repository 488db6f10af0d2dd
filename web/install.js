// Installs what the lock file says, where it says something else than last time.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'

const KEPT = 'node_modules/.installed'
const wanted = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex')

if (!existsSync(KEPT) || readFileSync(KEPT, 'utf8') !== wanted) {
  const npm = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    stdio: 'inherit',
  })
  if (npm.status !== 0) process.exit(npm.status ?? 1)
  writeFileSync(KEPT, wanted)
}
