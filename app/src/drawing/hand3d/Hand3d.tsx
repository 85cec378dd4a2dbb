import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { PerspectiveCamera, Vector3, WebGLRenderer, type Scene } from 'three';
import type { BowSolids } from './bowSolids';
import { buildScene, disposeScene, type SceneInks } from './buildScene';
import type { HandMesh } from '@open-palm/core/portrait';
import type { Point3 } from './held';
import { looker, type Orbit } from './orbit';

const DISTANCE_MM = 620;
/** What is seen at the hand with zoom 1 is at least this high and this wide, mm. */
const SEEN_MM = { height: 165, width: 235 };

/** What a turned hand is drawn with. */
interface Stage {
  renderer: WebGLRenderer;
  camera: PerspectiveCamera;
  scene: Scene | null;
  /** What is looked at: the middle of the hand. */
  middle: Vector3;
}

/**
 * A fitted hand and bow in space, drawn once for every change of what is looked at and from where.
 *
 * @param onFailed told when this device cannot draw in space
 */
export function Hand3d({
  hand,
  ghost,
  middle,
  bow,
  inks,
  orbit,
  onFailed,
}: {
  /** As held: a left hand is not told in the mirror here. */
  hand: HandMesh;
  ghost: HandMesh | null;
  /** What stands in the middle, mm. */
  middle: Point3;
  bow: BowSolids;
  inks: SceneInks;
  orbit: Orbit;
  onFailed: () => void;
}) {
  const host = useRef<View>(null);
  const stage = useRef<Stage | null>(null);
  const latest = useRef(orbit);
  useEffect(() => {
    const element = host.current as unknown as HTMLElement;
    let renderer: WebGLRenderer;
    try {
      renderer = new WebGLRenderer({ antialias: true, alpha: true });
    } catch {
      onFailed();
      return;
    }
    renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
    renderer.domElement.style.display = 'block';
    renderer.domElement.setAttribute('aria-hidden', 'true');
    element.append(renderer.domElement);
    const own: Stage = {
      renderer,
      camera: new PerspectiveCamera(20, 1, 10, 4000),
      scene: null,
      middle: new Vector3(),
    };
    stage.current = own;
    const fit = () => {
      const { clientWidth: width, clientHeight: height } = element;
      renderer.setSize(width, height);
      own.camera.aspect = width / Math.max(1, height);
      draw(own, latest.current);
    };
    const watch = new ResizeObserver(fit);
    watch.observe(element);
    return () => {
      watch.disconnect();
      if (own.scene) disposeScene(own.scene);
      renderer.dispose();
      renderer.domElement.remove();
      stage.current = null;
    };
  }, [onFailed]);
  useEffect(() => {
    const own = stage.current;
    if (!own) return;
    if (own.scene) disposeScene(own.scene);
    own.scene = buildScene(hand, ghost, bow, inks);
    own.middle.set(...middle);
    draw(own, latest.current);
  }, [hand, ghost, middle, bow, inks]);
  useEffect(() => {
    latest.current = orbit;
    if (stage.current) draw(stage.current, orbit);
  }, [orbit]);
  return <View ref={host} style={{ flex: 1, overflow: 'hidden' }} />;
}

function draw({ renderer, camera, scene, middle }: Stage, orbit: Orbit): void {
  if (!scene) return;
  const [, up, eye] = looker(orbit);
  const seenMm = Math.max(SEEN_MM.height, SEEN_MM.width / camera.aspect);
  camera.fov = (2 * Math.atan(seenMm / orbit.zoom / 2 / DISTANCE_MM) * 180) / Math.PI;
  camera.up.fromArray(up!);
  camera.position.fromArray(eye!).multiplyScalar(DISTANCE_MM).add(middle);
  camera.lookAt(middle);
  camera.updateProjectionMatrix();
  renderer.render(scene, camera);
}
