import { Canvas, useThree } from '@react-three/fiber';
import { useCallback, useEffect, useMemo } from 'react';
import {
  BufferAttribute,
  BufferGeometry,
  CatmullRomCurve3,
  Color,
  DoubleSide,
  type InstancedMesh,
  Matrix4,
  type OrthographicCamera,
  Plane,
  Quaternion,
  TubeGeometry,
  Vector3,
} from 'three';
import type { SolidTriangles } from '../../workers/solidMessages.ts';
import { dabbing, useVertexColours } from './paint.ts';

/** Where the viewer stands: turned round the upright axis and raised over the level, degrees. */
export interface Standpoint {
  readonly around: number;
  readonly above: number;
}

interface SceneProps {
  readonly skin: SolidTriangles;
  readonly core: SolidTriangles | null;
  readonly standpoint: Standpoint;
  /** 1 shows the whole thing. */
  readonly zoom: number;
  /** Pixels to a length of the solid that the zoom gives way to; null for the zoom. */
  readonly pxPerMm: number | null;
  readonly isClear: boolean;
  readonly cut: Cut | null;
  /** Colour of the solid, by its name among the drawings' colours. */
  readonly material: string;
  /** A colour for each region; null for one colour. */
  readonly regionColours: readonly string[] | null;
  /** A colour for each vertex, red, green and blue, 0–1 as sRGB; goes before those of regions. */
  readonly vertexColours?: Float32Array | null;
  /** A place of the skin that a brush is put on, in the frame of the solid. */
  readonly onDab?: ((at: Place) => void) | undefined;
  /** Wires in it, in the frame of the solid. */
  readonly wires: readonly SolidWire[];
  /** How far it is peeled. */
  readonly peel: Peel;
  /** Closed lines on it, in its frame. */
  readonly lines?: readonly SolidLine[];
  /** What stands on it many times over. */
  readonly copies?: SolidCopies | null;
}

interface SolidSceneProps extends SceneProps {
  /** The browser has taken the graphics away: nothing is drawn any more. */
  readonly onLost: () => void;
}

/** A wire as it runs, with its width. */
export interface SolidWire {
  readonly points: readonly (readonly [number, number, number])[];
  readonly widthMm: number;
}

type Place = readonly [number, number, number];

/** A closed line on a solid. */
export type SolidLine = readonly Place[];

/** One thing many times: its triangles, and of each copy the axes and the origin, in the frame of the scene. */
export interface SolidCopies {
  readonly one: SolidTriangles;
  readonly stands: readonly { readonly x: Place; readonly y: Place; readonly z: Place; readonly at: Place }[];
  /** Name among the drawings’ colours. */
  readonly material: string;
}

/** What is left to be seen: all of it, what is under the clay, or the wires alone. */
export type Peel = 'skin' | 'core' | 'wire';

/** A plane that what lies beyond it is taken off by: square to an axis, at a share of the solid. */
export interface Cut {
  readonly axis: 'x' | 'y' | 'z';
  readonly share: number;
}

const RADIANS = Math.PI / 180;

function geometryOf(
  { positions, triangles, owners, hasEdges }: SolidTriangles,
  regionColours: readonly string[] | null,
): BufferGeometry {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(positions, 3));
  geometry.setIndex(new BufferAttribute(triangles, 1));
  if (regionColours && owners) geometry.setAttribute('color', coloursOf(owners, regionColours));
  const shown = hasEdges ? geometry.toNonIndexed() : geometry;
  shown.computeVertexNormals();
  shown.computeBoundingBox();
  return shown;
}

/** One colour a vertex, by its region. */
function coloursOf(owners: Uint8Array, regionColours: readonly string[]): BufferAttribute {
  const palette = regionColours.map((name) => new Color(name));
  const colours = new Float32Array(owners.length * 3);
  owners.forEach((owner, i) => {
    palette[owner - 1]?.toArray(colours, 3 * i);
  });
  return new BufferAttribute(colours, 3);
}

function useGeometry(
  triangles: SolidTriangles | null,
  regionColours: readonly string[] | null,
): BufferGeometry | null {
  const geometry = useMemo(
    () => triangles && geometryOf(triangles, regionColours),
    [triangles, regionColours],
  );
  useEffect(() => () => geometry?.dispose(), [geometry]);
  return geometry;
}

/** A colour of the drawings, as the page has it now. */
function colourOf(name: string): Color {
  return new Color(getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim());
}

