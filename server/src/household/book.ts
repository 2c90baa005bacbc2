import { createHash, randomBytes, randomUUID, scrypt, timingSafeEqual } from 'node:crypto';
import fs from 'node:fs';
import path from 'node:path';
import { promisify } from 'node:util';
import { z } from 'zod';

/**
 * Who of the house may come in: the passphrase as a hash that costs memory to try, and the devices by the hash of what
 * each was given. A file of its own beside the garden, so that neither travels with a bundle or a backup.
 */
const stored = z.object({
  passphrase: z.object({ salt: z.string(), hash: z.string() }).nullable(),
  devices: z.array(
    z.object({ id: z.string(), name: z.string(), token: z.string(), pairedOn: z.string(), lastSeen: z.string() }),
  ),
});
type Stored = z.infer<typeof stored>;
export type Device = Omit<Stored['devices'][number], 'token'>;

function bookIn(file: string): Stored {
  try {
    return stored.parse(JSON.parse(fs.readFileSync(file, 'utf8')));
  } catch {
    throw new Error(`${file} cannot be read. Move it away, and pair the devices of the house anew.`);
  }
}

const mostDevices = 30;
/** 32 MB and some 100 ms for each try. */
const cost = { N: 32_768, r: 8, p: 1, maxmem: 64 * 1024 * 1024 } as const;
const hashed = promisify<string, Buffer, number, object, Buffer>(scrypt);
const tokenHash = (token: string): string => createHash('sha256').update(token).digest('base64');

export class HouseholdBook {
  private now: Stored;
  private readonly file: string;

  /** @throws Error where the file is there and cannot be read */
  constructor(dataDir: string) {
    this.file = path.join(dataDir, 'household.json');
    this.now = fs.existsSync(this.file) ? bookIn(this.file) : { passphrase: null, devices: [] };
  }

  private save(next: Stored): void {
    // Whole or not at all, and for its owner alone.
    fs.writeFileSync(`${this.file}.half`, JSON.stringify(next), { mode: 0o600 });
    fs.renameSync(`${this.file}.half`, this.file);
    this.now = next;
  }

  get hasPassphrase(): boolean {
    return this.now.passphrase !== null;
  }

  /** Another passphrase; devices that are paired stay so. */
  async setPassphrase(word: string): Promise<void> {
    const salt = randomBytes(16);
    const hash = await hashed(word.normalize('NFC'), salt, 32, cost);
    this.save({ ...this.now, passphrase: { salt: salt.toString('base64'), hash: hash.toString('base64') } });
  }

  async isPassphrase(word: string): Promise<boolean> {
    if (!this.now.passphrase) return false;
    const { salt, hash } = this.now.passphrase;
    const tried = await hashed(word.normalize('NFC'), Buffer.from(salt, 'base64'), 32, cost);
    return timingSafeEqual(tried, Buffer.from(hash, 'base64'));
  }

  devices(): Device[] {
    return this.now.devices.map(({ token: _, ...device }) => device);
  }

  /** @returns what the device shows from now on; it stands nowhere here */
  add(name: string, now: Date): string {
    const token = randomBytes(32).toString('base64url');
    const at = now.toISOString();
    const device = { id: randomUUID(), name: this.freeName(name), token: tokenHash(token), pairedOn: at, lastSeen: at };
    // The one not seen for longest makes room.
    const kept = [...this.now.devices].sort((a, b) => b.lastSeen.localeCompare(a.lastSeen)).slice(0, mostDevices - 1);
    this.save({ ...this.now, devices: [...kept, device] });
    return token;
  }

  private freeName(name: string): string {
    const isTaken = (wanted: string) => this.now.devices.some((device) => device.name === wanted);
    for (let nth = 2; ; nth += 1) {
      const wanted = nth === 2 ? name : `${name} ${nth - 1}`;
      if (!isTaken(wanted)) return wanted;
    }
  }

  /** The device that shows a token; its last day is noted. */
  known(token: string, now: Date): Device | undefined {
    const hash = tokenHash(token);
    const found = this.now.devices.find((device) => device.token === hash);
    if (!found) return undefined;
    const at = now.toISOString();
    if (found.lastSeen.slice(0, 10) !== at.slice(0, 10)) {
      const devices = this.now.devices.map((device) => (device === found ? { ...device, lastSeen: at } : device));
      try {
        this.save({ ...this.now, devices });
      } catch {
        // On a full disk nobody is kept out for the sake of a date.
      }
    }
    const { token: _, ...device } = found;
    return device;
  }

  remove(id: string): boolean {
    const devices = this.now.devices.filter((device) => device.id !== id);
    if (devices.length === this.now.devices.length) return false;
    this.save({ ...this.now, devices });
    return true;
  }
}
