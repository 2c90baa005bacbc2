import { caseView } from '@trowel/core/contract';
import { pictureOnly } from '../src/formats/jpeg';
import { dropLoosePhotos } from '../src/store/photos';
import { bedWithCurrants, callsOf, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());
const { post, refused } = callsOf(() => world);

/** A segment of a JPEG: its marker and what is in it. */
const segment = (marker: number, inside: Buffer): Buffer =>
  Buffer.concat([Buffer.from([0xff, marker, (inside.length + 2) >> 8, (inside.length + 2) & 0xff]), inside]);
const frame = (width: number, height: number) =>
  segment(0xc0, Buffer.from([8, height >> 8, height & 0xff, width >> 8, width & 0xff, 1, 1, 0x11, 0]));
const scan = Buffer.concat([segment(0xda, Buffer.from([1, 1, 0, 0, 63, 0])), Buffer.from([0x12, 0x34, 0xff, 0xd9])]);
/** A JPEG with what cameras write into it: place, maker, a comment. */
const shot = (width = 640, height = 480) =>
  Buffer.concat([
    Buffer.from([0xff, 0xd8]),
    segment(0xe0, Buffer.from('JFIF\0')),
    segment(0xe1, Buffer.from('Exif\0\0 GPS 52.1 N 4.1 W')),
    segment(0xed, Buffer.from('Photoshop owner')),
    segment(0xfe, Buffer.from('by somebody')),
    frame(width, height),
    scan,
  ]);
const send = (bytes: Buffer, type = 'image/jpeg') =>
  world.api.post('/api/photos').set('Content-Type', type).send(bytes);

async function openCase(): Promise<string> {
  return (await post('/cases', await bedWithCurrants(world))).id ?? '';
}
const photosOf = async (id: string) =>
  caseView.parse((await world.api.get(`/api/cases/${id}`).expect(200)).body).photos;

describe('a photograph', () => {
  test('is kept with its case, without what the camera wrote into it, and comes back as it was kept', async () => {
    const id = await openCase();
    const { body } = await send(shot()).expect(200);
    await post(`/cases/${id}/photos`, { photo: body.id });
    expect(await photosOf(id)).toEqual([
      { id: body.id, on: '2026-06-10', width: 640, height: 480, spotted: null, specks: null },
    ]);
    const { body: back, type } = await world.api.get(`/api/photos/${body.id}`).expect(200);
    expect(type).toBe('image/jpeg');
    expect(back.toString('latin1')).not.toMatch(/GPS|Photoshop|somebody/);
    expect(back.subarray(-4)).toEqual(scan.subarray(-4));
  });

  test('is taken out and put back in one tap', async () => {
    const id = await openCase();
    const { body } = await send(shot()).expect(200);
    await post(`/cases/${id}/photos`, { photo: body.id });
    await post(`/photos/${body.id}/take-back`);
    expect(await photosOf(id)).toEqual([]);
    await post(`/photos/${body.id}/take-back`, { isBack: true });
    expect(await photosOf(id)).toHaveLength(1);
  });

  test('how much of its leaf is spotted is kept with it, stands in the log, and is taken away again', async () => {
    const id = await openCase();
    const { body } = await send(shot()).expect(200);
    // As long as no case has it there is nothing to measure it for.
    await refused(`/photos/${body.id}/measure`, { spotted: null }, 404);
    await post(`/cases/${id}/photos`, { photo: body.id });
    const spotted = { share: 0.18, low: 0.15, high: 0.22 };
    await post(`/photos/${body.id}/measure`, { spotted });
    expect(await photosOf(id)).toMatchObject([{ spotted }]);
    const log = async () => JSON.stringify((await world.api.get('/api/log').expect(200)).body);
    expect(await log()).toContain('Photograph measured: 18 % of the leaf spotted');
    await refused(`/photos/${body.id}/measure`, { spotted: { share: 0.5, low: 0.6, high: 0.7 } }, 422);
    expect(await photosOf(id)).toMatchObject([{ spotted }]);
    await post(`/photos/${body.id}/measure`, { spotted: null });
    expect(await photosOf(id)).toMatchObject([{ spotted: null }]);
    expect(await log()).toContain('Photograph measured: taken away again');
    const powdery = { ...spotted, look: 'powder' };
    await post(`/photos/${body.id}/measure`, { spotted: powdery });
    expect(await log()).toContain('18 % of the leaf under powder');
    // Specks on a card stand beside it; neither takes the other away.
    const specks = { count: 37, low: 34, high: 41 };
    await post(`/photos/${body.id}/measure`, { specks });
    expect(await photosOf(id)).toMatchObject([{ spotted: powdery, specks }]);
    expect(await log()).toContain('37 specks');
    await refused(`/photos/${body.id}/measure`, { specks: { count: 3, low: 4, high: 9 } }, 422);
    await refused(`/photos/${body.id}/measure`, {}, 422);
  });

  test('that is none, is cut short, or is far too large is refused in words, and nothing is kept', async () => {
    const bad = [
      Buffer.from('GIF89a'),
      Buffer.alloc(0),
      shot().subarray(0, 30),
      Buffer.concat([Buffer.from([0xff, 0xd8]), scan]),
      shot(6000, 4000),
      shot(0, 4000),
    ];
    for (const bytes of bad) expect((await send(bytes)).status).toBe(422);
    expect((await send(shot(), 'text/plain')).status).toBe(422);
    expect((await send(Buffer.concat([shot(), Buffer.alloc(1_200_000)]))).status).toBe(413);
    expect(world.db.prepare('SELECT COUNT(*) FROM photo').pluck().get()).toBe(0);
  });

  test('of another case, or that is not there, is not given; what nobody gave a case is gone at the next start', async () => {
    const id = await openCase();
    const [bed] = (await world.api.get('/api/garden')).body.beds;
    const other = await post('/cases', { bedId: bed.id });
    const { body } = await send(shot()).expect(200);
    const { body: loose } = await send(shot()).expect(200);
    await post(`/cases/${id}/photos`, { photo: body.id });
    await refused(`/cases/${other.id}/photos`, { photo: body.id }, 409);
    await refused(`/cases/${id}/photos`, { photo: 'none' }, 404);
    await world.api.get('/api/photos/none').expect(404);
    dropLoosePhotos(world.db);
    await world.api.get(`/api/photos/${loose.id}`).expect(404);
    await world.api.get(`/api/photos/${body.id}`).expect(200);
  });

  test('no bytes whatever bring the reader down (every cut of a good one)', () => {
    const good = shot();
    for (let end = 0; end < good.length - scan.length; end += 1)
      expect(() => pictureOnly(good.subarray(0, end))).toThrow(/photo/);
  });
});