/** Directions of a view: to the right of the screen, up it, and towards the viewer. */
function directionsOf({ around, above }: Standpoint) {
  const [a, b] = [around * RADIANS, above * RADIANS];
  const towards = new Vector3(Math.sin(a) * Math.cos(b), Math.sin(b), Math.cos(a) * Math.cos(b));
  // Straight from above or below the far side of the thing is up on the screen.
  const isPlan = Math.abs(above) > 89.9;
  const right = isPlan ? new Vector3(1, 0, 0) : new Vector3(Math.cos(a), 0, -Math.sin(a));
  const up = isPlan ? new Vector3(0, 0, -Math.sign(above)) : new Vector3().crossVectors(towards, right);
  return { right, up, towards };
}

type StandProps = { geometry: BufferGeometry } & Pick<SceneProps, 'standpoint' | 'zoom' | 'pxPerMm'>;

/** Share of the picture that the whole thing fills. */
const FILLED = 0.9;

function Stand({ geometry, standpoint, zoom, pxPerMm }: StandProps) {
  const { camera, size, invalidate } = useThree();
  useEffect(() => {
    const box = geometry.boundingBox;
    if (!box) return;
    const middle = box.getCenter(new Vector3());
    const span = box.getSize(new Vector3());
    const reach = span.length();
    const { right, up, towards } = directionsOf(standpoint);
    camera.position.copy(middle).addScaledVector(towards, reach * 2);
    camera.up.copy(up);
    camera.lookAt(middle);
    const seen = (v: Vector3) =>
      Math.abs(v.x) * span.x + Math.abs(v.y) * span.y + Math.abs(v.z) * span.z || 1e-6;
    const ortho = camera as OrthographicCamera;
    const whole = FILLED * Math.min(size.width / seen(right), size.height / seen(up));
    ortho.zoom = pxPerMm ?? zoom * whole;
    ortho.near = 0;
    ortho.far = reach * 4;
    ortho.updateProjectionMatrix();
    invalidate();
  }, [camera, geometry, standpoint, zoom, pxPerMm, size, invalidate]);
  return null;
}

const NORMALS: Readonly<Record<Cut['axis'], Vector3>> = {
  x: new Vector3(-1, 0, 0),
  y: new Vector3(0, -1, 0),
  z: new Vector3(0, 0, -1),
};

function useCut(geometry: BufferGeometry | null, cut: Cut | null): Plane[] {
  return useMemo(() => {
    const box = geometry?.boundingBox;
    if (!cut || !box) return [];
    const { axis, share } = cut;
    return [new Plane(NORMALS[axis], box.min[axis] + (box.max[axis] - box.min[axis]) * share)];
  }, [geometry, cut]);
}

/** Sides that a wire is drawn with. */
const WIRE_SIDES = 12;

/** Wires as straight lengths of round bar, with a ball at each bend. */
function Wires({ wires }: Pick<SceneProps, 'wires'>) {
  const lengths = useMemo(
    () =>
      wires.flatMap(({ points, widthMm }) =>
        points.slice(1).map((to, i) => {
          const [from, end] = [new Vector3(...(points[i] ?? to)), new Vector3(...to)];
          const way = end.clone().sub(from);
          const turn = new Quaternion().setFromUnitVectors(new Vector3(0, 1, 0), way.clone().normalize());
          return {
            middle: from.clone().add(end).multiplyScalar(0.5),
            end,
            long: way.length(),
            turn,
            r: widthMm / 2,
          };
        }),
      ),
    [wires],
  );
  const colour = colourOf('wire');
  return lengths.map(({ middle, end, long, turn, r }, i) => (
    // biome-ignore lint/suspicious/noArrayIndexKey: lengths are known by their place
    <group key={i}>
      <mesh position={middle} quaternion={turn}>
        <cylinderGeometry args={[r, r, long, WIRE_SIDES]} />
        <meshStandardMaterial color={colour} roughness={0.4} metalness={0.4} />
      </mesh>
      <mesh position={end}>
        <sphereGeometry args={[r, WIRE_SIDES, WIRE_SIDES / 2]} />
        <meshStandardMaterial color={colour} roughness={0.4} metalness={0.4} />
      </mesh>
    </group>
  ));
}

/** Of a solid’s longest side, how thick a line on it is drawn. */
const LINE_WIDTH = 0.006;

