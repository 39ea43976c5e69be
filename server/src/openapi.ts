import { SwaggerModule, DocumentBuilder, type OpenAPIObject } from '@nestjs/swagger';
import type { INestApplication } from '@nestjs/common';
import classTransformer from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';

/** Describes the API: paths from the controllers, shapes from the contract's validators. */
export function describeApi(app: INestApplication): OpenAPIObject {
  const options = new DocumentBuilder().setTitle('Fornax').setDescription('Classes, recipes and plans of one kitchen.').setVersion('0.1.0').addCookieAuth('fornax').build();
  const document = SwaggerModule.createDocument(app, options);
  const schemas = validationMetadatasToSchemas({ classTransformerMetadataStorage: classTransformer.defaultMetadataStorage, refPointerPrefix: '#/components/schemas/' });
  document.components = { ...document.components, schemas: { ...document.components?.schemas, ...schemas } as NonNullable<OpenAPIObject['components']>['schemas'] };
  return document;
}
