export { createApp } from './create-app.js';
export { connect } from './database/connect.js';
export { migrate, schemaMismatch } from './database/migrate.js';
export { loadDemo } from './demo/load-demo.js';
export { readConfig, type ServerConfig } from './config.js';
