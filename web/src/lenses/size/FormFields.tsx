import {
  BEAST_BUILDS,
  BEAST_POSES,
  BIRD_BUILDS,
  type CrawlerForm,
  choicesOf,
  type Form,
  type MeshForm,
  PERSON_POSES,
  type PersonForm,
  ROUND_CRESTS,
  type TreeForm,
} from '@every-inch/core/form';
import { LIMITS, type Limit, type Part, typedLimits } from '@every-inch/core/piece';
import { realMm } from '@every-inch/core/units';
import { Choice } from '../../parts/Choice.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { useLifeFormat } from '../../parts/lengths.ts';
import { NumberField } from '../../parts/NumberField.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';

interface FieldsProps<F extends Form = Form> {
  readonly part: Part;
  readonly form: F;
}

interface ChooserProps<T extends string> {
  readonly part: Part;
  readonly field: string;
  readonly label: string;
  readonly value: T;
  readonly table: Readonly<Record<T, string>>;
}

/** One of a form’s choices. */
function Chooser<T extends string>({ part, field, label, value, table }: ChooserProps<T>) {
  const set = usePartEdit(part);
  return (
    <Choice
      label={label}
      value={value}
      options={choicesOf(table).map((key) => ({ value: key, says: table[key] }))}
      onChoose={(chosen) => set(`form.${field}`, chosen, label.toLowerCase())}
    />
  );
}

interface CountProps {
  readonly part: Part;
  readonly field: string;
  readonly label: string;
  readonly value: number;
  readonly limit: Limit;
}

function Count({ part, field, label, value, limit }: CountProps) {
  const set = usePartEdit(part);
  return (
    <NumberField
      label={label}
      value={value}
      {...typedLimits(limit)}
      entry={['parts', part.id, 'form', field]}
      className="w-14"
      onNumber={(number) => set(`form.${field}`, number, label.toLowerCase())}
    />
  );
}

function Build({ part, value }: { readonly part: Part; readonly value: number }) {
  const set = usePartEdit(part);
  return (
    <NumberField
      {...typedLimits(LIMITS.personForm.build)}
      entry={['parts', part.id, 'form', 'build']}
      label="Build"
      value={value}
      onNumber={(number) => set('form.build', number, 'build')}
      after="×"
      className="w-14"
    />
  );
}

function PersonFields({ part, form }: FieldsProps<PersonForm>) {
  const set = usePartEdit(part);
  return (
    <>
      <NumberField
        {...typedLimits(LIMITS.personForm.headsTall)}
        entry={['parts', part.id, 'form', 'headsTall']}
        label="Heads tall"
        value={form.headsTall}
        placeholder="life-like"
        onNumber={(value) => set('form.headsTall', value, 'heads')}
        onEmpty={() => set('form.headsTall', null, 'heads')}
      />
      <Build part={part} value={form.build} />
      <Chooser part={part} field="pose" label="Pose" value={form.pose} table={PERSON_POSES} />
    </>
  );
}

function CrawlerFields({ part, form }: FieldsProps<CrawlerForm>) {
  return (
    <>
      <Count
        part={part}
        field="sections"
        label="Body sections"
        value={form.sections}
        limit={LIMITS.crawlerForm.sections}
      />
      <Count
        part={part}
        field="legPairs"
        label="Pairs of legs"
        value={form.legPairs}
        limit={LIMITS.crawlerForm.legPairs}
      />
      <Count
        part={part}
        field="legSegments"
        label="Segments a leg"
        value={form.legSegments}
        limit={LIMITS.crawlerForm.legSegments}
      />
    </>
  );
}

function TreeFields({ part, form }: FieldsProps<TreeForm>) {
  const set = usePartEdit(part);
  return (
    <>
      <Count part={part} field="forks" label="Forks" value={form.forks} limit={LIMITS.treeForm.forks} />
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() => set('form.seed', form.seed + 1, 'another growth')}
      >
        grow another
      </button>
    </>
  );
}

