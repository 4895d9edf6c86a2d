// Servers under trial and their database, all on loopback, which can be killed and started again.
import { spawn, spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

const root = process.env.PELLUNA_ROOT;
const cluster = process.env.TRIAL_CLUSTER;
process.setMaxListeners(0);
const shipped = [`@${root}/deploy/java.options`];
export const sleep = (ms) => new Promise((done) => setTimeout(done, ms));

export class Server {
  #java;

  constructor(port) {
    this.port = port;
    this.address = `http://127.0.0.1:${port}`;
  }

  /**
   * Starts it as ./pelluna start does. TRIAL_JAVA has further options for Java.
   *
   * @param options what stands before -jar instead of the shipped options
   * @param jar which jar, seen from the unpacked one's folder
   */
  start(options = shipped, jar = 'pelluna.jar') {
    this.#java = spawn('java', [...options, ...(process.env.TRIAL_JAVA ?? '').split(' ').filter(Boolean), '-jar', jar], {
      cwd: `${root}/app/target/unpacked`,
      env: { ...process.env, PELLUNA_PORT: this.port, MALLOC_ARENA_MAX: '2' },
      stdio: 'ignore',
    });
    // A trial that fails leaves no server behind.
    const java = this.#java;
    process.once('exit', () => java.kill('SIGKILL'));
  }

  /** Waits until it answers; gives the seconds it took. */
  async up() {
    const begun = performance.now();
    for (;;) {
      try {
        if ((await fetch(`${this.address}/actuator/health`)).ok) {
          return (performance.now() - begun) / 1000;
        }
      } catch {
        // Not yet.
      }
      if (this.#java.exitCode !== null || this.#java.signalCode !== null || performance.now() - begun > 120000) {
        throw new Error('it does not come up');
      }
      await sleep(100);
    }
  }

  kill() {
    this.#java.kill('SIGKILL');
  }

  /** Ends it and waits until it is gone. */
  async stop() {
    const gone = new Promise((done) => this.#java.once('exit', done));
    this.#java.kill('SIGTERM');
    await gone;
  }

  /** Resident memory, MB. */
  residentMb() {
    return Math.round(Number(readFileSync(`/proc/${this.#java.pid}/status`, 'utf8').match(/VmRSS:\s+(\d+)/)[1]) / 1024);
  }
}

export const server = new Server(process.env.PELLUNA_PORT);

export const shell = (line) => {
  const done = spawnSync('bash', ['-c', `set -e; source ${root}/scripts/common.sh; source ${root}/scripts/postgres.sh; ${line}`], { encoding: 'utf8' });
  if (done.status !== 0) {
    throw new Error(`${line}: ${done.stderr}`);
  }
  return done.stdout.trim();
};

export function killDatabase() {
  process.kill(Number(shell(`as_postgres head -1 ${cluster}/data/postmaster.pid`)), 'SIGKILL');
}

export const startDatabase = () => shell(`postgres_start ${cluster}`);
