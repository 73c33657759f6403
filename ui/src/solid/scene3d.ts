import {
  AmbientLight,
  Box3,
  type BufferGeometry,
  Color,
  DirectionalLight,
  DoubleSide,
  EdgesGeometry,
  Group,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
  OrthographicCamera,
  Plane,
  Scene,
  Vector3,
  WebGLRenderer,
} from 'three';
import { STLLoader } from 'three/examples/jsm/loaders/STLLoader.js';

/** A solid on the page: turned, and cut open by a plane. */
export interface Shown {
  /** Turns it, radians about the upright and about the level axis of the screen. */
  turn: (about: number, over: number) => void;
  /** Cuts away what lies beyond this share of its length, 0 to 1; 1 leaves it whole. */
  cut: (share: number) => void;
  /** Brings it nearer, or takes it further away: more than 1 is nearer. */
  nearer: (times: number) => void;
  resize: () => void;
  leave: () => void;
}

/** Faces that meet at less than this are one curved surface, degrees. */
const SMOOTH_DEGREES = 18;

/** Where its corners lie on average. */
function corners(geometry: BufferGeometry): Vector3 {
  const points = geometry.getAttribute('position');
  const seen = new Map<string, Vector3>();
  for (let i = 0; i < points.count; i++) {
    const point = new Vector3().fromBufferAttribute(points, i);
    seen.set(`${point.x.toFixed(3)} ${point.y.toFixed(3)} ${point.z.toFixed(3)}`, point);
  }
  const sum = new Vector3();
  for (const point of seen.values()) sum.add(point);
  return sum.divideScalar(Math.max(1, seen.size));
}

/** Shows a solid in a canvas; throws where the browser cannot draw in three dimensions. */
export function show(canvas: HTMLCanvasElement, stl: string): Shown {
  const renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
  renderer.localClippingEnabled = true;
  renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
  const tone = (name: string) => new Color(getComputedStyle(canvas).getPropertyValue(name).trim());
  const geometry: BufferGeometry = new STLLoader().parse(stl);
  geometry.computeBoundingBox();
  const box = geometry.boundingBox ?? new Box3();
  const size = box.getSize(new Vector3());
  const far = size.length() / 2;
  const along = size.x >= size.y && size.x >= size.z ? 'x' : size.y >= size.z ? 'y' : 'z';
  const middle = box.getCenter(new Vector3());
  geometry.translate(-middle.x, -middle.y, -middle.z);
  // Of a long thing the end that was worked is looked at: there most corners lie.
  const [thin = far, wide = far] = [size.x, size.y, size.z].sort((a, b) => a - b);
  const isLong = size[along] > 3 * wide;
  const at = isLong ? corners(geometry) : new Vector3();
  let near = isLong ? far / Math.hypot(thin, wide) / 1.1 : 1;
  const axis = new Vector3(along === 'x' ? -1 : 0, along === 'y' ? -1 : 0, along === 'z' ? -1 : 0);
  const knife = new Plane(axis, far);
  const body = new Mesh(
    geometry,
    new MeshLambertMaterial({ color: tone('--solid'), side: DoubleSide, clippingPlanes: [knife] }),
  );
  const ridges = new LineSegments(
    new EdgesGeometry(geometry, SMOOTH_DEGREES),
    new LineBasicMaterial({ color: tone('--scribe'), clippingPlanes: [knife] }),
  );
  body.position.copy(at).negate();
  ridges.position.copy(body.position);
  const group = new Group().add(body, ridges);
  const scene = new Scene().add(group, new AmbientLight(0xffffff, 1.1));
  const lamp = new DirectionalLight(0xffffff, 2.2);
  lamp.position.set(-1, 2, 3);
  scene.add(lamp);
  const camera = new OrthographicCamera(-far, far, far, -far, -10 * far, 10 * far);
  let about = 2.5;
  let over = -1;
  const paint = () => {
    group.rotation.set(over, 0, 0);
    group.rotateZ(about);
    group.updateMatrixWorld();
    // The knife lies in the solid, and turns with it.
    knife.copy(new Plane(axis, knifeAt)).applyMatrix4(body.matrixWorld);
    renderer.render(scene, camera);
    // How it stands, for whoever looks from outside.
    canvas.dataset.drawn = [about, over, near, knifeAt].map((value) => value.toFixed(3)).join(' ');
  };
  let knifeAt = far;
  const resize = () => {
    const { clientWidth, clientHeight } = canvas;
    renderer.setSize(clientWidth, clientHeight, false);
    const shape = clientWidth / Math.max(1, clientHeight);
    camera.zoom = near;
    camera.left = -far * Math.max(1, shape);
    camera.right = -camera.left;
    camera.top = far * Math.max(1, 1 / shape);
    camera.bottom = -camera.top;
    camera.updateProjectionMatrix();
    paint();
  };
  resize();
  return {
    turn: (more, further) => {
      about += more;
      over = Math.min(0.2, Math.max(-Math.PI, over + further));
      paint();
    },
    cut: (share) => {
      const half = size[along] / 2;
      knifeAt = share >= 1 ? far : -half + 2 * half * share;
      paint();
    },
    nearer: (times) => {
      near = Math.min(60, Math.max(0.5, near * times));
      resize();
    },
    resize,
    leave: () => {
      geometry.dispose();
      renderer.dispose();
    },
  };
}
