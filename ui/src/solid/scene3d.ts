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
  resize: () => void;
  leave: () => void;
}

/** Faces that meet at less than this are one curved surface, degrees. */
const SMOOTH_DEGREES = 18;

/** Shows a solid in a canvas; throws where the browser cannot draw in three dimensions. */
export function show(canvas: HTMLCanvasElement, stl: string): Shown {
  const renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
  renderer.localClippingEnabled = true;
  renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
  const tone = (name: string) => new Color(getComputedStyle(canvas).getPropertyValue(name).trim());
  const geometry: BufferGeometry = new STLLoader().parse(stl);
  geometry.computeBoundingBox();
  const box = geometry.boundingBox ?? new Box3();
  const middle = box.getCenter(new Vector3());
  const size = box.getSize(new Vector3());
  geometry.translate(-middle.x, -middle.y, -middle.z);
  const far = size.length() / 2;
  const along = size.x >= size.y && size.x >= size.z ? 'x' : size.y >= size.z ? 'y' : 'z';
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
  const group = new Group().add(body, ridges);
  group.rotation.order = 'XYZ';
  const scene = new Scene().add(group, new AmbientLight(0xffffff, 1.1));
  const lamp = new DirectionalLight(0xffffff, 2.2);
  lamp.position.set(-1, 2, 3);
  scene.add(lamp);
  const camera = new OrthographicCamera(-far, far, far, -far, -10 * far, 10 * far);
  let about = -0.7;
  let over = -1;
  const paint = () => {
    group.rotation.set(over, 0, 0);
    group.rotateZ(about);
    group.updateMatrixWorld();
    // The knife lies in the solid, and turns with it.
    knife.copy(new Plane(axis, knifeAt)).applyMatrix4(group.matrixWorld);
    renderer.render(scene, camera);
  };
  let knifeAt = far;
  const resize = () => {
    const { clientWidth, clientHeight } = canvas;
    renderer.setSize(clientWidth, clientHeight, false);
    const wide = clientWidth / Math.max(1, clientHeight);
    camera.left = -far * Math.max(1, wide);
    camera.right = -camera.left;
    camera.top = far * Math.max(1, 1 / wide);
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
    resize,
    leave: () => {
      geometry.dispose();
      renderer.dispose();
    },
  };
}
