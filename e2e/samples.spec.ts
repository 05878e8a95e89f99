/** The sample rooms of the first page: each has a picture, opens as a plan of one's own, and fills. */
import type { Plan } from '@heronstone/core/model/plan.ts';
import { ALL } from './long.ts';
import { expect, test } from './testServer.ts';

test.use({ template: 'empty' });

const ROOMS = [
  'Yarn and stitching',
  ...(ALL
    ? ['Cards and stamps', 'Quilts and clothes', 'Beads and clay', 'Vinyl, wraps and parcels', 'Puppet workshop']
    : []),
];

test('a sample room has a picture, opens, and fills', async ({ page, server }) => {
  for (const name of ROOMS) {
    await page.goto(server.address);
    const rooms = page.getByRole('region', { name: 'Sample rooms' });
    await expect(rooms.getByRole('button')).toHaveCount(6);
    const room = rooms.getByRole('button', { name: new RegExp(`^${name}`) });
    const wide = await room.locator('img').evaluate((img: HTMLImageElement) => img.naturalWidth);
    expect([name, wide > 50]).toEqual([name, true]);
    await room.click();
    await page.getByRole('button', { name: 'Fill the room' }).click();
    await expect(page.getByText(/The room is filled/).first()).toBeVisible();
    await expect(page.getByText('Saved', { exact: true }).first()).toBeVisible();
    const id = /plan\/([^/?]+)/.exec(page.url())![1]!;
    const { plan } = (await (await fetch(`${server.address}/api/plans/${id}`)).json()) as { plan: Plan };
    expect(plan.meta.name).toBe(name);
    const placed = new Set(
      Object.values(plan.placements).flatMap((p) => (p.arrangement === 'planned' ? [p.supply] : [])),
    );
    expect(placed.size).toBeGreaterThan(0.9 * Object.keys(plan.supplies).length);
  }
});
