import { Circle, Polygon, Vec2, World, type Body } from 'planck';

/** A support that a bow settles on: where, mm from the thumb, and on which side of the stick. */
export interface Support {
  name: string;
  atMm: number;
  side: 'below' | 'above';
}

/** One unit of the engine, which is at home between 0.1 and 10 units, mm. */
const UNIT_MM = 10;
const STEP_S = 1 / 240;
const SETTLE_STEPS = 2000;
const READ_STEPS = 400;
const HALF_STICK = 0.4;
const ROUND = 0.3;

/**
 * What an engine of rigid bodies finds at the supports of a bow that was left to itself until it lies still, N. It knows
 * nothing of levers: contacts, impulses and time steps only.
 *
 * @param push a steady push at right angles to the stick, up, mm from the thumb
 */
export function settledReactions(
  bow: { massKg: number; gravity: number; weightAtMm: number; fromMm: number; toMm: number },
  supports: readonly Support[],
  push: { forceN: number; atMm: number } | null,
): Record<string, number> {
  const world = new World({ gravity: new Vec2(0, -bow.gravity), allowSleep: false });
  const stick = world.createBody({ type: 'dynamic', angularDamping: 4, linearDamping: 4 });
  const [from, to] = [bow.fromMm / UNIT_MM, bow.toMm / UNIT_MM];
  const outline = [
    new Vec2(from, -HALF_STICK),
    new Vec2(to, -HALF_STICK),
    new Vec2(to, HALF_STICK),
    new Vec2(from, HALF_STICK),
  ];
  stick.createFixture({ shape: new Polygon(outline), friction: 0, restitution: 0 });
  stick.setMassData({
    mass: bow.massKg,
    center: new Vec2(bow.weightAtMm / UNIT_MM, 0),
    I: bow.massKg * ((to - from) ** 2 / 12 + (bow.weightAtMm / UNIT_MM) ** 2),
  });
  const bodies = new Map<Body, string>();
  for (const { name, atMm, side } of supports) {
    const y = (HALF_STICK + ROUND) * (side === 'below' ? -1 : 1);
    const support = world.createBody({ position: new Vec2(atMm / UNIT_MM, y) });
    support.createFixture({ shape: new Circle(ROUND), friction: 0, restitution: 0 });
    bodies.set(support, name);
  }
  const impulses: Record<string, number> = {};
  let reading = false;
  world.on('post-solve', (contact, { normalImpulses }) => {
    const name =
      bodies.get(contact.getFixtureA().getBody()) ?? bodies.get(contact.getFixtureB().getBody());
    if (!reading || name === undefined) return;
    impulses[name] = normalImpulses.reduce((sum, one) => sum + one, impulses[name] ?? 0);
  });
  for (let step = 0; step < SETTLE_STEPS + READ_STEPS; step += 1) {
    reading = step >= SETTLE_STEPS;
    if (push) {
      const at = stick.getWorldPoint(new Vec2(push.atMm / UNIT_MM, 0));
      stick.applyForce(stick.getWorldVector(new Vec2(0, push.forceN)), at, true);
    }
    world.step(STEP_S, 20, 20);
  }
  return Object.fromEntries(
    supports.map(({ name }) => [name, (impulses[name] ?? 0) / (READ_STEPS * STEP_S)]),
  );
}
