import { SwaggerModule, DocumentBuilder, type OpenAPIObject } from '@nestjs/swagger';
import { Controller, Get, Injectable, Module, type INestApplication } from '@nestjs/common';
import classTransformer from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';

/** Describes the API: paths from the controllers, shapes from the contract's validators. */
export function describeApi(app: INestApplication): OpenAPIObject {
  const options = new DocumentBuilder()
    .setTitle('Fornax')
    .setDescription('Classes, recipes and plans of one kitchen.')
    .setVersion('0.1.0')
    .addCookieAuth('fornax')
    .build();
  const document = SwaggerModule.createDocument(app, options);
  const schemas = validationMetadatasToSchemas({
    classTransformerMetadataStorage: classTransformer.defaultMetadataStorage,
    refPointerPrefix: '#/components/schemas/',
  });
  const described = { ...document.components?.schemas, ...schemas };
  document.components = {
    ...document.components,
    schemas: withoutEmptyReferences(described, new Set(Object.keys(described))) as NonNullable<
      OpenAPIObject['components']
    >['schemas'],
  };
  return document;
}

/** Lists and free-form objects are no shapes of their own: what stands beside a reference to one holds. */
function withoutEmptyReferences(value: unknown, names: ReadonlySet<string>): unknown {
  if (Array.isArray(value)) return value.map((each) => withoutEmptyReferences(each, names));
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).filter(
    ([key, of]) => key !== '$ref' || names.has(String(of).split('/').pop()!),
  );
  return Object.fromEntries(entries.map(([key, of]) => [key, withoutEmptyReferences(of, names)]));
}

/** Holds the description, which can only be written once all routes are known. */
@Injectable()
export class ApiDescription {
  document: OpenAPIObject | null = null;
}

@Controller('api/openapi.json')
class OpenApiController {
  constructor(private readonly description: ApiDescription) {}

  @Get()
  describe(): OpenAPIObject | null {
    return this.description.document;
  }
}

@Module({ controllers: [OpenApiController], providers: [ApiDescription] })
export class OpenApiModule {}
