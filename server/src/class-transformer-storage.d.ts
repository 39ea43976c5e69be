declare module 'class-transformer/cjs/storage.js' {
  import type { IOptions } from 'class-validator-jsonschema/build/options.js';

  const storage: { readonly defaultMetadataStorage: IOptions['classTransformerMetadataStorage'] };
  export default storage;
}