/** Closed lines as thin round bars in the colour of what can be pressed. */
function Lines({
  lines,
  geometry,
}: {
  readonly lines: readonly SolidLine[];
  readonly geometry: BufferGeometry;
}) {
  const tubes = useMemo(() => {
    const span = geometry.boundingBox?.getSize(new Vector3()) ?? new Vector3(1, 1, 1);
    const radius = (LINE_WIDTH * Math.max(span.x, span.y, span.z)) / 2;
    return lines.map((line) => {
      const curve = new CatmullRomCurve3(
        line.map((at) => new Vector3(...at)),
        true,
      );
      return new TubeGeometry(curve, Math.min(600, line.length), radius, 6, true);
    });
  }, [lines, geometry]);
  useEffect(
    () => () => {
      for (const tube of tubes) tube.dispose();
    },
    [tubes],
  );
  return tubes.map((tube, i) => (
    // biome-ignore lint/suspicious/noArrayIndexKey: lines are known by their place
    <mesh key={i} geometry={tube}>
      <meshBasicMaterial color={colourOf('ink')} />
    </mesh>
  ));
}

/** One thing many times over, each where it stands. */
function Copies({ one, stands, material }: SolidCopies) {
  const geometry = useGeometry(one, null);
  const { invalidate } = useThree();
  const place = useCallback(
    (mesh: InstancedMesh | null) => {
      stands.forEach(({ x, y, z, at }, i) => {
        const matrix = new Matrix4().makeBasis(new Vector3(...x), new Vector3(...y), new Vector3(...z));
        mesh?.setMatrixAt(i, matrix.setPosition(...at));
      });
      if (mesh) mesh.instanceMatrix.needsUpdate = true;
      invalidate();
    },
    [stands, invalidate],
  );
  return (
    geometry && (
      <instancedMesh
        key={stands.length}
        ref={place}
        args={[geometry, undefined, stands.length]}
        frustumCulled={false}
      >
        <meshStandardMaterial color={colourOf(material)} roughness={0.85} side={DoubleSide} />
      </instancedMesh>
    )
  );
}

function Bodies({
  skin,
  core,
  isClear,
  cut,
  material,
  regionColours,
  wires,
  peel,
  lines = [],
  copies = null,
  vertexColours = null,
  onDab,
  ...view
}: SceneProps) {
  const { invalidate } = useThree();
  const outer = useGeometry(skin, regionColours);
  useVertexColours(outer, vertexColours);
  const inner = useGeometry(core, null);
  const planes = useCut(outer, cut);
  const inColours = vertexColours !== null || (outer?.hasAttribute('color') ?? false);
  useEffect(() => {
    invalidate();
  });
  if (!outer) return null;
  return (
    <>
      <Stand geometry={outer} {...view} />
      <mesh geometry={outer} renderOrder={1} visible={peel === 'skin'} {...dabbing(onDab)}>
        <meshStandardMaterial
          key={inColours ? 'regions' : 'one'}
          color={inColours ? '#ffffff' : colourOf(material)}
          vertexColors={inColours}
          roughness={0.85}
          side={DoubleSide}
          clippingPlanes={planes}
          transparent={isClear}
          opacity={isClear ? 0.35 : 1}
          depthWrite={!isClear}
        />
      </mesh>
      {inner && peel !== 'wire' && (isClear || cut || peel === 'core') && (
        <mesh geometry={inner}>
          <meshStandardMaterial
            color={colourOf('foil')}
            roughness={0.4}
            metalness={0.3}
            side={DoubleSide}
            clippingPlanes={planes}
          />
        </mesh>
      )}
      {(isClear || cut || peel !== 'skin') && <Wires wires={wires} />}
      {lines.length > 0 && <Lines lines={lines} geometry={outer} />}
      {copies && <Copies {...copies} />}
    </>
  );
}

/** Tells when the graphics are taken away, for as long as the view is there: leaving it gives them back as well. */
function Watch({ onLost }: Pick<SolidSceneProps, 'onLost'>) {
  const { gl } = useThree();
  useEffect(() => {
    const { domElement } = gl;
    domElement.addEventListener('webglcontextlost', onLost);
    return () => domElement.removeEventListener('webglcontextlost', onLost);
  }, [gl, onLost]);
  return null;
}

/** The solid in space: an orthographic view, as drawings are. */
export default function SolidScene({ onLost, ...props }: SolidSceneProps) {
  return (
    <Canvas
      orthographic
      frameloop="demand"
      dpr={[1, 2]}
      onCreated={({ gl }) => {
        gl.localClippingEnabled = true;
      }}
    >
      <ambientLight intensity={1.4} />
      <directionalLight position={[2, 4, 3]} intensity={1.8} />
      <directionalLight position={[-3, 1, -2]} intensity={0.5} />
      <Watch onLost={onLost} />
      <Bodies {...props} />
    </Canvas>
  );
}
