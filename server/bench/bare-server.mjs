import 'reflect-metadata';
import process from 'node:process';
import { Controller, Get, Module } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { DataTypes, Sequelize } from 'sequelize';

/**
 * The least that a server of this kind can do, to hold the real one against: Nest, Sequelize, one row by its
 * key, as JSON. Its database is FORNAX_DATABASE, its port PORT.
 */
const sequelize = new Sequelize(process.env.FORNAX_DATABASE, {
  dialect: 'mariadb',
  logging: false,
  pool: { max: 8, min: 0 },
});
const Row = sequelize.define(
  'bare',
  { id: { type: DataTypes.INTEGER, primaryKey: true }, title: DataTypes.STRING(160) },
  { tableName: 'bare_rows', timestamps: false },
);
await Row.sync();
await Row.upsert({ id: 1, title: 'One row' });

class BareController {
  read() {
    return Row.findByPk(1);
  }
}
Get()(BareController.prototype, 'read', Object.getOwnPropertyDescriptor(BareController.prototype, 'read'));
Controller('bare')(BareController);
class BareModule {}
Module({ controllers: [BareController] })(BareModule);

const app = await NestFactory.create(BareModule, { logger: false });
await app.listen(Number(process.env.PORT), '127.0.0.1');
process.send?.({ ready: true });
process.once('disconnect', () => process.exit(0));
