import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsObject, ValidateNested } from 'class-validator';

type ClassOf = () => new () => object;

/** A field that is an object of a class, and nothing that only looks like one: a list is none. */
export function Nested(type: ClassOf): PropertyDecorator {
  return all(IsObject(), ValidateNested(), Type(type));
}

/** A field that is a list of objects of a class. */
export function NestedList(
  type: ClassOf,
  { most, least }: { most?: number; least?: number } = {},
): PropertyDecorator {
  return all(
    IsArray(),
    ...(least === undefined ? [] : [ArrayMinSize(least)]),
    ...(most === undefined ? [] : [ArrayMaxSize(most)]),
    IsObject({ each: true }),
    ValidateNested({ each: true }),
    Type(type),
  );
}

/** A field that is an object of one of several classes, chosen by its `kind`. */
export function NestedKind(
  type: ClassOf,
  subTypes: { readonly name: string; readonly value: new () => object }[],
): PropertyDecorator {
  return all(
    IsObject(),
    ValidateNested(),
    Type(type, { keepDiscriminatorProperty: true, discriminator: { property: 'kind', subTypes } }),
  );
}

function all(...checks: readonly PropertyDecorator[]): PropertyDecorator {
  return (target, property) => {
    for (const check of checks) check(target, property);
  };
}
