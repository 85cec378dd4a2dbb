import { lazy, Suspense, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { ActivityIndicator } from 'react-native-paper';
import { View, type ViewStyle } from 'react-native';
import type { SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { View as PictureView } from '@open-palm/core/measure';
import { Button } from '../../foundation/kit/Button';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { onKeys } from '../../foundation/kit/onKeys';
import type { AreaPoint } from '../../foundation/kit/pointers';
import { PointerSurface } from '../../foundation/kit/PointerSurface';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { RADIUS, space } from '../../foundation/kit/tokens';
import { drawnHold } from '@open-palm/core/pose/drawnHold';
import type { HandMesh } from '@open-palm/core/portrait';
import { askFittedMesh, askWantedMesh } from '../../foundation/workers/askPortrait';
import { SKINS } from '@open-palm/core/portrait/skins';
import { strings } from '../../foundation/strings';
import { bowSolids } from './bowSolids';
import { FittedStill } from './FittedStill';
import { asHeld, type Point3 } from './held';
import { firstOrbit, orbitOf, turned, zoomed, type Orbit } from './orbit';

const words = strings.hand3d;

/** The drawing in space comes when it is asked for: its engine is larger than the rest of the app. */
const HandSpace = lazy(async () => ({ default: (await import('./Hand3d')).Hand3d }));

const VIEWS: readonly PictureView[] = ['finger-side', 'thumb-side', 'player-eye', 'profile'];
/** Degrees that a finger turns the hand when it crosses the drawing. */
const ACROSS_DEG = 260;
const KEY_DEG = 10;
const ZOOM_STEP = 1.2;
const HEIGHT = 280;

/** A fitted hand that is turned with a finger, with keys, or to one of the views; the hold's hand can be laid over it. */
export function TurnableHand({
  pointsMm,
  side,
  hold,
  skinTone,
  label,
}: {
  pointsMm: readonly Point3[];
  side: 'right' | 'left';
  hold: Hold;
  skinTone: SkinTone;
  label: string;
}) {
  const tokens = useTokens();
  const [orbit, setOrbit] = useState<Orbit>(() => firstOrbit(side));
  const [inSpace, setInSpace] = useState<'still' | 'space' | 'failed'>('still');
  const [showsGhost, setGhost] = useState(false);
  const last = useRef<AreaPoint | null>(null);
  const isInSpace = inSpace === 'space';
  const hand = useMesh(
    useCallback(() => askFittedMesh(pointsMm, side), [pointsMm, side]),
    isInSpace,
  );
  const target = useMesh(
    useCallback(() => askWantedMesh(drawnHold(hold), pointsMm, side), [hold, pointsMm, side]),
    isInSpace,
  );
  const middle = useMemo(() => {
    const held = asHeld(pointsMm, side);
    return [0, 1, 2].map(
      (k) => held.reduce((sum, point) => sum + point[k]!, 0) / held.length,
    ) as unknown as Point3;
  }, [pointsMm, side]);
  const bow = useMemo(() => bowSolids(hold.bow), [hold.bow]);
  const inks = useMemo(
    () => ({
      skin: SKINS[skinTone].fill,
      ghost: tokens.in,
      wood: tokens.wood,
      frog: tokens.frog,
      leather: tokens.leather,
      winding: tokens.winding,
      metal: tokens.metal,
      hair: tokens.hair,
    }),
    [skinTone, tokens],
  );
  const failed = useCallback(() => setInSpace('failed'), []);
  const turn = (yaw: number, pitch: number) => setOrbit((now) => turned(now, yaw, pitch));
  const zoom = (factor: number) => setOrbit((now) => zoomed(now, factor));
  const still = (
    <FittedStill
      pointsMm={pointsMm}
      side={side}
      bow={hold.bow}
      skinTone={skinTone}
      orbit={orbit}
      label={label}
    />
  );
  return (
    <View style={{ gap: space(2) }}>
      <View
        role="application"
        aria-label={`${label}. ${words.keys}`}
        aria-roledescription={words.role}
        tabIndex={0}
        testID="turnable-hand"
        {...onKeys({
          ArrowLeft: () => turn(-KEY_DEG, 0),
          ArrowRight: () => turn(KEY_DEG, 0),
          ArrowUp: () => turn(0, KEY_DEG),
          ArrowDown: () => turn(0, -KEY_DEG),
          '+': () => zoom(ZOOM_STEP),
          '-': () => zoom(1 / ZOOM_STEP),
          Home: () => setOrbit(firstOrbit(side)),
        })}
        style={
          {
            height: HEIGHT,
            borderRadius: RADIUS - 4,
            backgroundColor: tokens.ground,
            overflow: 'hidden',
          } as ViewStyle
        }
      >
        <PointerSurface
          onDown={(at) => (last.current = at)}
          onMove={(at) => {
            const from = last.current;
            if (from) turn((from.x - at.x) * ACROSS_DEG, (at.y - from.y) * ACROSS_DEG * 0.6);
            last.current = at;
          }}
          onUp={() => (last.current = null)}
          style={{ flex: 1, cursor: 'grab' } as unknown as ViewStyle}
        >
          {isInSpace && hand ? (
            <Suspense
              fallback={
                <View style={{ flex: 1, justifyContent: 'center' }}>
                  <ActivityIndicator color={tokens.amber} accessibilityLabel={words.loading} />
                </View>
              }
            >
              <HandSpace
                hand={hand}
                ghost={showsGhost ? target : null}
                middle={middle}
                bow={bow}
                inks={inks}
                orbit={orbit}
                onFailed={failed}
              />
            </Suspense>
          ) : (
            <View style={{ flex: 1, justifyContent: 'center' }}>{still}</View>
          )}
        </PointerSurface>
      </View>
      <Choices question={words.from}>
        {VIEWS.map((view) => (
          <Choice
            key={view}
            label={strings.views[view]}
            chosen={isAt(orbit, orbitOf(view, side))}
            onPress={() => setOrbit(orbitOf(view, side))}
          />
        ))}
      </Choices>
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        {inSpace === 'still' ? (
          <Button
            label={words.open}
            icon="rotate-3d-variant"
            onPress={() => setInSpace('space')}
            style={{ flex: 1 }}
          />
        ) : null}
        {inSpace === 'space' && target ? (
          <Button
            label={showsGhost ? words.hideTarget : words.showTarget}
            icon={showsGhost ? 'eye-off-outline' : 'eye-outline'}
            onPress={() => setGhost(!showsGhost)}
            style={{ flex: 1 }}
          />
        ) : null}
      </View>
      {inSpace === 'failed' ? (
        <Text variant="small" second>
          {words.failed}
        </Text>
      ) : null}
    </View>
  );
}

/** A skin in space, asked for once it is wanted; null until it is there. */
function useMesh(ask: () => Promise<HandMesh>, isWanted: boolean): HandMesh | null {
  const [mesh, setMesh] = useState<HandMesh | null>(null);
  useEffect(() => {
    if (!isWanted) return;
    let isOpen = true;
    ask().then(
      (found) => isOpen && setMesh(found),
      () => undefined,
    );
    return () => {
      isOpen = false;
    };
  }, [ask, isWanted]);
  return mesh;
}

const isAt = (a: Orbit, b: Orbit) =>
  Math.abs(a.yawDeg - b.yawDeg) < 1 && Math.abs(a.pitchDeg - b.pitchDeg) < 1;
