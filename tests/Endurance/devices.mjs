// A simulated rig and camera for one take, with lines between them that can be cut, and what went over them.
import { spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { connect, createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { root } from './support.mjs';

const listening = (server) => new Promise((resolve) => { server.listen(0, '127.0.0.1', () => resolve(server.address().port)); });

/** A line to a port that may move: what goes over it can be looked at, and it can be cut. */
class Line {
  port = 0;
  target = 0;
  hosts = 0;
  #open = new Set();
  #closedUntil = 0;

  constructor(see = () => {}) { this.see = see; }

  async listen() {
    this.server = createServer((host) => {
      if (Date.now() < this.#closedUntil || this.target === 0) { host.destroy(); return; }
      const device = connect(this.target, '127.0.0.1');
      const number = ++this.hosts;
      this.#open.add(host);
      for (const [one, other] of [[host, device], [device, host]]) {
        one.on('error', () => {});
        one.on('close', () => { other.destroy(); this.#open.delete(host); });
        one.on('data', (bytes) => { other.write(bytes); });
      }
      host.on('data', (bytes) => this.see(number, bytes));
    });
    this.port = await listening(this.server);
  }

  cut(milliseconds = 0) {
    this.#closedUntil = Date.now() + milliseconds;
    for (const host of this.#open) host.destroy();
  }

  close() { this.cut(); this.server.close(); }
}

const moves = /G0|G1|\$H|M240/;

export class Devices {
  /** Commands that move or fire, each with the connection it came on. */
  moved = [];
  faults = [];

  constructor(speed) {
    this.speed = speed;
    this.folder = mkdtempSync(join(tmpdir(), 'evrent-devices-'));
    this.card = join(this.folder, 'card');
    this.rigLine = new Line((host, bytes) => { if (moves.test(bytes.toString('latin1'))) this.moved.push(host); });
    this.cameraLine = new Line();
    this.triggerLine = new Line();
  }

  async start() {
    await Promise.all([this.rigLine, this.cameraLine, this.triggerLine].map((line) => line.listen()));
    await this.startCamera();
    await this.startRig();
  }

  async #device(...options) {
    const process = spawn('php', [join(root, 'bin/evrent'), ...options, `--speed=${this.speed}`], { stdio: ['ignore', 'pipe', 'pipe'] });
    const said = await new Promise((resolve, reject) => {
      process.stdout.once('data', (text) => resolve(String(text)));
      process.once('exit', () => reject(new Error(`a device did not start: ${options.join(' ')}`)));
    });
    return { process, ports: [...said.matchAll(/127\.0\.0\.1:(\d+)/g)].map(([, port]) => Number(port)) };
  }

  async startCamera() {
    const list = join(this.folder, 'faults.json');
    writeFileSync(list, JSON.stringify({ format: 'evrent.faults/1', faults: this.faults }));
    const { process, ports } = await this.#device('camera', '--port=0', '--trigger-port=0', `--card=${this.card}`, `--faults=${list}`);
    this.camera = process;
    [this.cameraLine.target, this.triggerLine.target] = ports;
  }

  async startRig() {
    const { process, ports } = await this.#device('rig', '--port=0', `--trigger=127.0.0.1:${this.triggerLine.port}`);
    this.rig = process;
    [this.rigLine.target] = ports;
  }

  async kill(what, seconds = 0.5) {
    this[what].kill('SIGKILL');
    await new Promise((resolve) => setTimeout(resolve, seconds * 1000));
    await (what === 'rig' ? this.startRig() : this.startCamera());
  }

  /** Another card is put in. */
  swapCard() { renameSync(join(this.card, 'DCIM'), join(this.folder, 'first-card')); }

  /** @returns {string[]} names of all photos that were taken */
  photos() {
    return readdirSync(this.folder, { recursive: true }).map(String).filter((name) => name.endsWith('.JPG')).map((name) => name.split('/').pop());
  }

  /** How often a connection moved something after a later one had: two hands on one rig. */
  twoHands() { return this.moved.filter((host, at) => host < Math.max(0, ...this.moved.slice(0, at))).length; }

  stop() {
    for (const process of [this.rig, this.camera]) process?.kill('SIGKILL');
    for (const line of [this.rigLine, this.cameraLine, this.triggerLine]) line.close();
    rmSync(this.folder, { recursive: true, force: true });
  }
}