const FILE_UNITS = [
  ['mm', 1],
  ['cm', 10],
  ['inch', 25.4],
  ['m', 1000],
] as const;

/** The unit and the upright of a solid brought in: its file names neither. */
function MeshFields({ part, form }: FieldsProps<MeshForm>) {
  const set = usePartEdit(part);
  const unit = FILE_UNITS.find(([, mm]) => mm === form.unitMm)?.[0] ?? 'own';
  return (
    <>
      <Choice
        label="Its file is in"
        value={unit}
        options={[
          ...FILE_UNITS.map(([name]) => ({ value: name, says: name })),
          ...(unit === 'own' ? [{ value: 'own' as const, says: 'a scale of its own' }] : []),
        ]}
        onChoose={(name) =>
          set('form.unitMm', FILE_UNITS.find(([one]) => one === name)?.[1] ?? form.unitMm, 'unit')
        }
      />
      <Choice
        label="Up is"
        value={form.upright}
        options={[
          { value: 'z', says: 'its z axis' },
          { value: 'y', says: 'its y axis' },
        ]}
        onChoose={(axis) => set('form.upright', axis, 'upright')}
      />
    </>
  );
}

/** What of a form is chosen or counted rather than measured. */
export function FormFields({ part }: { readonly part: Part }) {
  const { form } = part;
  switch (form.kind) {
    case 'person':
      return <PersonFields part={part} form={form} />;
    case 'beast':
      return (
        <>
          <Chooser
            part={part}
            field="proportions"
            label="Built like a"
            value={form.proportions}
            table={BEAST_BUILDS}
          />
          <Build part={part} value={form.build} />
          <Chooser part={part} field="pose" label="Pose" value={form.pose} table={BEAST_POSES} />
        </>
      );
    case 'bird':
      return (
        <>
          <Chooser
            part={part}
            field="proportions"
            label="Built like a"
            value={form.proportions}
            table={BIRD_BUILDS}
          />
          <Build part={part} value={form.build} />
        </>
      );
    case 'crawler':
      return <CrawlerFields part={part} form={form} />;
    case 'round':
      return <Chooser part={part} field="crest" label="Crest" value={form.crest} table={ROUND_CRESTS} />;
    case 'tree':
      return <TreeFields part={part} form={form} />;
    case 'mesh':
      return <MeshFields part={part} form={form} />;
    default:
      return null;
  }
}

const CLOTHES = [
  ['headMm', 'Head'],
  ['trunkMm', 'Trunk'],
  ['armsMm', 'Arms'],
  ['legsMm', 'Legs'],
] as const;

/** What clothes add to a person, region by region. */
export function ClothingFields({ part, form }: FieldsProps<PersonForm>) {
  const set = usePartEdit(part);
  const format = useLifeFormat();
  const { clothing } = form;
  const worn = CLOTHES.some(([field]) => clothing[field] > 0) || clothing.hemMm !== null;
  return (
    <details className="mt-3" open={worn || undefined}>
      <summary className="heading cursor-pointer">Clothes, thickness in life</summary>
      <div className="mt-1 flex flex-wrap gap-4">
        {CLOTHES.map(([field, label]) => (
          <LengthField
            key={field}
            label={label}
            entry={['parts', part.id, 'form', 'clothing', field]}
            shown={format(realMm(clothing[field]))}
            unit="mm"
            sign="nonNegative"
            onLength={(mm) => set(`form.clothing.${field}`, mm, `clothes on the ${label.toLowerCase()}`)}
          />
        ))}
        <LengthField
          label="Coat or skirt to"
          entry={['parts', part.id, 'form', 'clothing', 'hemMm']}
          shown={clothing.hemMm === null ? '' : format(realMm(clothing.hemMm))}
          placeholder="no coat"
          unit="mm"
          onLength={(mm) => set('form.clothing.hemMm', mm, 'hem')}
          onEmpty={() => set('form.clothing.hemMm', null, 'hem')}
        />
        <span className="self-end pb-1 text-[13px] text-quiet">above the sole, standing</span>
      </div>
    </details>
  );
}
