/** What the `@Type` decorators left behind; the package ships no declaration for this file. */
declare module 'class-transformer/cjs/storage.js' {
  export const defaultMetadataStorage: import('class-transformer/types/MetadataStorage').MetadataStorage;
}
