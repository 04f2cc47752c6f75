#!/usr/bin/env node
/** Starts Diatonix, or carries out one of its commands: what begins with a word is a command. */
const [first] = process.argv.slice(2);
const isCommand = first !== undefined && (!first.startsWith('--') || first === '--help');
await import(isCommand ? './lib/command.mjs' : './lib/server.mjs');
