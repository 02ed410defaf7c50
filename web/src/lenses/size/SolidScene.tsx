import { Canvas, useThree } from '@react-three/fiber';
import { useEffect, useMemo } from 'react';
import {
  BufferAttribute,
  BufferGeometry,
  Color,
  DoubleSide,
  type OrthographicCamera,
  Plane,
  Vector3,
} from 'three';
import type { SolidTriangles } from '../../workers/solidMessages.ts';

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
  readonly isClear: boolean;
  /** Height of the cut as a share of the thing; null for none. */
  readonly cut: number | null;
}

const RADIANS = Math.PI / 180;

function geometryOf({ positions, triangles }: SolidTriangles): BufferGeometry {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(positions, 3));
  geometry.setIndex(new BufferAttribute(triangles, 1));
  geometry.computeVertexNormals();
  geometry.computeBoundingBox();
  return geometry;
}

function useGeometry(triangles: SolidTriangles | null): BufferGeometry | null {
  const geometry = useMemo(() => triangles && geometryOf(triangles), [triangles]);
  useEffect(() => () => geometry?.dispose(), [geometry]);
  return geometry;
}

/** A colour of the drawings, as the page has it now. */
function colourOf(name: string): Color {
  return new Color(getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim());
}

function Stand({
  geometry,
  standpoint,
  zoom,
}: { geometry: BufferGeometry } & Pick<SceneProps, 'standpoint' | 'zoom'>) {
  const { camera, size, invalidate } = useThree();
  useEffect(() => {
    const box = geometry.boundingBox;
    if (!box) return;
    const middle = box.getCenter(new Vector3());
    const span = box.getSize(new Vector3());
    const reach = span.length();
    const [around, above] = [standpoint.around * RADIANS, standpoint.above * RADIANS];
    camera.position.set(
      middle.x + reach * 2 * Math.sin(around) * Math.cos(above),
      middle.y + reach * 2 * Math.sin(above),
      middle.z + reach * 2 * Math.cos(around) * Math.cos(above),
    );
    // Straight from above the far side of the thing is up on the screen.
    camera.up.set(0, Math.cos(above) < 1e-3 ? 0 : 1, Math.cos(above) < 1e-3 ? -1 : 0);
    camera.lookAt(middle);
    const ortho = camera as OrthographicCamera;
    const wide = Math.hypot(span.x, span.z);
    ortho.zoom =
      zoom *
      0.9 *
      Math.min(size.width / Math.max(wide, 1e-6), size.height / Math.max(span.y, wide * 0.4, 1e-6));
    ortho.near = 0;
    ortho.far = reach * 4;
    ortho.updateProjectionMatrix();
    invalidate();
  }, [camera, geometry, standpoint, zoom, size, invalidate]);
  return null;
}

function Bodies({ skin, core, isClear, cut, ...view }: SceneProps) {
  const { invalidate } = useThree();
  const outer = useGeometry(skin);
  const inner = useGeometry(core);
  const planes = useMemo(() => {
    const box = outer?.boundingBox;
    if (cut === null || !box) return [];
    return [new Plane(new Vector3(0, -1, 0), box.min.y + (box.max.y - box.min.y) * cut)];
  }, [outer, cut]);
  useEffect(() => {
    invalidate();
  });
  if (!outer) return null;
  return (
    <>
      <Stand geometry={outer} {...view} />
      <mesh geometry={outer} renderOrder={1}>
        <meshStandardMaterial
          color={colourOf('raw')}
          roughness={0.85}
          side={DoubleSide}
          clippingPlanes={planes}
          transparent={isClear}
          opacity={isClear ? 0.35 : 1}
          depthWrite={!isClear}
        />
      </mesh>
      {inner && (isClear || cut !== null) && (
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
    </>
  );
}

/** The solid in space: an orthographic view, as drawings are. */
export default function SolidScene(props: SceneProps) {
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
      <Bodies {...props} />
    </Canvas>
  );
}
